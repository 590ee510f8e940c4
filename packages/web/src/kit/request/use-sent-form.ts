/** One way of forms: what is entered is sent, the server's sentences come to the fields they concern, and nothing entered is lost. */
import { useCallback, useEffect, useState } from 'react';
import {
  useForm,
  type DefaultValues,
  type FieldValues,
  type Path,
  type UseFormReturn,
} from 'react-hook-form';
import { placeProblem } from './form-problems.js';

interface SentForm<Values extends FieldValues> {
  readonly defaults: DefaultValues<Values>;
  /** Fields that can show what is wrong; whatever else is wrong is said above the button. */
  readonly fields: readonly Path<Values>[];
  /** Sends it; a RequestProblem thrown is placed. */
  readonly send: (entered: Values) => Promise<unknown>;
}

export interface SentFormState<Values extends FieldValues> extends UseFormReturn<Values> {
  /** For the form's `onSubmit`. */
  readonly submit: (event?: React.BaseSyntheticEvent) => void;
  readonly busy: boolean;
  readonly changed: boolean;
  /** What is wrong with no field in particular. */
  readonly problem: string | undefined;
  readonly at: (field: Path<Values>) => string | undefined;
}

export function useSentForm<Values extends FieldValues>({
  defaults,
  fields,
  send,
}: SentForm<Values>): SentFormState<Values> {
  const form = useForm<Values>({ defaultValues: defaults });
  const [problem, setProblem] = useState<string>();
  const { errors, isSubmitting, isDirty } = form.formState;
  useEffect(() => {
    if (!isDirty || isSubmitting) return;
    const leave = (event: BeforeUnloadEvent) => event.preventDefault();
    addEventListener('beforeunload', leave);
    return () => removeEventListener('beforeunload', leave);
  }, [isDirty, isSubmitting]);
  const submit = form.handleSubmit(async (entered) => {
    setProblem(undefined);
    try {
      await send(entered);
      form.reset(entered);
    } catch (error) {
      setProblem(placeProblem(error, fields, form.setError));
    }
  });
  const { reset } = form;
  return {
    ...form,
    // What was wrong with what is no longer there is wrong no more.
    reset: useCallback<typeof reset>(
      (...given) => {
        setProblem(undefined);
        reset(...given);
      },
      [reset],
    ),
    submit: (event?: React.BaseSyntheticEvent) => void submit(event),
    busy: isSubmitting,
    changed: isDirty,
    problem,
    at: (field: Path<Values>) => errors[field]?.message as string | undefined,
  };
}
