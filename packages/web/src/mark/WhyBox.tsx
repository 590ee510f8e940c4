/** Points and why: how a mark is decided at either desk. Enter sends. */
import { useEffect, useRef, type ReactNode } from 'react';
import { Controller, type Control, type UseFormRegister } from 'react-hook-form';
import { OneOf } from '../kit/Choices.js';
import { Field } from '../kit/Field.js';
import { Textarea } from '../kit/Input.js';
import { Notice } from '../kit/Notice.js';

export interface Decision {
  points: number;
  reason: string;
}
interface WhyBoxProps {
  readonly max: number;
  readonly form: {
    readonly control: Control<Decision>;
    readonly register: UseFormRegister<Decision>;
    readonly at: (field: 'points' | 'reason') => string | undefined;
    readonly problem: string | undefined;
    readonly submit: () => void;
  };
  readonly help: string;
  /** Another value than before brings the box to hand: points were set from the keyboard. */
  readonly goTo: unknown;
  /** Between the points and why. */
  readonly children?: ReactNode;
}

export function WhyBox({ max, form, help, goTo, children }: WhyBoxProps) {
  const why = useRef<HTMLTextAreaElement>(null);
  useEffect(() => {
    if (goTo) why.current?.focus();
  }, [goTo]);
  const reason = form.register('reason');
  return (
    <>
      <Controller
        name="points"
        control={form.control}
        render={({ field }) => (
          <OneOf
            label="Points"
            choices={Array.from({ length: max + 1 }, (_, n) => ({ id: String(n), label: `${n} of ${max}` }))}
            chosen={String(field.value)}
            choose={(n) => field.onChange(Number(n))}
          />
        )}
      />
      {children}
      <Field label="Why" help={help} error={form.at('reason') ?? form.at('points')}>
        <Textarea
          rows={2}
          {...reason}
          ref={(box: HTMLTextAreaElement | null) => {
            reason.ref(box);
            why.current = box;
          }}
          onKeyDown={(e) => {
            if (e.key === 'Enter' && !e.shiftKey) {
              e.preventDefault();
              form.submit();
            }
          }}
        />
      </Field>
      {form.problem && <Notice tone="stop">{form.problem}</Notice>}
    </>
  );
}
