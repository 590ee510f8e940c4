/** An unknown on screen: the bench at one side; what hands do, the log and the name at the other, as at a real one. */
import { Box, chakra } from '@chakra-ui/react';
import { useState } from 'react';
import { Naming } from '../bench/Naming.js';
import { Pad } from '../bench/Pad.js';
import { TilePart } from '../bench/TilePart.js';
import { Button } from '../kit/Button.js';
import { OneOf } from '../kit/Choices.js';
import { OnOff } from '../kit/OnOff.js';
import { Tile } from '../kit/Tile.js';
import { exerciseBench, exerciseRecord, me, unknownId } from './exercise-bench.js';
import { FlameHands } from './FlameHands.js';
import { LookBack } from './LookBack.js';
import { useScreenBench } from './screen-bench.js';
import { Stage } from './stage/Stage.js';
import { TubeHands } from './TubeHands.js';

const parts = [
  { id: 'do', label: 'Do' },
  { id: 'log', label: 'Log' },
  { id: 'name', label: 'Name it' },
] as const;
type PartId = (typeof parts)[number]['id'];

export function BenchOnScreen({
  still,
  setStill,
  again,
}: {
  readonly still: boolean;
  readonly setStill: (on: boolean) => void;
  readonly again: () => void;
}) {
  const { exercise, label, station, go, act, goggles, cupboard, clock_s, events, log, over, finish } =
    useScreenBench();
  const [part, setPart] = useState<PartId>('do');
  const [test, setTest] = useState(exercise?.practical.tests[0]?.test as string | undefined);
  if (!exercise) return null;
  if (over) return <LookBack again={again} />;
  const bench = exerciseBench(exercise, label, events);
  const record = exerciseRecord(events);
  const named = record.namings.some((n) => n.by === me.id && n.body.sample === unknownId);
  return (
    <Box
      display="grid"
      gridTemplateColumns={{ base: '1fr', lg: 'minmax(0, 11fr) minmax(0, 10fr)' }}
      gap="3"
      alignItems="start"
    >
      <Tile p="3" position={{ base: 'sticky', lg: 'sticky' }} top="0" zIndex={3}>
        <Box display="flex" flexWrap="wrap" gap="2" alignItems="center" mb="2">
          <OneOf
            label="Where one works"
            choices={[
              { id: 'tubes', label: 'Tubes' },
              { id: 'flame', label: 'Flame' },
            ]}
            chosen={station}
            choose={go}
          />
          <OnOff pressed={goggles} onPressedChange={(on) => act({ do: 'goggles', on })}>
            Goggles
          </OnOff>
          <OnOff pressed={cupboard} onPressedChange={(on) => act({ do: 'fume-cupboard', on })}>
            Fume cupboard
          </OnOff>
          <OnOff pressed={still} onPressedChange={setStill}>
            Still pictures
          </OnOff>
          <chakra.span
            flex="1"
            textAlign="end"
            color="ink.soft"
            fontFamily="mono"
            aria-label="The bench’s clock"
          >
            {clockText(clock_s)}
          </chakra.span>
        </Box>
        <Stage still={still} />
      </Tile>
      <Box display="flex" flexDirection="column" gap="3">
        <Box display="flex" gap="2" flexWrap="wrap" alignItems="center">
          <OneOf label="What to do now" choices={parts} chosen={part} choose={setPart} />
          <Box flex="1" />
          <Button variant="quiet" onClick={again}>
            Leave {label}
          </Button>
          <Button variant={named ? 'go' : 'plain'} disabled={!named} onClick={finish}>
            Look back
          </Button>
        </Box>
        {part === 'do' && <Tile p="3">{station === 'flame' ? <FlameHands /> : <TubeHands />}</Tile>}
        {part === 'log' && (
          <>
            <TilePart bench={bench} record={record} open={(_, of) => setTest(of)} how={(of) => setTest(of)} />
            <Pad
              bench={bench}
              record={record}
              waiting={[]}
              test={test}
              sample={unknownId}
              chooseTest={setTest}
              log={log}
              onScreen
            />
          </>
        )}
        {part === 'name' && <Naming bench={bench} record={record} log={log} toLog={() => setPart('log')} />}
      </Box>
    </Box>
  );
}

const clockText = (s: number): string =>
  `${Math.floor(s / 60)}:${String(Math.floor(s % 60)).padStart(2, '0')}`;
