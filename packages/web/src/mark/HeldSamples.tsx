/** A bottle that held something else than its label or the list said: marks against what it truly held, shown before and after. */
import { Box, chakra } from '@chakra-ui/react';
import type { HeldChange, Lesson } from '@kivex/contract';
import { holdsOf, isAnionId, isCationId, speciesName, syllabusFor } from '@kivex/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Fold } from '../kit/Fold.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { dayAndTime } from '../kit/moments.js';
import { Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { askNow, nowOrNever } from '../kit/request/now-or-never.js';
import { useSentForm } from '../kit/request/use-sent-form.js';
import { Select } from '../kit/Select.js';
import { Tile } from '../kit/Tile.js';
import { Effect } from './Effect.js';

export function HeldSamples({ lesson }: { readonly lesson: Lesson }) {
  const changes = useQuery({
    queryKey: ['held-samples', lesson.id],
    queryFn: () => call('GET /api/lessons/:lesson/marks/held', { lesson: lesson.id }),
  });
  const refresh = useAfterChange(lesson.id);
  const undo = useMutation({
    ...nowOrNever,
    mutationFn: ({ sample, before }: HeldChange) =>
      call('POST /api/lessons/:lesson/marks/held', {
        lesson: lesson.id,
        body: { sample, ions: before, reason: 'Taken back' },
      }),
    onSuccess: refresh,
  });
  return (
    <Tile display="grid" gap="2">
      <chakra.h2 fontSize="lg">A bottle that held something else</chakra.h2>
      {changes.data?.map((change) => (
        <Box key={change.id} borderLeft="4px solid" borderColor="permanganate.line" pl="2">
          <div>
            {change.by}, {dayAndTime(change.at)}: <b>{change.label}</b> held {holdsOf({ ions: change.after })}
            , not {holdsOf({ ions: change.before })}. {change.reason}.
          </div>
          {change.stands && change.reason !== 'Taken back' && (
            <Button size="small" disabled={undo.isPending} onClick={() => undo.mutate(change)}>
              <Undo2 size={16} aria-hidden /> Take it back
            </Button>
          )}
        </Box>
      ))}
      {undo.error && <Notice tone="stop">{undo.error.message}</Notice>}
      {lesson.state === 'released' ? (
        <p>These marks have been given out. Take them back before a sample is corrected.</p>
      ) : (
        <Correct lesson={lesson} />
      )}
    </Tile>
  );
}

function useAfterChange(lesson: string) {
  const cache = useQueryClient();
  return () =>
    Promise.all(
      [
        ['held-samples', lesson],
        ['marks', lesson],
        ['lesson', lesson],
        ['review', lesson],
      ].map((queryKey) => cache.invalidateQueries({ queryKey })),
    );
}

function Correct({ lesson }: { readonly lesson: Lesson }) {
  const [sample, setSample] = useState('');
  const [cation, setCation] = useState('');
  const [anion, setAnion] = useState('');
  const of = lesson.samples.find((s) => s.id === sample);
  const ions = [cation, anion].filter(Boolean);
  const other = of && ions.length > 0 && ions.join() !== of.ions.join();
  const { cations, anions } = syllabusFor(lesson.practical);
  const preview = useQuery({
    ...askNow,
    queryKey: ['held-preview', lesson.id, sample, ions.join()],
    queryFn: () =>
      call('POST /api/lessons/:lesson/marks/held/preview', { lesson: lesson.id, body: { sample, ions } }),
    enabled: Boolean(other),
  });
  const refresh = useAfterChange(lesson.id);
  const form = useSentForm({
    defaults: { reason: '' },
    fields: ['reason'],
    send: async ({ reason }: { reason: string }) => {
      await call('POST /api/lessons/:lesson/marks/held', {
        lesson: lesson.id,
        body: { sample, ions, reason },
      });
      setSample('');
      form.reset({ reason: '' });
      await refresh();
    },
  });
  const pick = (id: string) => {
    const next = lesson.samples.find((s) => s.id === id);
    setSample(id);
    setCation(next?.ions.find(isCationId) ?? '');
    setAnion(next?.ions.find(isAnionId) ?? '');
  };
  const lists = [
    { label: 'Cation', value: cation, set: setCation, ids: cations },
    { label: 'Anion', value: anion, set: setAnion, ids: anions },
  ] as const;
  return (
    <Fold title="Correct what a sample held">
      <Box display="flex" gap="3" flexWrap="wrap" mt="1">
        <Box width="16rem">
          <Field size="small" label="Sample">
            <Select size="small" value={sample} onChange={(e) => pick(e.target.value)}>
              <option value="">Choose</option>
              {lesson.samples.map(({ id, label, holds }) => (
                <option key={id} value={id}>
                  {label === holds ? label : `${label}: ${holds}`}
                </option>
              ))}
            </Select>
          </Field>
        </Box>
        {of &&
          lists.map(({ label, value, set, ids }) => (
            <Box key={label} width="11rem">
              <Field size="small" label={label}>
                <Select size="small" value={value} onChange={(e) => set(e.target.value)}>
                  <option value="">none</option>
                  {[...new Set([...(value ? [value] : []), ...ids])].map((id) => (
                    <option key={id} value={id}>
                      {speciesName(id)}
                    </option>
                  ))}
                </Select>
              </Field>
            </Box>
          ))}
      </Box>
      {other && (
        <Form display="grid" gap="2" mt="2" onSubmit={form.submit}>
          {!preview.error && <Effect preview={preview.data} busy={preview.isPending} />}
          {preview.error && <Notice tone="stop">{preview.error.message}</Notice>}
          <Field label="How it came out" help="Kept with your name and the time." error={form.at('reason')}>
            <Input {...form.register('reason')} />
          </Field>
          {form.problem && <Notice tone="stop">{form.problem}</Notice>}
          <Box>
            <Button type="submit" variant="go" loading={form.busy}>
              Mark against {holdsOf({ ions })}
            </Button>
          </Box>
        </Form>
      )}
    </Fold>
  );
}
