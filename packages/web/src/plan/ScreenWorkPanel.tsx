/** Work on screen for the students of a lesson: set, seen, waived. */
import { Box, chakra } from '@chakra-ui/react';
import type { ScreenWorkTable } from '@kivex/contract';
import { asksOf, syllabusFor } from '@kivex/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Fold } from '../kit/Fold.js';
import { Failed, Loading, Notice } from '../kit/Notice.js';
import { nowOrNever } from '../kit/request/now-or-never.js';
import { call } from '../kit/request/call.js';
import { Tile } from '../kit/Tile.js';
import { useThisLesson } from '../lessons/LessonFrame.js';
import { ClassRuns } from './ClassRuns.js';
import { ScreenSlips } from './ScreenSlips.js';
import { ScreenWorkForm } from './ScreenWorkForm.js';
import { ScreenWorkResults } from './ScreenWorkResults.js';

export function ScreenWorkPanel() {
  const lesson = useThisLesson();
  const cache = useQueryClient();
  const [runsOpen, setRunsOpen] = useState(false);
  const key = ['screen-work', lesson.id];
  const { data, error, refetch } = useQuery({
    queryKey: key,
    queryFn: () => call('GET /api/lessons/:lesson/screen-work', { lesson: lesson.id }),
  });
  const taken = { ...nowOrNever, onSuccess: (table: ScreenWorkTable) => cache.setQueryData(key, table) };
  const waive = useMutation({
    ...taken,
    mutationFn: (student: string) =>
      call('PUT /api/lessons/:lesson/screen-work/waived/:student', { lesson: lesson.id, student }),
  });
  const count = useMutation({
    ...nowOrNever,
    mutationFn: (wanted: boolean) =>
      wanted
        ? call('PUT /api/lessons/:lesson/screen-work/slips', { lesson: lesson.id })
        : call('DELETE /api/lessons/:lesson/screen-work/slips', { lesson: lesson.id }),
    onSuccess: (table) => {
      taken.onSuccess(table);
      return cache.invalidateQueries({ queryKey: ['school-slips'] });
    },
  });
  const remove = useMutation({
    ...nowOrNever,
    mutationFn: () => call('DELETE /api/lessons/:lesson/screen-work', { lesson: lesson.id }),
    onSuccess: () => refetch(),
  });
  if (error && !data) return <Failed error={error} again={() => void refetch()} />;
  if (!data) return <Loading what="the work on screen" />;
  const problem = waive.error ?? count.error ?? remove.error;
  return (
    <Tile display="flex" flexDirection="column" gap="3">
      <chakra.h2 fontSize="xl">On screen</chakra.h2>
      <chakra.p color="ink.soft">
        One unknown at the bench on screen, the same for everyone, marked as the real one. Of those who were
        away, catch-up stands in the marks, flagged as on screen; everything else is kept apart from them. It
        is simulated: no leave to do it for real.
      </chakra.p>
      <ScreenWorkForm
        key={data.work ? `${data.work.seed}${data.work.kind}` : 'none'}
        now={data.work}
        set={async (body) =>
          taken.onSuccess(await call('PUT /api/lessons/:lesson/screen-work', { lesson: lesson.id, body }))
        }
        asks={asksOf(syllabusFor(lesson.practical))}
      />
      {problem && <Notice tone="stop">{problem.message}</Notice>}
      {data.work && (
        <>
          <ScreenWorkResults table={data} waive={(student) => waive.mutate(student)} />
          <ScreenSlips table={data} count={count.mutate} busy={count.isPending} />
          <Fold title="Runs beside each other" onToggle={(e) => setRunsOpen(e.currentTarget.open)}>
            {runsOpen && (
              <ClassRuns lesson={lesson.id} work={data.work} syllabus={syllabusFor(lesson.practical)} />
            )}
          </Fold>
          <Box>
            <Button onClick={() => remove.mutate()}>Take it away</Button>
          </Box>
        </>
      )}
    </Tile>
  );
}
