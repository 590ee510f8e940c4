/** Puts a sample of a bench away for another day: it gets a code to be written on it. */
import { Box, chakra } from '@chakra-ui/react';
import type { LessonSample } from '@kivex/contract';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { Notice } from '../kit/Notice.js';
import { useSentForm } from '../kit/request/use-sent-form.js';
import { Select } from '../kit/Select.js';
import type { BenchActs } from './board-acts.js';
import type { BenchStatus } from './bench-status.js';

/** Days a kept sample may stand, unless one says otherwise. */
const usualDays = 7;

export function KeepSample({
  bench,
  samples,
  acts,
}: {
  readonly bench: BenchStatus;
  readonly samples: readonly LessonSample[];
  readonly acts: BenchActs;
}) {
  const [code, setCode] = useState<string>();
  const form = useSentForm({
    defaults: { sample: '', place: '', days: String(usualDays) },
    fields: ['sample', 'place', 'days'],
    send: async ({ sample, place, days }) => {
      setCode(await acts.keep({ group: bench.group.id, sample, place, note: '', days: Number(days) }));
      form.reset();
    },
  });
  return (
    <Form onSubmit={form.submit} display="flex" flexDirection="column" gap="2">
      {code && (
        <Notice tone="go">
          Write on it:{' '}
          <chakra.b fontFamily="mono" fontSize="xl" letterSpacing="0.12em">
            {code}
          </chakra.b>
        </Notice>
      )}
      {form.problem && <Notice tone="stop">{form.problem}</Notice>}
      <Box display="grid" gridTemplateColumns="1fr 1fr 5rem" gap="2" alignItems="end">
        <Field label="Which" error={form.at('sample')}>
          <Select {...form.register('sample')}>
            <option value="">choose</option>
            {samples.map((s) => (
              <option key={s.id} value={s.id}>
                {s.label}
              </option>
            ))}
          </Select>
        </Field>
        <Field label="Where it stands" error={form.at('place')}>
          <Input maxLength={80} {...form.register('place')} />
        </Field>
        <Field label="Days" error={form.at('days')}>
          <Input inputMode="numeric" maxLength={2} {...form.register('days')} />
        </Field>
      </Box>
      <Button type="submit" disabled={form.busy || !form.watch('sample') || !form.watch('place').trim()}>
        Keep it
      </Button>
    </Form>
  );
}
