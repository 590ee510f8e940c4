/** What is set on screen: what for, what is to be named, which unknown, by when. */
import { screenWorkKinds, type NewScreenWork, type ScreenWorkKind } from '@kivex/contract';
import type { Asked } from '@kivex/core';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { Notice } from '../kit/Notice.js';
import { useSentForm } from '../kit/request/use-sent-form.js';
import { Select } from '../kit/Select.js';

const kindWords: Readonly<Record<ScreenWorkKind, string>> = {
  'pre-lab': 'Pre-lab: passed before the bench opens',
  'catch-up': 'Catch-up: for who missed the lesson',
  homework: 'Homework, by a day',
};
const askWords: Readonly<Record<Asked, string>> = {
  cation: 'a metal ion',
  anion: 'an anion',
  salt: 'a salt, both ions',
  gas: 'a gas',
  metal: 'a metal',
};

interface Entered {
  kind: ScreenWorkKind;
  asks: Asked;
  seed: string;
  due: string;
}

/** @throws nothing: what the server says against it stands at its field. */
export function ScreenWorkForm({
  now,
  set,
  asks,
}: {
  readonly now: NewScreenWork | null;
  readonly set: (work: NewScreenWork) => Promise<unknown>;
  readonly asks: readonly Asked[];
}) {
  const [some] = useState(() => 1 + Math.floor(Math.random() * 998));
  const { register, control, submit, busy, problem, at } = useSentForm<Entered>({
    defaults: {
      kind: now?.kind ?? 'pre-lab',
      asks: now?.asks ?? asks[0]!,
      seed: String(now?.seed ?? some),
      due: now?.due ?? '',
    },
    fields: ['kind', 'asks', 'seed', 'due'],
    send: ({ kind, asks: asked, seed, due }) =>
      set({ kind, asks: asked, seed: Number(seed), ...(kind === 'homework' && due ? { due } : {}) }),
  });
  const kind = useWatch({ control, name: 'kind' });
  return (
    <Form display="flex" flexWrap="wrap" gap="3" alignItems="end" onSubmit={submit}>
      <Field label="What for" width="auto" error={at('kind')}>
        <Select {...register('kind')}>
          {screenWorkKinds.map((k) => (
            <option key={k} value={k}>
              {kindWords[k]}
            </option>
          ))}
        </Select>
      </Field>
      <Field label="To be named" width="auto" error={at('asks')}>
        <Select {...register('asks')}>
          {asks.map((a) => (
            <option key={a} value={a}>
              {askWords[a]}
            </option>
          ))}
        </Select>
      </Field>
      <Field label="Number" width="8rem" error={at('seed')}>
        <Input inputMode="numeric" maxLength={5} {...register('seed')} />
      </Field>
      {kind === 'homework' && (
        <Field label="By" width="auto" error={at('due')}>
          <Input type="date" {...register('due')} />
        </Field>
      )}
      <Button type="submit" variant="go" loading={busy}>
        {now ? 'Set this in its place' : 'Set it'}
      </Button>
      {problem && <Notice tone="stop">{problem}</Notice>}
    </Form>
  );
}
