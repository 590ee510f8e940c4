/** The best runs of a class beside each other: each a strip of its steps, slips marked, any step told. */
import { Box, chakra } from '@chakra-ui/react';
import type { ScreenWork, StudentRun } from '@kivex/contract';
import {
  playRun,
  slipFacts,
  unknownExercise,
  type PlayedRun,
  type SlipCode,
  type Syllabus,
} from '@kivex/core';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { Failed, Loading, Notice } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { call } from '../kit/request/call.js';
import { askNow } from '../kit/request/now-or-never.js';
import { doing } from '../practise/doing.js';

interface ClassRunsProps {
  readonly lesson: string;
  readonly work: ScreenWork;
  readonly syllabus: Syllabus;
}

export function ClassRuns({ lesson, work, syllabus }: ClassRunsProps) {
  const runs = useQuery({
    ...askNow,
    queryKey: ['screen-runs', lesson],
    queryFn: () => call('GET /api/lessons/:lesson/screen-work/runs', { lesson }),
  });
  const exercise = useMemo(() => unknownExercise(syllabus, work.asks, work.seed), [syllabus, work]);
  const played = usePlayed(runs.data, exercise);
  const [at, setAt] = useState<{ readonly student: string; readonly step: number }>();
  if (isLacking(runs)) return <Failed error={runs.error} again={() => void runs.refetch()} />;
  if (!runs.data) return <Loading what="the runs" />;
  if (!runs.data.length) return <Notice>Nobody has sent a run in yet.</Notice>;
  const told = at && played.get(at.student)?.steps[at.step];
  return (
    <Box display="flex" flexDirection="column" gap="2">
      <Table label="Runs beside each other" heads={['Student', 'Named', 'Steps', 'Minutes', 'What was done']}>
        {runs.data.map(({ student, passed, actions }) => {
          const run = played.get(student.id);
          return (
            <Row key={student.id}>
              <Cell fontWeight="600" whiteSpace="nowrap">
                {student.name}
              </Cell>
              <Cell>{passed ? 'rightly' : 'not yet'}</Cell>
              <Cell>{actions.length}</Cell>
              <Cell>{run ? run.minutes.toFixed(1) : '…'}</Cell>
              <Cell>
                {run && (
                  <Strip
                    name={student.name}
                    run={run}
                    at={at?.student === student.id ? at.step : undefined}
                    choose={(step) => setAt({ student: student.id, step })}
                  />
                )}
              </Cell>
            </Row>
          );
        })}
      </Table>
      <Box role="status" minH="6">
        {told && (
          <>
            {doing(told.action)}: {told.text}{' '}
            {told.slips.map((code) => (
              <chakra.b key={code} color="cinnabar">
                {slipFacts[code as SlipCode]?.text ?? code}{' '}
              </chakra.b>
            ))}
          </>
        )}
      </Box>
    </Box>
  );
}

/** One run: a small square a step, those that slipped marked by colour and sign. */
function Strip({
  name,
  run,
  at,
  choose,
}: {
  readonly name: string;
  readonly run: PlayedRun;
  readonly at: number | undefined;
  readonly choose: (step: number) => void;
}) {
  return (
    <Box role="group" aria-label={`Steps of ${name}`} display="flex" flexWrap="wrap" gap="0.5" py="1">
      {run.steps.map((step, i) => {
        const slipped = step.slips.length > 0;
        return (
          <chakra.button
            key={i}
            type="button"
            aria-pressed={at === i}
            aria-label={`${i + 1}: ${doing(step.action)}${slipped ? `, slipped: ${step.slips.join(', ').replaceAll('-', ' ')}` : ''}`}
            title={doing(step.action)}
            onClick={() => choose(i)}
            width="6"
            height="6"
            borderRadius="tile"
            border="2px solid"
            borderColor={at === i ? 'permanganate' : slipped ? 'cinnabar' : 'slate.300'}
            bg={slipped ? 'cinnabar.wash' : 'slate.50'}
            color={slipped ? 'cinnabar' : 'ink.soft'}
            fontSize="xs"
            fontWeight="700"
            cursor="pointer"
            _focusVisible={{ outline: '3px solid', outlineColor: 'permanganate' }}
          >
            {slipped ? '!' : i + 1}
          </chakra.button>
        );
      })}
    </Box>
  );
}

/** Plays the runs one after the other, so that the page goes on answering. */
function usePlayed(
  runs: readonly StudentRun[] | undefined,
  exercise: ReturnType<typeof unknownExercise>,
): ReadonlyMap<string, PlayedRun> {
  const [played, setPlayed] = useState<ReadonlyMap<string, PlayedRun>>(new Map());
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const play = (i: number) => {
      const one = runs?.[i];
      if (!one) return;
      try {
        const run = playRun(exercise, one.actions);
        setPlayed((before) => new Map(before).set(one.student.id, run));
      } catch {
        // A run of another release that cannot be played any more keeps its count of steps.
      }
      timer = setTimeout(() => play(i + 1), 0);
    };
    timer = setTimeout(() => play(0), 0);
    return () => clearTimeout(timer);
  }, [runs, exercise]);
  return played;
}
