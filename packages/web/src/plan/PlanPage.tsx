/** Plan: what is in the jars, what the flame will show, who sits where with which unknowns. */
import { Box, chakra } from '@chakra-ui/react';
import { discriminate, lookalikes } from '@kivex/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Play, Trash2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../kit/Button.js';
import { Input } from '../kit/Input.js';
import { Field } from '../kit/Field.js';
import { forInput } from '../kit/moments.js';
import { Notice } from '../kit/Notice.js';
import { request, RequestProblem } from '../kit/request/request.js';
import { useMe } from '../kit/shell/Shell.js';
import { Tile } from '../kit/Tile.js';
import { Follows, Surface, type Consequence } from '../lessons/Follows.js';
import { useThisLesson } from '../lessons/LessonFrame.js';
import { useMove } from '../lessons/lesson-queries.js';
import { EvidenceTable } from './EvidenceTable.js';
import { RoomPlan } from './RoomPlan.js';
import { TellingApart } from './TellingApart.js';

export default function PlanPage() {
  const lesson = useThisLesson();
  const me = useMe();
  const go = useNavigate();
  const cache = useQueryClient();
  const move = useMove(lesson.id);
  const remove = useMutation({
    mutationFn: () => request('DELETE', `/api/lessons/${lesson.id}`),
    onSuccess: async () => {
      await cache.invalidateQueries({ queryKey: ['lessons'] });
      await go('/lessons');
    },
  });
  const teaching = me.data?.role !== 'technician';
  const unknowns = lesson.samples.filter((s) => s.role === 'unknown');
  const pairs = lookalikes(
    unknowns.map((s) => s.ions),
    lesson.practical.tests,
  );
  const found = useMemo(() => {
    const jars = lesson.samples.filter((s) => s.role === 'unknown');
    return discriminate(
      jars.map((s) => ({ ions: s.ions })),
      lesson.practical.tests.map((t) => t.test),
    );
  }, [lesson.samples, lesson.practical.tests]);
  const names = (pair: readonly [number, number]) =>
    pair.map((i) => `${unknowns[i]!.label} (${unknowns[i]!.holds})`).join(' and ');

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
    ...pairs.map(({ pair, how }): Consequence => ({
      key: pair.join(),
      tone: how === 'same' ? 'look' : 'tell',
      text:
        how === 'same' ? (
          <>{names(pair)} show the same flame: this practical asks for the metal ion only.</>
        ) : (
          <>{names(pair)} can look alike to the eye; the blue glass helps.</>
        ),
    })),
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
            <Button
              variant="stop"
              size="small"
              alignSelf="start"
              onClick={() => {
                if (confirm('Remove this lesson? It cannot be brought back.')) remove.mutate();
              }}
            >
              <Trash2 size={16} aria-hidden /> Remove the lesson
            </Button>
          )}
        </Follows>
      }
    >
      {lesson.state === 'planned' && teaching && <TimeAndRoom />}
      <EvidenceTable samples={lesson.samples} tests={lesson.practical.tests} />
      <TellingApart unknowns={unknowns} found={found} />
      <RoomPlan />
    </Surface>
  );
}

function TimeAndRoom() {
  const lesson = useThisLesson();
  const cache = useQueryClient();
  const [startsAt, setStartsAt] = useState(() => forInput(new Date(lesson.startsAt)));
  const [room, setRoom] = useState(lesson.room);
  const save = useMutation({
    mutationFn: () => {
      const when = new Date(startsAt);
      return request('PATCH', `/api/lessons/${lesson.id}`, {
        startsAt: Number.isNaN(when.getTime()) ? '' : when.toISOString(),
        room,
      });
    },
    onSuccess: () => cache.invalidateQueries({ queryKey: ['lesson', lesson.id] }),
  });
  const at = (field: string) =>
    save.error instanceof RequestProblem
      ? save.error.fields.find((f) => f.field === field)?.detail
      : undefined;
  const changed = startsAt !== forInput(new Date(lesson.startsAt)) || room !== lesson.room;
  return (
    <Tile>
      <chakra.form
        display="grid"
        gridTemplateColumns={{ base: '1fr', md: '1fr 1fr auto' }}
        gap="3"
        alignItems="end"
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          save.mutate();
        }}
      >
        <Field label="Date and time" error={at('startsAt')}>
          <Input type="datetime-local" value={startsAt} onChange={(e) => setStartsAt(e.target.value)} />
        </Field>
        <Field label="Room" error={at('room')}>
          <Input value={room} onChange={(e) => setRoom(e.target.value)} />
        </Field>
        <Button type="submit" disabled={!changed || save.isPending}>
          {changed ? 'Save' : 'Saved'}
        </Button>
        {save.error && !at('startsAt') && !at('room') && (
          <Box gridColumn="1 / -1">
            <Notice tone="stop">{save.error.message}</Notice>
          </Box>
        )}
      </chakra.form>
    </Tile>
  );
}
