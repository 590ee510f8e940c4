/** After the name: the truth, the marks, what each step taught, what slipped, and the run as a strip of moments. */
import { Box, chakra } from '@chakra-ui/react';
import {
  holdsOf,
  parOf,
  seenIn,
  testOf,
  trailOf,
  type Action,
  type Seen,
  type UnknownExercise,
} from '@kivex/core';
import { useMemo, useState } from 'react';
import type { WireEvent } from '@kivex/contract';
import { Button } from '../kit/Button.js';
import { Notice } from '../kit/Notice.js';
import { Tile } from '../kit/Tile.js';
import { doing } from './doing.js';
import { exerciseMarks, exerciseRecord, me } from './exercise-bench.js';
import { useScreenBench } from './screen-bench.js';
import { shapeOf } from './stage/geometry.js';
import { VesselDrawing } from './stage/VesselDrawing.js';

export function LookBack({ again }: { readonly again: () => void }) {
  const { exercise, events, seen, actions, slips, fault } = useScreenBench();
  const { record, records, marks, par, trail } = useMemo(
    () => backOver(exercise!, events),
    [exercise, events],
  );
  const naming = record.namings.findLast((n) => n.by === me.id);
  const conclusion = marks.find((m) => m.strand === 'conclusion');
  const minutes = trail.reduce((sum, s) => sum + s.minutes, 0);
  const points = marks.reduce((sum, m) => sum + m.points, 0);
  const most = marks.reduce((sum, m) => sum + m.max, 0);
  return (
    <Box display="flex" flexDirection="column" gap="3">
      <Notice
        tone={conclusion?.points ? 'go' : 'look'}
        action={
          <Button variant="go" onClick={again}>
            Another unknown
          </Button>
        }
      >
        It was {holdsOf(exercise!)}. You named {naming?.body.answer ?? 'nothing'}:{' '}
        {conclusion?.why[0]?.text ?? ''} {points} of {most} points.
      </Notice>
      <Box display="grid" gridTemplateColumns={{ base: '1fr', lg: '1fr 1fr' }} gap="3">
        <Tile p="3">
          <chakra.h2 fontSize="lg" mb="2">
            What each step taught
          </chakra.h2>
          <chakra.p mb="2">
            Your {trail.length === 1 ? 'one test takes' : `${trail.length} tests take`} {minutes} attended
            minutes; par is {par.minutes.toFixed(1)}
            {par.first ? `, beginning with ${testOf(par.first).name.toLowerCase()}` : ''}.
            {!par.certain && ' These tests alone cannot tell all apart.'}
          </chakra.p>
          <chakra.ol listStyleType="decimal" display="grid" gap="1.5" ps="5">
            {trail.map((step, i) => (
              <chakra.li key={records[i]!.id}>
                {testOf(step.test).name}:{' '}
                {step.bits >= 0
                  ? `${step.bits.toFixed(1)} bits`
                  : `misled by ${(-step.bits).toFixed(1)} bits`}
                , {step.left.toFixed(1)} left
                {step.wasted && ' · taught next to nothing'}
                {step.best &&
                  step.best.test !== step.test &&
                  step.best.bits > step.bits + 0.3 &&
                  ` · ${testOf(step.best.test).name.toLowerCase()} was worth ${step.best.bits.toFixed(1)}`}
              </chakra.li>
            ))}
          </chakra.ol>
        </Tile>
        <Tile p="3">
          <chakra.h2 fontSize="lg" mb="2">
            Marks
          </chakra.h2>
          <chakra.ul listStyleType="disc" display="grid" gap="1.5" ps="5">
            {marks.map((m) => (
              <chakra.li key={m.key}>
                {m.test ? testOf(m.test).name : m.strand === 'conclusion' ? 'The name' : m.strand}: {m.points}{' '}
                of {m.max}
                {m.answer && ` · “${m.answer}”`} {m.points < m.max && m.why[0] ? `· ${m.why[0].text}` : ''}
              </chakra.li>
            ))}
          </chakra.ul>
        </Tile>
      </Box>
      {fault && (
        <Notice tone="look">
          One bottle was not what it said. {fault.text} At a real bench: try a bottle you doubt on something
          known, and tell your teacher.
        </Notice>
      )}
      <Slips slips={slips} />
      <Moments actions={actions} seen={seen} slips={slips} />
    </Box>
  );
}

/** What there is to say of a run that is over. */
function backOver(exercise: UnknownExercise, events: readonly WireEvent[]) {
  const record = exerciseRecord(events);
  const records = record.observations.filter((o) => Object.keys(o.body.seen).length && !o.correctedBy);
  return {
    record,
    records,
    marks: exerciseMarks(exercise, events),
    par: parOf(exercise.candidates, exercise.practical.tests, exercise.form),
    trail: trailOf(exercise.candidates, exercise.practical.tests, records.map(seenIn)),
  };
}

function Slips({ slips }: { readonly slips: ReturnType<typeof useScreenBench.getState>['slips'] }) {
  return (
    <Tile p="3">
      <chakra.h2 fontSize="lg" mb="2">
        {slips.length ? 'What slipped' : 'Nothing slipped'}
      </chakra.h2>
      <chakra.ul listStyleType="disc" display="grid" gap="2" ps="5">
        {slips.map((s, i) => (
          <chakra.li key={i}>
            At step {s.at + 1}: {s.text} <chakra.strong fontWeight="600">{s.mend}</chakra.strong>
          </chakra.li>
        ))}
      </chakra.ul>
    </Tile>
  );
}

/** The run, one picture a step; those where something slipped are marked. */
export function Moments({
  actions,
  seen,
  slips,
}: {
  readonly actions: readonly Action[];
  readonly seen: readonly Seen[];
  readonly slips: readonly { readonly at: number }[];
}) {
  const [at, setAt] = useState(0);
  const step = seen[at];
  if (!step) return null;
  const slipped = new Set(slips.map((s) => s.at));
  return (
    <Tile p="3">
      <chakra.h2 fontSize="lg" mb="2">
        The run, step by step
      </chakra.h2>
      <Box display="flex" gap="1.5" overflowX="auto" pb="2" role="group" aria-label="Steps">
        {seen.map((s, i) => (
          <chakra.button
            key={i}
            type="button"
            aria-pressed={i === at}
            onClick={() => setAt(i)}
            minW="16"
            flex="none"
            p="1"
            borderRadius="tile"
            border="2px solid"
            borderColor={i === at ? 'permanganate' : slipped.has(i) ? 'saffron.line' : 'slate.200'}
            bg="porcelain"
            fontSize="xs"
            cursor="pointer"
          >
            <Thumb seen={s} />
            {i + 1}. {doing(actions[i]!)}
            {slipped.has(i) && <chakra.span color="saffron"> slip</chakra.span>}
          </chakra.button>
        ))}
      </Box>
      <chakra.p role="status">
        {doing(actions[at]!)}: {step.text}
      </chakra.p>
      <Box display="flex" gap="2" mt="2">
        <Button disabled={at === 0} onClick={() => setAt(at - 1)}>
          Back
        </Button>
        <Button disabled={at === seen.length - 1} onClick={() => setAt(at + 1)}>
          Next
        </Button>
      </Box>
    </Tile>
  );
}

function Thumb({ seen }: { readonly seen: Seen }) {
  if (seen.flame)
    return (
      <Box
        height="12"
        width="12"
        mx="auto"
        borderRadius="full"
        bg={seen.flame.srgb}
        border="1px solid"
        borderColor="slate.300"
        aria-hidden
      />
    );
  if (!seen.vessel) return <Box height="12" aria-hidden />;
  const { brim } = shapeOf(seen.vessel.kind);
  return (
    <svg
      viewBox={`0 ${brim - 30} 200 ${320 - brim}`}
      width="40"
      height="48"
      aria-hidden
      style={{ display: 'block', margin: '0 auto' }}
    >
      <VesselDrawing view={seen.vessel} small />
    </svg>
  );
}
