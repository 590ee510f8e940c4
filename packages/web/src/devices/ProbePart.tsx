/** The simulated temperature probe in a tube of metal and acid: its curve as it comes, with the highest point. */
import { Box, chakra } from '@chakra-ui/react';
import { deviceWords, SimulatedProbe, warmingIn, type ProbeReading } from '@kivex/core';
import { lazy, Suspense, useEffect, useMemo, useState } from 'react';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { NumberInput } from '../kit/NumberInput.js';
import { Tile } from '../kit/Tile.js';
import { warmingLine } from './warming-line.js';

const Chart = lazy(() => import('../kit/chart/Chart.js'));

/** Milliseconds between readings: ten times as fast as a real probe, so that trying it takes no minutes. */
const every = 100;
const mostReadings = 600;

export function ProbePart() {
  const [rise, setRise] = useState(12);
  const [probe, setProbe] = useState<SimulatedProbe>();
  const [readings, setReadings] = useState<readonly ProbeReading[]>([]);
  const [, redraw] = useState(0);
  const seen = useMemo(() => warmingIn(readings), [readings]);
  const curve = useMemo(() => warmingLine(readings, seen), [readings, seen]);
  useEffect(() => {
    if (!probe) return;
    const timer = setInterval(() => {
      const reading = probe.read();
      if (reading) setReadings((before) => [...before.slice(-mostReadings), reading]);
    }, every);
    return () => clearInterval(timer);
  }, [probe]);
  const begin = () => {
    const made = new SimulatedProbe(Math.random, { start: 20.5, rise, seconds: 40 });
    made.connect();
    setReadings([]);
    setProbe(made);
  };
  const set = (does: (own: SimulatedProbe) => void) => {
    if (probe) does(probe);
    redraw((n) => n + 1);
  };
  const state = probe?.state ?? 'off';
  return (
    <Tile p="4" display="flex" flexDirection="column" gap="3">
      <chakra.h2 fontSize="lg">Temperature probe: {deviceWords[state]}</chakra.h2>
      <Field label="Degrees the reaction gives">
        <NumberInput value={rise} min={0} max={40} onValue={(n) => setRise(n ?? 0)} />
      </Field>
      <Box display="flex" gap="2" flexWrap="wrap">
        <Button variant="go" onClick={begin}>
          Put the metal in
        </Button>
        <Button disabled={state !== 'ready'} onClick={() => set((p) => p.dropOut())}>
          Pull its cable
        </Button>
        <Button disabled={state !== 'lost'} onClick={() => set((p) => p.connect())}>
          Plug it in again
        </Button>
      </Box>
      <Suspense fallback={null}>
        <Chart option={curve} label="Temperature against time" height="16rem" />
      </Suspense>
      <chakra.p role="status" minH="1.5em">
        {seen
          ? `From ${seen.before.toFixed(1)} °C to ${seen.highest.toFixed(1)} °C after ${seen.at} s: ${seen.warms ? `it warms by ${seen.rise.toFixed(1)} °C` : 'no warming that could be told from the hand’s'}.`
          : 'Ten readings a second; a real probe gives one.'}
      </chakra.p>
    </Tile>
  );
}
