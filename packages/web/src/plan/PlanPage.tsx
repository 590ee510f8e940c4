/** Plan: who sits where with which unknowns, what the tests will show, the rota, and how it would go. */
import { Box, chakra } from '@chakra-ui/react';
import {
  adviceFor,
  discriminationOf,
  stationWords,
  unknownsOf,
  type RotaPin,
  type RotaSlot,
} from '@kivex/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Play, Trash2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../kit/Button.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { Confirm } from '../kit/Confirm.js';
import { Field } from '../kit/Field.js';
import { forInput } from '../kit/moments.js';
import { Notice } from '../kit/Notice.js';
import { Parts } from '../kit/Parts.js';
import { nowOrNever } from '../kit/request/now-or-never.js';
import { request } from '../kit/request/request.js';
import { useSentForm } from '../kit/request/use-sent-form.js';
import { useMe } from '../kit/shell/Shell.js';
import { Tile } from '../kit/Tile.js';
import { Follows, Surface, type Consequence } from '../lessons/Follows.js';
import { useThisLesson } from '../lessons/LessonFrame.js';
import { fieldsOf, isSameRota, rotaInWords } from '../lessons/planning-part.js';
import { isOvertaken, usePlanningPart } from '../lessons/use-planning-part.js';
import { useMove } from '../lessons/lesson-queries.js';
import { EvidenceTable } from './EvidenceTable.js';
import { DealingPanel } from './DealingPanel.js';
import { RehearsalPanel } from './RehearsalPanel.js';
import { RoomPlan } from './RoomPlan.js';
import { RotaPanel } from './RotaPanel.js';
import { TellingApart } from './TellingApart.js';

export default function PlanPage() {
  const [removing, setRemoving] = useState(false);
  const lesson = useThisLesson();
  const me = useMe();
  const go = useNavigate();
  const cache = useQueryClient();
  const move = useMove(lesson.id);
  const remove = useMutation({
    ...nowOrNever,
    mutationFn: () => request('DELETE', `/api/lessons/${lesson.id}`),
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
        ]}
      />
    </Surface>
  );
}

/** The rota of this lesson; what is set is kept with it. */
function LessonRota() {
  const lesson = useThisLesson();
  const [places, setPlaces] = useState(lesson.planning.places);
  const [pins, setPins] = useState<readonly RotaPin[]>(lesson.planning.pins);
  // The version this began from: what somebody else saves meanwhile is theirs, and told.
  const [from, setFrom] = useState(lesson.planning.versions.rota);
  const save = usePlanningPart(lesson.id, 'rota');
  const theirs = fieldsOf(lesson.planning, 'rota');
  const overtaken = lesson.planning.versions.rota !== from;
  const keep = (schedule: readonly RotaSlot[], over = from) =>
    save.mutate(
      { change: { places, pins, schedule }, from: over },
      { onSuccess: ({ versions }) => setFrom(versions.rota) },
    );
  // Other places or pins may give the same rota: they are to be kept all the same.
  const same = (schedule: readonly RotaSlot[] | undefined) =>
    isSameRota({ places, pins, schedule: schedule ?? null }, theirs);
  return (
    <RotaPanel
      key={from}
      practical={lesson.practical}
      groups={lesson.groupList.length}
      places={places}
      pins={pins}
      setPlaces={setPlaces}
      setPins={setPins}
      kept={overtaken ? null : theirs.schedule}
      groupName={(g) => lesson.groupList[g - 1]?.name ?? `Group ${g}`}
      after={(schedule) => (
        <Box display="flex" gap="3" alignItems="center" flexWrap="wrap">
          {overtaken ? (
            <Notice
              tone="look"
              action={
                <Box display="flex" gap="2" flexWrap="wrap">
                  <Button
                    onClick={() => {
                      setPlaces(theirs.places);
                      setPins(theirs.pins);
                      setFrom(lesson.planning.versions.rota);
                      save.reset();
                    }}
                  >
                    Take theirs
                  </Button>
                  <Button
                    disabled={!schedule || save.isPending}
                    onClick={() => schedule && keep(schedule, lesson.planning.versions.rota)}
                  >
                    Save mine over theirs
                  </Button>
                </Box>
              }
            >
              Somebody else has saved meanwhile. Theirs: {rotaInWords(theirs, stationWords)}. Yours:{' '}
              {rotaInWords({ places, pins, schedule: schedule ?? null }, stationWords)}.
            </Notice>
          ) : (
            <Button
              variant="go"
              disabled={!schedule || same(schedule) || save.isPending}
              onClick={() => schedule && keep(schedule)}
            >
              {schedule && same(schedule) ? 'This rota is kept' : 'Keep this rota'}
            </Button>
          )}
          {save.error && !isOvertaken(save.error) && <Notice tone="stop">{save.error.message}</Notice>}
          {!overtaken && theirs.schedule && !same(schedule) && (
            <span>Another rota is kept with the lesson; keeping this one takes its place.</span>
          )}
        </Box>
      )}
    />
  );
}

/** Rehearses with the groups, jars, places and rota of this lesson. */
function LessonRehearsal() {
  const lesson = useThisLesson();
  const plan = useMemo(() => {
    const keyOf = new Map(lesson.samples.map((s) => [s.id, s.key]));
    return {
      practical: lesson.practical,
      groups: lesson.groupList.length,
      places: lesson.planning.places,
      unknowns: lesson.groupList.map((g) => g.unknowns.map((id) => keyOf.get(id)!)),
      ...(lesson.planning.schedule ? { schedule: lesson.planning.schedule } : {}),
    };
  }, [lesson]);
  const names = new Map(lesson.samples.map((s) => [s.key, `${s.label} (${s.holds})`]));
  return <RehearsalPanel plan={plan} practical={lesson.practical} nameOf={(key) => names.get(key) ?? key} />;
}

function TimeAndRoom() {
  const lesson = useThisLesson();
  const cache = useQueryClient();
  const form = useSentForm({
    defaults: { startsAt: forInput(new Date(lesson.startsAt)), room: lesson.room },
    fields: ['startsAt', 'room'],
    send: async ({ startsAt, room }) => {
      const when = new Date(startsAt);
      await request('PATCH', `/api/lessons/${lesson.id}`, {
        startsAt: Number.isNaN(when.getTime()) ? '' : when.toISOString(),
        room,
      });
      await cache.invalidateQueries({ queryKey: ['lesson', lesson.id] });
    },
  });
  return (
    <Tile>
      <Form
        display="grid"
        gridTemplateColumns={{ base: '1fr', md: '1fr 1fr auto' }}
        gap="3"
        alignItems="end"
        onSubmit={form.submit}
      >
        <Field label="Date and time" error={form.at('startsAt')}>
          <Input type="datetime-local" {...form.register('startsAt')} />
        </Field>
        <Field label="Room" error={form.at('room')}>
          <Input {...form.register('room')} />
        </Field>
        <Button type="submit" disabled={!form.changed} loading={form.busy}>
          {form.changed ? 'Save' : 'Saved'}
        </Button>
        {form.problem && (
          <Box gridColumn="1 / -1">
            <Notice tone="stop">{form.problem}</Notice>
          </Box>
        )}
      </Form>
    </Tile>
  );
}
