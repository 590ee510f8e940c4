/** Who gets which unknown: dealt exactly in the worker, with what is pinned by hand, and how even it is. */
import { Box, chakra } from '@chakra-ui/react';
import type { AllocationResult } from '@kivex/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Shuffle } from 'lucide-react';
import { useRef, useState } from 'react';
import { Button } from '../kit/Button.js';
import { Choices, toggled } from '../kit/Choices.js';
import { Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';
import { useThisLesson } from '../lessons/LessonFrame.js';
import { called, startPlanning, type Planning } from '../planning/planning-client.js';

type Pins = Readonly<Record<string, readonly string[]>>;
interface Found {
  readonly result: AllocationResult;
  readonly proving: boolean;
}

const evenness = ({ coverageSpread, difficultySpread, optimal }: AllocationResult): string =>
  `The most used jar goes to ${coverageSpread} more ${coverageSpread === 1 ? 'group' : 'groups'} than the least used${
    optimal.coverage ? ', which is as even as can be' : ''
  }; the hardest set of jars has ${difficultySpread} more difficulty ${difficultySpread === 1 ? 'point' : 'points'} than the easiest${
    optimal.difficulty ? ', as even as can be' : ''
  }.`;

export function DealingPanel() {
  const lesson = useThisLesson();
  const cache = useQueryClient();
  const [pins, setPins] = useState<Pins>({});
  const [found, setFound] = useState<Found>();
  const [problem, setProblem] = useState<string>();
  const planning = useRef<Planning>(undefined);
  const jars = lesson.samples.filter((s) => s.role === 'unknown');
  const label = new Map(jars.map((j) => [j.id, j.label]));
  const may = lesson.state === 'planned';
  const stop = () => {
    planning.current?.stop();
    planning.current = undefined;
    setFound((f) => (f ? { ...f, proving: false } : f));
  };
  const deal = async () => {
    stop();
    setProblem(undefined);
    setFound(undefined);
    const own = startPlanning();
    planning.current = own;
    try {
      const met = await call('GET /api/lessons/:lesson/met', { lesson: lesson.id });
      const problemFor = (history: Pins) => ({
        groups: lesson.groupList.map((g) => ({ id: g.id, bench: g.bench })),
        samples: jars.map((j) => ({ id: j.id, difficulty: j.difficulty })),
        perGroup: lesson.practical.unknownsPerGroup,
        history,
        pinned: pins,
      });
      const ask = (history: Pins) =>
        own.work.allocate(
          problemFor(history),
          called((result) => planning.current === own && setFound({ result, proving: true })),
        );
      let result = await ask(met);
      // Where keeping what was met apart leaves no way, meeting again is allowed.
      if (!result.feasible && Object.values(met).some((list) => list.length)) result = await ask({});
      if (planning.current === own) setFound({ result, proving: false });
    } catch (error) {
      if (planning.current === own) setProblem((error as Error).message);
    } finally {
      own.stop();
    }
  };
  const use = useMutation({
    mutationFn: (assign: Pins) =>
      call('PUT /api/lessons/:lesson/dealing', { lesson: lesson.id, body: { pinned: assign } }),
    onSuccess: async () => {
      setFound(undefined);
      await cache.invalidateQueries({ queryKey: ['lesson', lesson.id] });
    },
  });
  const given = (group: string): readonly string[] =>
    found?.result.feasible
      ? (found.result.assign[group] ?? [])
      : (lesson.groupList.find((g) => g.id === group)?.unknowns ?? []);
  const counts = jars.map((j) => ({
    jar: j,
    n: lesson.groupList.filter((g) => given(g.id).includes(j.id)).length,
  }));
  return (
    <Tile display="flex" flexDirection="column" gap="3">
      <Box display="flex" gap="2" alignItems="center" flexWrap="wrap">
        <chakra.h2 fontSize="lg">Who gets which jar</chakra.h2>
        <Box flex="1" />
        {may && (
          <>
            {found?.result.feasible && (
              <Button variant="go" disabled={use.isPending} onClick={() => use.mutate(found.result.assign)}>
                Use this dealing
              </Button>
            )}
            {found?.proving ? (
              <Button onClick={stop}>Stop looking</Button>
            ) : (
              <Button onClick={() => void deal()}>
                <Shuffle size={18} aria-hidden /> Deal again
              </Button>
            )}
          </>
        )}
      </Box>
      {found && (
        <Notice tone={found.result.feasible ? 'tell' : 'stop'}>
          {found.result.feasible ? evenness(found.result) : found.result.why.join(' ')}
          {found.proving && ' Looking whether it can be evener …'}
        </Notice>
      )}
      {(problem ?? use.error?.message) && <Notice tone="stop">{problem ?? use.error?.message}</Notice>}
      <Table
        label="Who gets which jar"
        heads={[
          'Group',
          found?.result.feasible ? 'would get' : 'has',
          ...(may ? ['must have (set by hand)'] : []),
        ]}
      >
        {lesson.groupList.map((group) => (
          <Row key={group.id}>
            <Cell fontWeight="600" whiteSpace="nowrap">
              {group.name}
            </Cell>
            <Cell fontFamily="mono" whiteSpace="nowrap">
              {[...given(group.id)]
                .map((id) => label.get(id))
                .sort()
                .join(', ')}
            </Cell>
            {may && (
              <Cell>
                <Choices
                  label={`Jars ${group.name} must have`}
                  choices={jars.map((j) => ({ id: j.id, label: j.label.replace('Jar ', '') }))}
                  chosen={pins[group.id] ?? []}
                  toggle={(id) => setPins({ ...pins, [group.id]: toggled(pins[group.id] ?? [], id) })}
                />
              </Cell>
            )}
          </Row>
        ))}
      </Table>
      <chakra.p fontSize="sm" color="ink.soft">
        {counts
          .map(({ jar, n }) => `${jar.label} (${jar.holds}, difficulty ${jar.difficulty}): ${n}`)
          .join(' · ')}
        . Neighbours in front, behind and beside share none; nobody meets a jar again while there is another.
      </chakra.p>
    </Tile>
  );
}
