/** What is still missing, and handing in. */
import { Box, chakra } from '@chakra-ui/react';
import type { Bench } from '@kivex/contract';
import { equationOf, namingOf, standing, type GroupRecord, type StudentBody } from '@kivex/core';
import { CircleCheck, CircleDashed } from 'lucide-react';
import { Button } from '../kit/Button.js';
import { clock } from '../kit/moments.js';
import { Notice } from '../kit/Notice.js';
import { Tile } from '../kit/Tile.js';
import { shortTestName } from '../kit/look-names.js';

interface HandInProps {
  readonly bench: Bench;
  readonly record: GroupRecord;
  readonly unsent: number;
  readonly log: (body: StudentBody) => Promise<string>;
  readonly moveTo: (place: 'log' | 'name') => void;
  readonly leave: () => void;
}

export function HandIn({ bench, record, unsent, log, moveTo, leave }: HandInProps) {
  const items = bench.samples.flatMap((sample) => [
    ...sample.tests.map((test) => ({
      key: `${sample.id} ${test}`,
      label: bench.tests.length > 1 ? `${sample.label}: ${shortTestName(test)}` : `${sample.label}: logged`,
      done: standing(record, sample.id).some((entry) => entry.body.test === test),
      place: 'log' as const,
    })),
    ...(sample.role === 'unknown'
      ? [
          {
            key: `${sample.id}-name`,
            label: `${sample.label}: named by you`,
            done: Boolean(namingOf(record, sample.id, bench.me.id)),
            place: 'name' as const,
          },
          ...bench.tests
            .filter((t) => t.equation && sample.tests.includes(t.test))
            .map(({ test }) => ({
              key: `${sample.id}-${test}-equation`,
              label: `${sample.label}: equation for ${shortTestName(test)}, if anything happened`,
              done: Boolean(equationOf(record, sample.id, test, bench.me.id)),
              place: 'name' as const,
            })),
        ]
      : []),
  ]);
  const open = items.filter((item) => !item.done);
  const handedIn = record.handedIn[bench.me.id];
  return (
    <Tile p="3" display="flex" flexDirection="column" gap="4">
      <chakra.h2 fontSize="xl">{handedIn ? 'Handed in' : 'Ready to hand in?'}</chakra.h2>
      {handedIn && (
        <Notice tone="go">
          You handed in at {clock(handedIn)}. You can still log and change your answers until the lesson ends;
          they count.
        </Notice>
      )}
      <chakra.ul display="flex" flexDirection="column">
        {items.map((item) => (
          <chakra.li
            key={item.key}
            display="flex"
            alignItems="center"
            gap="3"
            minH="12"
            borderBottom="1px solid"
            borderColor="slate.200"
          >
            {item.done ? (
              <CircleCheck size={22} color="var(--chakra-colors-verdigris)" aria-label="done" />
            ) : (
              <CircleDashed size={22} aria-label="missing" />
            )}
            <Box flex="1">{item.label}</Box>
            {!item.done && (
              <Button size="bench" minH="12" fontSize="md" onClick={() => moveTo(item.place)}>
                {item.place === 'log' ? 'Log it' : 'Name it'}
              </Button>
            )}
          </chakra.li>
        ))}
      </chakra.ul>
      {!handedIn && (
        <>
          {open.length > 0 && (
            <chakra.p>
              {open.length === 1 ? 'One thing is' : `${open.length} things are`} missing. You can hand in all
              the same: what is there is marked.
            </chakra.p>
          )}
          <Button size="bench" variant="go" onClick={() => void log({ type: 'hand-in' })}>
            Hand in my work
          </Button>
        </>
      )}
      {unsent > 0 && (
        <Notice tone="look">
          Some entries are still on this device. Keep it on until it says “All saved”.
        </Notice>
      )}
      {handedIn && unsent === 0 && (
        <Button size="bench" onClick={leave}>
          Leave this bench
        </Button>
      )}
    </Tile>
  );
}
