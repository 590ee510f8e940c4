/** The rota of a practical: worked out while one looks, with its bound; altered by hand with what follows from it. */
import { Box, chakra } from '@chakra-ui/react';
import {
  roomStations,
  rotaClashes,
  rotaProblemOf,
  stationWords,
  whyNoRota,
  type Practical,
  type RotaPin,
  type RotaSlot,
  type StationPlaces,
} from '@kivex/core';
import { useMemo, useState, type ReactNode } from 'react';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Notice } from '../kit/Notice.js';
import { NumberInput } from '../kit/NumberInput.js';
import { Tile } from '../kit/Tile.js';
import { shortTestName } from '../kit/look-names.js';
import { RotaBoard } from './RotaBoard.js';
import { verdictOf } from '../planning/rota-words.js';
import { useRota } from '../planning/use-rota.js';

interface RotaPanelProps {
  readonly practical: Practical;
  readonly groups: number;
  readonly places: StationPlaces;
  readonly pins: readonly RotaPin[];
  readonly groupName?: (group: number) => string;
  readonly setPlaces: (places: StationPlaces) => void;
  readonly setPins: (pins: readonly RotaPin[]) => void;
  /** A rota that was kept: shown until something is changed or another is asked for. */
  readonly kept?: readonly RotaSlot[] | null;
  readonly before?: ReactNode;
  readonly after?: (schedule: readonly RotaSlot[] | undefined) => ReactNode;
}

export function RotaPanel({
  practical,
  groups,
  places,
  pins,
  groupName = (g) => `Group ${g}`,
  setPlaces: choosePlaces,
  setPins: choosePins,
  kept,
  before,
  after,
}: RotaPanelProps) {
  const [anew, setAnew] = useState(false);
  const setPlaces = (next: StationPlaces) => {
    setAnew(true);
    choosePlaces(next);
  };
  const setPins = (next: readonly RotaPin[]) => {
    setAnew(true);
    choosePins(next);
  };
  const refused = useMemo(() => whyNoRota(practical), [practical]);
  const problem = useMemo(
    () => (practical.tests.length && !refused ? rotaProblemOf(practical, groups, places, pins) : undefined),
    [practical, refused, groups, places, pins],
  );
  // A kept rota of other groups or tests than there are now is none.
  const fits =
    problem &&
    kept?.length === problem.groups * problem.tasks.length &&
    kept.every((s) => s.group <= problem.groups && problem.tasks.some((t) => t.id === s.task));
  const showKept = Boolean(fits) && !anew;
  const rota = useRota(problem?.tasks.length && !showKept ? problem : undefined);
  const schedule = showKept
    ? kept!
    : rota.result?.schedule.length
      ? rota.result.schedule
      : rota.found?.schedule;
  if (refused)
    return (
      <Tile>
        <Notice tone="stop">There is no rota for this. {refused}</Notice>
      </Tile>
    );
  if (!problem?.tasks.length)
    return (
      <Tile>
        <Notice tone="look">Choose tests and samples first; the rota follows from them.</Notice>
      </Tile>
    );
  const clashes =
    rota.result && !rota.result.feasible && !rota.result.schedule.length
      ? []
      : schedule
        ? rotaClashes(problem, schedule, shortTestName)
        : [];
  const verdict = rota.result && verdictOf(rota.result, practical);
  const used = roomStations.filter((s) => problem.tasks.some((t) => t.station === s));
  const bound = rota.result?.lowerBound ?? rota.found?.bound;
  const makespan = rota.result ? rota.result.makespan : rota.found?.makespan;
  const move = (slot: RotaSlot, start: number) =>
    setPins([
      ...pins.filter((p) => p.group !== slot.group || p.task !== slot.task),
      { group: slot.group, task: slot.task, start },
    ]);
  return (
    <Tile display="flex" flexDirection="column" gap="3">
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="end">
        {before}
        {used.map((station) => (
          <Field size="small" label={`${stationWords[station]} places`} width="5.5rem" key={station}>
            <NumberInput
              value={places[station] ?? groups}
              min={0}
              max={60}
              onValue={(n) => setPlaces({ ...places, [station]: n ?? 0 })}
            />
          </Field>
        ))}
        <Box flex="1" />
        {pins.length > 0 && <Button onClick={() => setPins([])}>Let all {pins.length} go</Button>}
      </Box>
      <Box role="status" minH="6">
        {showKept ? (
          <Notice action={<Button onClick={() => setAnew(true)}>Look for a rota anew</Button>}>
            The rota kept with the lesson; it ends at minute {Math.max(...kept!.map((s) => s.end))}.
          </Notice>
        ) : rota.problem ? (
          <Notice tone="stop">{rota.problem}</Notice>
        ) : rota.running ? (
          <Box display="flex" gap="3" alignItems="center">
            <span>
              {makespan === undefined || makespan === null
                ? 'Looking for a rota …'
                : `A rota that ends at minute ${makespan}; it cannot end before ${bound}. Looking for a shorter one …`}
            </span>
            <Button size="small" onClick={rota.stop}>
              Stop looking
            </Button>
          </Box>
        ) : verdict ? (
          <Notice tone={verdict.fits ? 'go' : 'look'}>{spoken(verdict.text)}</Notice>
        ) : (
          <span>Stopped. Change something to look again.</span>
        )}
      </Box>
      {schedule && (
        <RotaBoard
          problem={problem}
          schedule={schedule}
          pins={pins}
          clashes={clashes}
          groupName={groupName}
          move={move}
          unpin={(slot) => setPins(pins.filter((p) => p.group !== slot.group || p.task !== slot.task))}
        />
      )}
      {clashes.filter((c) => c.kind !== 'too-late').length > 0 && (
        <Notice tone="stop">
          {clashes
            .slice(0, 4)
            .map((c) => c.text)
            .join(' ')}
        </Notice>
      )}
      <chakra.p fontSize="sm" color="ink.soft">
        Drag a block, or move it with the space bar and the arrow keys, to set it by hand; the rest goes round
        it. Double-click lets it go again. Hatched: the test runs by itself and the group may work elsewhere.
      </chakra.p>
      {after?.(schedule)}
    </Tile>
  );
}

/** Ids of tests and stations in the core's sentences, as people call them. */
function spoken(text: string): string {
  return text.replace(/\b(?:leave|at|for|needs?) ([a-z][a-z-]+)\b/g, (whole, id: string) =>
    stationWords[id]
      ? whole.replace(id, `the ${stationWords[id]}`)
      : knownTest(id)
        ? whole.replace(id, `“${shortTestName(id)}”`)
        : whole,
  );
}
const knownTest = (id: string): boolean => {
  try {
    shortTestName(id);
    return true;
  } catch {
    return false;
  }
};
