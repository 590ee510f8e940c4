/** The tests of the lesson side by side, where there are several: one is chosen, the pad and the method follow. */
import { Box } from '@chakra-ui/react';
import type { Bench } from '@kivex/contract';
import { shortTestName } from '../kit/look-names.js';
import { OnOff } from '../kit/OnOff.js';

export function TestChoice({
  bench,
  chosen,
  choose,
}: {
  readonly bench: Bench;
  readonly chosen: string;
  readonly choose: (test: string) => void;
}) {
  if (bench.tests.length < 2) return null;
  return (
    <Box role="group" aria-label="Tests" display="flex" flexWrap="wrap" gap="2">
      {bench.tests.map(({ test }) => (
        <OnOff
          key={test}
          size="bench"
          pressed={test === chosen}
          onPressedChange={() => choose(test)}
          minH="12"
          px="3"
          fontWeight="600"
        >
          {shortTestName(test)}
        </OnOff>
      ))}
    </Box>
  );
}
