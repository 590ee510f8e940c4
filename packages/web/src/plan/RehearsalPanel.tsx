/** Rehearses the lesson hundreds of times and says how it would go, what holds it up, and which change helps most. */
import { Box, chakra } from '@chakra-ui/react';
import {
  holdsOf,
  stationWords,
  type Practical,
  type RankedChange,
  type RehearsalPlan,
  type RehearsalResult,
} from '@kivex/core';
import { lazy, Suspense, useEffect, useMemo, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { Button } from '../kit/Button.js';
import { Checkbox } from '../kit/Checkbox.js';
import { Fold } from '../kit/Fold.js';
import { Loading, Notice } from '../kit/Notice.js';
import { ProgressBar } from '../kit/ProgressBar.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { call } from '../kit/request/call.js';
import { Tile } from '../kit/Tile.js';
import { called } from '../planning/planning-client.js';
import { usePlanningRun } from '../planning/use-planning-run.js';
import { ownSlips, ownWords, withSlips } from './school-slips.js';
import { throughBars } from './through-bars.js';

const Chart = lazy(() => import('../kit/chart/Chart.js'));
const runs = 500;
const percent = (share: number): string => `${Math.round(share * 100)} %`;
const signed = (share: number): string => {
  const points = Math.round(share * 100);
  return points > 0 ? `+${points}` : points < 0 ? `−${-points}` : '0';
};

export function RehearsalPanel({
  plan,
  practical,
  nameOf = (key) => holdsOf(practical.samples.find((s) => s.key === key)!),
}: {
  readonly plan: Omit<RehearsalPlan, 'runs' | 'seed'>;
  readonly practical: Practical;
  readonly nameOf?: (key: string) => string;
}) {
  const school = useQuery({
    queryKey: ['school-slips'],
    queryFn: () => call('GET /api/school/slips'),
  }).data;
  const [asUsual, setAsUsual] = useState(false);
  const own = ownSlips(school);
  const [seed, setSeed] = useState(1);
  const { done, problem, stop: end, start: begin } = usePlanningRun();
  const [result, setResult] = useState<RehearsalResult>();
  const [changes, setChanges] = useState<{ readonly list: readonly RankedChange[]; readonly left: number }>();
  const stop = () => {
    end();
    setChanges((c) => c && { ...c, left: 0 });
  };
  const key = JSON.stringify([plan, asUsual, own?.factor, own?.pace]);
  // What was rehearsed was another plan: it no longer holds.
  useEffect(() => {
    end();
    setResult(undefined);
    setChanges(undefined);
  }, [key, end]);

  const start = (chance = seed) => {
    setSeed(chance);
    setChanges(undefined);
    const whole = withSlips({ ...plan, runs, seed: chance }, own, asUsual);
    return begin(async (work, { stands, tell }) => {
      const base = await work.rehearse(whole, called(tell));
      if (!stands()) return;
      setResult(base);
      tell(undefined);
      try {
        await work.changes(
          whole,
          base,
          called((list, left) => stands() && setChanges({ list, left })),
        );
      } finally {
        if (stands()) setChanges((c) => c && { ...c, left: 0 });
      }
    });
  };
  const deadline = practical.minutes - practical.clearUp;
  const bars = useMemo(() => throughBars(result?.histogram ?? [], deadline), [result, deadline]);
  return (
    <Tile display="flex" flexDirection="column" gap="3">
      <Box display="flex" gap="3" alignItems="center" flexWrap="wrap">
        <chakra.h2 fontSize="lg">Rehearsal</chakra.h2>
        <Box flex="1" />
        {done !== undefined || (changes?.left ?? 0) > 0 ? (
          <Button onClick={stop}>Stop</Button>
        ) : (
          <>
            {result && (
              <Button
                onClick={() => void start(seed + 1)}
                title={`Seed ${seed}: the same seed gives the same forecast`}
              >
                Again with other luck
              </Button>
            )}
            <Button variant="go" onClick={() => void start()}>
              Rehearse {runs} times
            </Button>
          </>
        )}
      </Box>
      {own && (
        <Checkbox checked={!asUsual} onChange={(on) => setAsUsual(!on)}>
          {ownWords(own)}
        </Checkbox>
      )}
      {done !== undefined && (
        <Box role="status">
          <ProgressBar name="Rehearsals done" done={done} of={runs} />
          {done} of {runs} lessons played through
        </Box>
      )}
      {problem && <Notice tone="stop">{problem}</Notice>}
      {!result && done === undefined && !problem && (
        <p>
          {plan.groups} groups go through the tests, wait at stations, slip, misread, repeat and name what
          they were given; what they see is drawn from the tests’ own records. Their pace is an estimate.
        </p>
      )}
      {result && (
        <>
          <Box display="grid" gap="3" gridTemplateColumns="repeat(auto-fit, minmax(10rem, 1fr))">
            <Figure big={percent(result.right)} small="of unknowns named rightly" />
            <Figure big={percent(result.onTime)} small={`of groups through by minute ${deadline}`} />
            <Figure
              big={`${Math.round(result.finish.p50)} min`}
              small={`half the groups are through; nine in ten by ${Math.round(result.finish.p90)}`}
            />
            <Figure big={`${Math.round(result.last.p50)} min`} small="the last group, usually" />
            <Figure
              big={result.bottleneck ? (stationWords[result.bottleneck] ?? result.bottleneck) : 'none'}
              small="bottleneck"
            />
          </Box>
          <Suspense fallback={<Loading what="the chart" />}>
            <Chart
              option={bars}
              label="When groups are through; the table below has the figures"
              height="15rem"
            />
          </Suspense>
          <Fold title="The figures behind the chart">
            <Table label="Groups through, by minute" heads={['Minute', 'Share of groups']}>
              {result.histogram.map((h) => (
                <Row key={h.minute}>
                  <Cell>{h.minute}</Cell>
                  <Cell>{(h.share * 100).toFixed(1)} %</Cell>
                </Row>
              ))}
            </Table>
          </Fold>
          <Box display="grid" gap="4" gridTemplateColumns={{ base: '1fr', md: '1fr 1fr' }}>
            <Box>
              <chakra.h3 fontSize="md">Named rightly, by sample</chakra.h3>
              <Table label="Named rightly, by sample" heads={['Sample', 'Share']}>
                {[...result.bySample]
                  .sort((a, b) => a.right - b.right)
                  .map((s) => (
                    <Row key={s.key}>
                      <Cell>{nameOf(s.key)}</Cell>
                      <Cell>
                        <Share value={s.right} />
                      </Cell>
                    </Row>
                  ))}
              </Table>
            </Box>
            <Box>
              <chakra.h3 fontSize="md">Stations</chakra.h3>
              <Table label="Stations" heads={['Station', 'Places', 'Waiting, a group', 'In use']}>
                {result.stations.map((s) => (
                  <Row key={s.station}>
                    <Cell>{stationWords[s.station] ?? s.station}</Cell>
                    <Cell>{s.places}</Cell>
                    <Cell>{s.waiting.toFixed(1)} min</Cell>
                    <Cell>{percent(s.busy)}</Cell>
                  </Row>
                ))}
              </Table>
              <chakra.p mt="2" fontSize="sm" color="ink.soft">
                A group repeats {result.repeats.toFixed(1)} looks after noticing that its record contradicts
                itself.
              </chakra.p>
            </Box>
          </Box>
        </>
      )}
      {changes && (
        <Box>
          <chakra.h3 fontSize="md">Single changes, best first</chakra.h3>
          {changes.left > 0 && <chakra.p role="status">Trying {changes.left} more …</chakra.p>}
          <Table
            label="Single changes"
            heads={['Change', 'Named rightly', 'Through in time', 'Half through', '']}
          >
            {changes.list.map((c) => (
              <Row key={c.id}>
                <Cell>{c.text}</Cell>
                <Cell>{signed(c.right)} points</Cell>
                <Cell>{signed(c.onTime)} points</Cell>
                <Cell>
                  {c.minutes >= 0.5
                    ? `${Math.round(c.minutes)} min later`
                    : c.minutes <= -0.5
                      ? `${Math.round(-c.minutes)} min sooner`
                      : 'same'}
                </Cell>
                <Cell color="ink.soft">{c.sure ? '' : 'within chance'}</Cell>
              </Row>
            ))}
          </Table>
        </Box>
      )}
    </Tile>
  );
}

function Figure({ big, small }: { readonly big: string; readonly small: string }) {
  return (
    <Box bg="porcelain.shade" borderRadius="tile" px="3" py="2">
      <chakra.div fontSize="xl" fontWeight="700">
        {big}
      </chakra.div>
      <chakra.div fontSize="sm" color="ink.soft">
        {small}
      </chakra.div>
    </Box>
  );
}

function Share({ value }: { readonly value: number }) {
  return (
    <Box display="flex" alignItems="center" gap="2">
      <Box width="6rem" height="10px" bg="slate.200" borderRadius="round" overflow="hidden" aria-hidden>
        <Box
          height="100%"
          bg={value < 0.6 ? 'saffron.line' : 'verdigris'}
          style={{ width: `${value * 100}%` }}
        />
      </Box>
      {percent(value)}
    </Box>
  );
}
