/** The rota from now on: what is done stays, the rest is planned anew with the places there are, old and new side by side. */
import { Box, chakra } from '@chakra-ui/react';
import type { Lesson } from '@kivex/contract';
import { slotChanges, roomStations, stationWords, type StationPlaces } from '@kivex/core';
import { useMemo, useState } from 'react';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { shortTestName } from '../kit/look-names.js';
import { clock } from '../kit/moments.js';
import { Notice } from '../kit/Notice.js';
import { NumberInput } from '../kit/NumberInput.js';
import { ProgressBar } from '../kit/ProgressBar.js';
import { usePlanningPart } from '../lessons/use-planning-part.js';
import { useRota } from '../planning/use-rota.js';
import { verdictOf } from '../planning/rota-words.js';
import type { BenchStatus } from './bench-status.js';
import { problemFromNow } from './rest-of-lesson.js';

interface ReplanProps {
  readonly lesson: Lesson;
  readonly benches: readonly BenchStatus[];
  /** Minute of the lesson from which it is planned. */
  readonly minute: number;
  readonly done: () => void;
}

/** Changes shown at once; the rest is counted. */
const mostShown = 12;

export function Replan({ done, ...now }: ReplanProps) {
  // It is planned for the moment it was opened: what comes in meanwhile does not make it begin again, and a rota that
  // somebody else keeps meanwhile is told when this one is to be kept.
  const [{ lesson, benches, minute }] = useState(now);
  const { planning, practical, groupList } = lesson;
  const [places, setPlaces] = useState<StationPlaces>(planning.places);
  const problem = useMemo(
    () => problemFromNow(lesson, benches, minute, places),
    [lesson, benches, minute, places],
  );
  const work = useRota(problem);
  const save = usePlanningPart(lesson.id, 'rota');
  const before = planning.schedule ?? [];
  const schedule = work.result?.schedule ?? work.found?.schedule;
  const used = new Set(problem?.tasks.map((t) => t.station));
  const at = (m: number) => clock(new Date(Date.parse(lesson.startedAt!) + m * 60_000).toISOString());
  const changes = schedule ? slotChanges(before, schedule, minute) : [];
  const end = (slots: readonly { readonly end: number }[]) => Math.max(0, ...slots.map((s) => s.end));
  const verdict = work.result && verdictOf(work.result, practical);
  return (
    <Box display="flex" flexDirection="column" gap="3">
      <Box display="flex" gap="3" flexWrap="wrap">
        {roomStations
          .filter((s) => used.has(s))
          .map((station) => (
            <Field key={station} size="small" width="7rem" label={`${stationWords[station]} places left`}>
              <NumberInput
                value={places[station] ?? groupList.length}
                min={0}
                max={60}
                onValue={(n) => setPlaces({ ...places, [station]: n ?? 0 })}
              />
            </Field>
          ))}
      </Box>
      {work.running && <ProgressBar name="Planning what is left" />}
      {work.problem && <Notice tone="stop">{work.problem}</Notice>}
      {verdict && <Notice tone={verdict.fits ? 'go' : 'look'}>{verdict.text}</Notice>}
      {schedule && schedule.length > 0 && (
        <>
          <div>
            The last group ends at <b>{at(end(schedule))}</b>; by the old rota at {at(end(before))}.
          </div>
          {changes.length ? (
            <chakra.ul listStyleType="disc" ps="5">
              {changes.slice(0, mostShown).map((c) => (
                <li key={`${c.group} ${c.task}`}>
                  <b>{groupList[c.group - 1]?.name}</b>: {shortTestName(c.task)} at {at(c.is)}, not{' '}
                  {at(c.was)}
                </li>
              ))}
              {changes.length > mostShown && <li>and {changes.length - mostShown} more changes</li>}
            </chakra.ul>
          ) : (
            <div>Nothing changes: the rota that is kept still holds.</div>
          )}
        </>
      )}
      {save.error && <Notice tone="stop">{save.error.message}</Notice>}
      <Button
        variant="go"
        disabled={!schedule?.length || work.running || save.isPending || !changes.length}
        onClick={() =>
          save.mutate(
            { change: { places, pins: [], schedule: schedule! }, from: planning.versions.rota },
            { onSuccess: done },
          )
        }
      >
        Go on by this rota
      </Button>
    </Box>
  );
}
