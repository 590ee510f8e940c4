/** Plan: who sits where with which unknowns, what the tests will show, the rota, and how it would go. */
import { chakra } from '@chakra-ui/react';
import { adviceFor, discriminationOf, unknownsOf } from '@kivex/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Play, Trash2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../kit/Button.js';
import { Confirm } from '../kit/Confirm.js';
import { Notice } from '../kit/Notice.js';
import { Parts } from '../kit/Parts.js';
import { nowOrNever } from '../kit/request/now-or-never.js';
import { call } from '../kit/request/call.js';
import { useMe } from '../kit/shell/Shell.js';
import { Follows, Surface, type Consequence } from '../lessons/Follows.js';
import { useThisLesson } from '../lessons/LessonFrame.js';
import { ScreenWorkPanel } from './ScreenWorkPanel.js';
import { useMove } from '../lessons/lesson-queries.js';
import { EvidenceTable } from './EvidenceTable.js';
import { DealingPanel } from './DealingPanel.js';
import { RoomPlan } from './RoomPlan.js';
import { TellingApart } from './TellingApart.js';
import { LessonRehearsal, LessonRota } from './LessonRota.js';
import { TimeAndRoom } from './TimeAndRoom.js';

export default function PlanPage() {
  const [removing, setRemoving] = useState(false);
  const lesson = useThisLesson();
  const me = useMe();
  const go = useNavigate();
  const cache = useQueryClient();
  const move = useMove(lesson.id);
  const remove = useMutation({
    ...nowOrNever,
    mutationFn: () => call('DELETE /api/lessons/:lesson', { lesson: lesson.id }),
    onSuccess: async () => {
      await cache.invalidateQueries({ queryKey: ['lessons'] });
      await go('/lessons');
    },
  });
  const teaching = me.data?.role !== 'technician';
  const unknowns = lesson.samples.filter((s) => s.role === 'unknown');
  const advice = useMemo(() => adviceFor(lesson.practical), [lesson.practical]);
  const byKey = useMemo(() => new Map(lesson.samples.map((s) => [s.key, s])), [lesson.samples]);

  const consequences: Consequence[] = [
    ...(lesson.state === 'planned'
      ? [
          {
            key: 'begin',
            tone: 'go' as const,
            text: (
              <>
                Students join with the code{' '}
                <chakra.b fontFamily="mono" fontSize="xl" letterSpacing="0.1em">
                  {lesson.joinCode}
                </chakra.b>
                . They wait until you begin.
              </>
            ),
            action: teaching && (
              <Button
                variant="go"
                disabled={move.isPending}
                onClick={() =>
                  move.mutate('running', { onSuccess: () => void go(`/lessons/${lesson.id}/run`) })
                }
              >
                <Play size={18} aria-hidden /> Begin the lesson
              </Button>
            ),
          },
        ]
      : []),
    ...advice
      .filter((a) => a.tone === 'look' || a.tone === 'stop' || a.key === 'apart')
      .map(({ key, tone, text }): Consequence => ({ key, tone, text })),
    ...(lesson.unseated.length
      ? [
          {
            key: 'unseated',
            tone: 'look' as const,
            text: `${lesson.unseated.map((s) => s.name).join(', ')} ${lesson.unseated.length === 1 ? 'sits' : 'sit'} in no group and cannot join. Seat them on the room plan.`,
          },
        ]
      : []),
    {
      key: 'neighbours',
      tone: 'tell',
      text: `Each group has ${lesson.practical.unknownsPerGroup} of ${unknowns.length} unknowns; neighbours in front, behind and beside share none.`,
    },
  ];
  const failed = move.error ?? remove.error;
  return (
    <Surface
      follows={
        <Follows consequences={consequences}>
          {failed && <Notice tone="stop">{failed.message}</Notice>}
          {lesson.state === 'planned' && teaching && (
            <Button variant="stop" size="small" alignSelf="start" onClick={() => setRemoving(true)}>
              <Trash2 size={16} aria-hidden /> Remove the lesson
            </Button>
          )}
          <Confirm
            open={removing}
            close={() => setRemoving(false)}
            title="Remove this lesson?"
            does="Remove the lesson"
            then={() => remove.mutate()}
          >
            It cannot be brought back. The practical and the class stay.
          </Confirm>
        </Follows>
      }
    >
      <Parts
        label="Parts of the plan"
        parts={[
          {
            id: 'benches',
            name: 'Benches and jars',
            show: () => (
              <>
                {lesson.state === 'planned' && teaching && <TimeAndRoom />}
                <RoomPlan />
                {teaching && <DealingPanel />}
              </>
            ),
          },
          {
            id: 'evidence',
            name: 'Evidence',
            show: () => (
              <>
                <EvidenceTable
                  practical={lesson.practical}
                  nameOf={(sample) => ({
                    label: sample.role === 'known' ? 'Labelled' : (byKey.get(sample.key)?.label ?? ''),
                    holds: byKey.get(sample.key)?.holds ?? '',
                  })}
                />
                <TellingApart
                  labels={unknownsOf(lesson.practical).map((s) => {
                    const own = byKey.get(s.key);
                    return own ? `${own.label} (${own.holds})` : s.key;
                  })}
                  found={discriminationOf(lesson.practical)}
                />
              </>
            ),
          },
          { id: 'rota', name: 'Rota', show: () => <LessonRota /> },
          { id: 'rehearsal', name: 'Rehearsal', show: () => <LessonRehearsal /> },
          ...(teaching ? [{ id: 'on-screen', name: 'On screen', show: () => <ScreenWorkPanel /> }] : []),
        ]}
      />
    </Surface>
  );
}
