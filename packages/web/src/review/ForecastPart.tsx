/** What the rehearsal foretold and what happened; with the teacher's word it counts for the school's next rehearsals. */
import { Box, chakra } from '@chakra-ui/react';
import type { Lesson, LessonReview, SchoolSlips } from '@kivex/contract';
import { triedFactors, type AgreedLesson } from '@kivex/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Notice } from '../kit/Notice.js';
import { ProgressBar } from '../kit/ProgressBar.js';
import { call } from '../kit/request/call.js';
import { nowOrNever } from '../kit/request/now-or-never.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';
import { rehearsalPlanOf } from '../lessons/rehearsal-plan-of.js';
import { called } from '../planning/planning-client.js';
import type { RatedForecast } from '../planning/planning-worker.js';
import { usePlanningRun } from '../planning/use-planning-run.js';
import { compared, fewestNames, paceWords, rateWords, sameRate, shownRate } from './forecast-facts.js';

const runs = 150;

type LessonPart = Pick<Lesson, 'id' | 'practical' | 'groupList' | 'planning' | 'samples'>;

export function ForecastPart({
  lesson,
  review,
}: {
  readonly lesson: LessonPart;
  readonly review: LessonReview;
}) {
  const [foretold, setForetold] = useState<readonly RatedForecast[]>();
  const { done, problem, stop, start } = usePlanningRun();
  const rehearse = () =>
    start(async (work, { stands, tell }) => {
      const found = await work.foretell(
        { ...rehearsalPlanOf(lesson), runs, seed: 1 },
        triedFactors,
        called(tell),
      );
      if (stands()) setForetold(found);
    });
  return (
    <Tile display="flex" flexDirection="column" gap="3">
      <chakra.h2 fontSize="lg">Foretold, and what happened</chakra.h2>
      {problem && <Notice tone="stop">{problem}</Notice>}
      {foretold ? (
        <Forecast lesson={lesson.id} setUp={lesson.practical.setUp} review={review} foretold={foretold} />
      ) : done === undefined ? (
        <>
          <p>
            The lesson is rehearsed once more as it was planned, at several rates of slips, and laid beside
            what happened.
          </p>
          <Box>
            <Button variant="go" onClick={() => void rehearse()}>
              Rehearse it
            </Button>
          </Box>
        </>
      ) : (
        <Box role="status">
          <ProgressBar name="Rates tried" done={done} of={triedFactors.length} />
          <Box display="flex" gap="3" alignItems="center" mt="2">
            {done} of {triedFactors.length} rates of slips tried
            <Button size="small" onClick={stop}>
              Stop
            </Button>
          </Box>
        </Box>
      )}
    </Tile>
  );
}

/** The comparison, and the word on it. */
export function Forecast({
  lesson,
  setUp,
  review: { outcome, agreed, open },
  foretold,
}: {
  readonly lesson: string;
  /** Minutes before the first test. */
  readonly setUp: number;
  readonly review: Pick<LessonReview, 'outcome' | 'agreed' | 'open'>;
  readonly foretold: readonly RatedForecast[];
}) {
  const cache = useQueryClient();
  const rate = shownRate(outcome, foretold, setUp);
  const say = useMutation({
    ...nowOrNever,
    mutationFn: (body: AgreedLesson | null): Promise<SchoolSlips> =>
      body
        ? call('PUT /api/lessons/:lesson/review/slips', { lesson, body })
        : call('DELETE /api/lessons/:lesson/review/slips', { lesson }),
    onSuccess: (school) => {
      cache.setQueryData(['school-slips'], school);
      return cache.invalidateQueries({ queryKey: ['review', lesson] });
    },
  });
  return (
    <>
      <Table label="Foretold and happened" heads={['', 'Foretold, at the usual slips', 'Happened']}>
        {compared(outcome, foretold).map((row) => (
          <Row key={row.what}>
            <Cell>{row.what}</Cell>
            <Cell>{row.foretold}</Cell>
            <Cell fontWeight="600">{row.happened}</Cell>
          </Row>
        ))}
      </Table>
      {rate ? (
        <p>
          At {rateWords(rate.factor)} the rehearsal foretells this many right names
          {rate.pace && `, and half the groups worked ${paceWords(rate.pace)}`}. It may count for your
          school’s rehearsals: they begin with what lessons like this one showed, and come nearer the more
          there are.
        </p>
      ) : (
        <p>
          Of fewer than {fewestNames} names nothing can be said about how often the class slips:{' '}
          {outcome.names.n} {outcome.names.n === 1 ? 'was' : 'were'} marked.
        </p>
      )}
      {rate && open > 0 && !agreed && (
        <Notice tone="look">
          Some answers still want a person; the rate may change when they are decided.
        </Notice>
      )}
      {say.error && <Notice tone="stop">{say.error.message}</Notice>}
      <Box display="flex" gap="3" flexWrap="wrap" alignItems="center">
        {rate && (
          <Button
            variant={agreed ? 'plain' : 'go'}
            disabled={say.isPending || sameRate(agreed, rate)}
            onClick={() => say.mutate(rate)}
          >
            {agreed ? 'Count it as it is now' : 'Let it count'}
          </Button>
        )}
        {agreed && (
          <>
            <Button disabled={say.isPending} onClick={() => say.mutate(null)}>
              Take it back
            </Button>
            <span>
              It counts, at {rateWords(agreed.factor)}
              {agreed.pace && `, ${paceWords(agreed.pace)}`}.
            </span>
          </>
        )}
      </Box>
    </>
  );
}
