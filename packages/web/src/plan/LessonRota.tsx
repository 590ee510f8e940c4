/** The rota of a lesson and its rehearsal; what is set is kept with the lesson, version by version. */
import { Box } from '@chakra-ui/react';
import { stationWords, type RotaPin, type RotaSlot } from '@kivex/core';
import { useMemo, useState } from 'react';
import { Button } from '../kit/Button.js';
import { Notice } from '../kit/Notice.js';
import { isOvertaken } from '../kit/request/overtaken.js';
import { useThisLesson } from '../lessons/LessonFrame.js';
import { rehearsalPlanOf } from '../lessons/rehearsal-plan-of.js';
import { fieldsOf, isSameRota, rotaInWords } from '../lessons/planning-part.js';
import { usePlanningPart } from '../lessons/use-planning-part.js';
import { RehearsalPanel } from './RehearsalPanel.js';
import { RotaPanel } from './RotaPanel.js';

/** The rota of this lesson; what is set is kept with it. */
export function LessonRota() {
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
export function LessonRehearsal() {
  const lesson = useThisLesson();
  const plan = useMemo(() => rehearsalPlanOf(lesson), [lesson]);
  const names = new Map(lesson.samples.map((s) => [s.key, `${s.label} (${s.holds})`]));
  return <RehearsalPanel plan={plan} practical={lesson.practical} nameOf={(key) => names.get(key) ?? key} />;
}
