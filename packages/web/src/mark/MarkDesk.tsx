/** One mark at the desk: the answer, the truth, the student's own record and the rule that fired, in one glance. */
import { Box, chakra } from '@chakra-ui/react';
import type { Lesson, MarkCell, MarkRow, WireEvent } from '@kivex/contract';
import { attributeOf, expectationOf, readGroup, testOf } from '@kivex/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Button } from '../kit/Button.js';
import { EntryWells, EntryWords } from '../bench/Entries.js';
import { Field } from '../kit/Field.js';
import { OneOf } from '../kit/Choices.js';
import { Textarea } from '../kit/Input.js';
import { dayAndTime } from '../kit/moments.js';
import { Notice } from '../kit/Notice.js';
import { request, RequestProblem } from '../kit/request/request.js';
import { Tile } from '../kit/Tile.js';
import { Well } from '../kit/well/Well.js';

interface MarkDeskProps {
  readonly lesson: Lesson;
  readonly row: MarkRow;
  readonly cell: MarkCell;
  readonly events: readonly WireEvent[];
  /** Points set from the keyboard, the reason still to come. */
  readonly draft: { readonly points: number } | undefined;
  readonly close: () => void;
  readonly next: () => void;
}

export function MarkDesk({ lesson, row, cell, events, draft, close, next }: MarkDeskProps) {
  const cache = useQueryClient();
  const [points, setPoints] = useState(cell.points);
  const [reason, setReason] = useState('');
  const why = useRef<HTMLTextAreaElement>(null);
  useEffect(() => {
    if (!draft) return;
    setPoints(draft.points);
    why.current?.focus();
  }, [draft]);
  const save = useMutation({
    mutationFn: () =>
      request<MarkCell>('POST', `/api/lessons/${lesson.id}/marks/${cell.id}/changes`, { points, reason }),
    onSuccess: async () => {
      setReason('');
      await cache.invalidateQueries({ queryKey: ['marks', lesson.id] });
      next();
    },
  });
  const sample = lesson.samples.find((s) => s.id === cell.sample)!;
  const group = lesson.groupList.find((g) => g.students.some((s) => s.id === row.student.id));
  const entries = readGroup(events.filter((e) => e.group === group?.id)).observations.filter(
    (o) => o.body.sample === sample.id,
  );
  // The key of an observation names its test, but for the first of the practical.
  const planned =
    lesson.practical.tests.find((t) => t.test === cell.key.split(':')[2]) ?? lesson.practical.tests[0]!;
  const test = testOf(planned.test);
  const form = lesson.practical.samples.find((s) => s.key === sample.key)?.form;
  const shows = expectationOf(planned.test, sample.ions, { variant: planned.variant, form });
  const at = (field: string) =>
    save.error instanceof RequestProblem
      ? save.error.fields.find((f) => f.field === field)?.detail
      : undefined;

  return (
    <Tile
      p="4"
      position="sticky"
      top="4"
      display="flex"
      flexDirection="column"
      gap="3"
      aria-label="Marking desk"
    >
      <Box display="flex" justifyContent="space-between" gap="2">
        <chakra.h2 fontSize="lg">{row.student.name}</chakra.h2>
        <Button size="small" variant="quiet" onClick={close}>
          Close
        </Button>
      </Box>
      <Part
        title={
          cell.strand === 'observation'
            ? `Saw, for ${sample.label}${lesson.practical.tests.length > 1 ? `, ${test.name.split(':')[0]}` : ''}`
            : `Named ${sample.label}`
        }
      >
        <chakra.div fontSize="lg" fontWeight="600">
          {cell.answer || 'nothing written'}
        </chakra.div>
      </Part>
      <Part title="The truth">
        <chakra.div fontWeight="600">{sample.holds}</chakra.div>
        {planned.attributes.map((id) => (
          <Box key={id} display="flex" gap="2" alignItems="center" fontSize="sm">
            {(shows[id] ?? []).slice(0, 1).map((v) => (
              <Well
                key={v}
                look={attributeOf(test, id).values.find((x) => x.id === v)!.look}
                size={26}
                glass={attributeOf(test, id).reads === 'glass-colour'}
              />
            ))}
            {attributeOf(test, id).reads === 'glass-colour' ? 'glass: ' : ''}
            {(shows[id] ?? [])
              .map((v) => attributeOf(test, id).values.find((x) => x.id === v)?.label)
              .join(' or ')}
          </Box>
        ))}
      </Part>
      <Part title="Their record">
        {entries.length ? (
          entries.map((entry) => (
            <Box key={entry.id} display="flex" gap="2" alignItems="center" fontSize="sm">
              <EntryWells entry={entry} size={26} />
              <EntryWords entry={entry} several={lesson.practical.tests.length > 1} />
            </Box>
          ))
        ) : (
          <chakra.span color="ink.soft">nothing logged</chakra.span>
        )}
      </Part>
      <Part
        title={`Kivex gave ${cell.verdict === 'review' ? 'this to you' : cell.verdict === 'credit' ? 'the point' : 'no point'}`}
      >
        {cell.why.map((w) => (
          <div key={w.text}>{w.text}</div>
        ))}
      </Part>
      {cell.changes.map((change) => (
        <Box key={change.id} borderLeft="4px solid" borderColor="permanganate.line" pl="2" fontSize="sm">
          {change.by} set {change.points} on {dayAndTime(change.at)}: {change.reason}
        </Box>
      ))}
      <chakra.form
        display="flex"
        flexDirection="column"
        gap="2"
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          save.mutate();
        }}
      >
        <OneOf
          label="Points"
          choices={Array.from({ length: cell.max + 1 }, (_, n) => ({
            id: String(n),
            label: `${n} of ${cell.max}`,
          }))}
          chosen={String(points)}
          choose={(n) => setPoints(Number(n))}
        />
        <Field
          label="Why"
          help="Kept with the mark, with your name and the time."
          error={at('reason') ?? at('points')}
        >
          <Textarea
            ref={why}
            rows={2}
            value={reason}
            onChange={(e) => setReason(e.target.value)}
            onKeyDown={(e) => {
              if (e.key === 'Enter' && !e.shiftKey) {
                e.preventDefault();
                save.mutate();
              }
            }}
          />
        </Field>
        {save.error && !at('reason') && !at('points') && <Notice tone="stop">{save.error.message}</Notice>}
        <Box display="flex" gap="2" flexWrap="wrap">
          <Button type="submit" variant="go" disabled={save.isPending}>
            Save the mark
          </Button>
          <Button type="button" onClick={next}>
            Next (n)
          </Button>
        </Box>
      </chakra.form>
    </Tile>
  );
}

function Part({ title, children }: { readonly title: string; readonly children: React.ReactNode }) {
  return (
    <Box>
      <chakra.h3 fontSize="sm" color="ink.soft" fontWeight="600">
        {title}
      </chakra.h3>
      {children}
    </Box>
  );
}
