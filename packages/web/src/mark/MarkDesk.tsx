/** One mark at the desk: the answer, the truth, the student's own record and the rule that fired, in one glance. */
import { Box, chakra } from '@chakra-ui/react';
import type { Lesson, MarkCell, MarkQuestion, MarkRow, WireEvent } from '@kivex/contract';
import { attributeOf, equationsWanted, expectationOf, readGroup, testOf } from '@kivex/core';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Button } from '../kit/Button.js';
import { EntryWells, EntryWords } from '../bench/Entries.js';
import { Form } from '../kit/Form.js';
import { shortTestName } from '../kit/look-names.js';
import { dayAndTime } from '../kit/moments.js';
import { Notice } from '../kit/Notice.js';
import { address, call } from '../kit/request/call.js';
import { useSentForm } from '../kit/request/use-sent-form.js';
import { Tile } from '../kit/Tile.js';
import { Well } from '../kit/well/Well.js';
import { FlagPart } from './FlagPart.js';
import { Questions } from './Questions.js';
import { WhyBox } from './WhyBox.js';

interface MarkDeskProps {
  readonly lesson: Lesson;
  readonly row: MarkRow;
  readonly cell: MarkCell;
  readonly events: readonly WireEvent[];
  /** What the student asked about this mark. */
  readonly questions: readonly MarkQuestion[];
  /** Points set from the keyboard, the reason still to come. */
  readonly draft: { readonly points: number } | undefined;
  /** Tells the decision that was made. */
  readonly saved: (decision: string) => void;
  /** What a key could not do. */
  readonly problem?: string | undefined;
  readonly close: () => void;
  readonly next: () => void;
}

export function MarkDesk({
  lesson,
  row,
  cell,
  events,
  questions,
  draft,
  saved,
  problem,
  close,
  next,
}: MarkDeskProps) {
  const cache = useQueryClient();
  const form = useSentForm({
    defaults: { points: cell.points, reason: '' },
    fields: ['points', 'reason'],
    send: async (change) => {
      const { changes } = await call('POST /api/lessons/:lesson/marks/:mark/changes', {
        lesson: lesson.id,
        mark: cell.id,
        body: change,
      });
      saved(changes.at(-1)!.decision);
      await cache.invalidateQueries({ queryKey: ['marks', lesson.id] });
      next();
    },
  });
  const { setValue, submit } = form;
  useEffect(() => {
    if (!draft) return;
    setValue('points', draft.points);
  }, [draft, setValue]);
  const sample = lesson.samples.find((s) => s.id === cell.sample)!;
  const group = lesson.groupList.find((g) => g.students.some((s) => s.id === row.student.id));
  const entries = readGroup(events.filter((e) => e.group === group?.id)).observations.filter(
    (o) => o.body.sample === sample.id,
  );
  const planned = lesson.practical.tests.find((t) => t.test === cell.test) ?? lesson.practical.tests[0]!;
  const test = testOf(planned.test);
  const state = lesson.practical.samples.find((s) => s.key === sample.key)?.form;
  const shows = expectationOf(planned.test, sample.ions, { variant: planned.variant, form: state });
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
          {
            observation: `Saw, for ${sample.label}${lesson.practical.tests.length > 1 ? `, ${shortTestName(test.id)}` : ''}`,
            conclusion: `Named ${sample.label}`,
            equation: `Equation of ${sample.label}, ${shortTestName(test.id)}`,
            technique: `Technique of ${shortTestName(test.id)}`,
          }[cell.strand]
        }
      >
        <chakra.div fontSize="lg" fontWeight="600">
          {cell.answer || 'nothing written'}
        </chakra.div>
      </Part>
      {cell.strand !== 'technique' && (
        <Part title="The truth">
          <chakra.div fontWeight="600">{sample.holds}</chakra.div>
          {cell.strand === 'equation' &&
            equationsWanted(planned, { ions: sample.ions, form: state ?? 'solid' }).map((e) => (
              <chakra.div key={e.text} fontFamily="mono" fontSize="sm">
                {e.text}
              </chakra.div>
            ))}
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
      )}
      <Part title="Their record">
        {entries.length ? (
          entries.map((entry) => (
            <Box key={entry.id} display="flex" gap="2" alignItems="center" fontSize="sm">
              <EntryWells entry={entry} size={26} />
              <EntryWords entry={entry} several={lesson.practical.tests.length > 1} />
              {entry.body.photo && (
                <chakra.img
                  src={address('GET /api/lessons/:lesson/photos/:photo', {
                    lesson: lesson.id,
                    photo: entry.body.photo,
                  })}
                  alt="Picture of it"
                  maxW="6rem"
                  borderRadius="tile"
                />
              )}
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
      {cell.reopened && (
        <Notice tone="look">The answer has changed since it was marked; the mark is open again.</Notice>
      )}
      {cell.changes.map((change) => (
        <Box key={change.id} borderLeft="4px solid" borderColor="permanganate.line" pl="2" fontSize="sm">
          {change.by} {change.points === null ? 'gave it back to Kivex' : `set ${change.points}`} on{' '}
          {dayAndTime(change.at)}
          {change.answer !== cell.answer && ` for “${change.answer || 'nothing written'}”`}: {change.reason}
        </Box>
      ))}
      <FlagPart lesson={lesson.id} cell={cell} />
      {problem && <Notice tone="stop">{problem}</Notice>}
      <Questions lesson={lesson.id} questions={questions} />
      <Form display="flex" flexDirection="column" gap="2" onSubmit={submit}>
        <WhyBox
          max={cell.max}
          form={form}
          help="Kept with the mark, with your name and the time."
          goTo={draft}
        />
        <Box display="flex" gap="2" flexWrap="wrap">
          <Button type="submit" variant="go" loading={form.busy}>
            Save the mark
          </Button>
          <Button type="button" onClick={next}>
            Next (n)
          </Button>
        </Box>
      </Form>
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
