/** The tests of the lesson side by side, where there are several: one is chosen, the pad and the method follow. */
import { Box, chakra } from '@chakra-ui/react';
import type { Bench } from '@kivex/contract';
import { testOf } from '@kivex/core';

/** What stands before the comma or the colon is name enough on a button. */
export const shortTestName = (id: string): string => testOf(id).name.split(/[:,]/)[0]!;

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
        <chakra.button
          key={test}
          type="button"
          aria-pressed={test === chosen}
          onClick={() => choose(test)}
          minH="12"
          px="3"
          cursor="pointer"
          fontWeight="600"
          borderRadius="tile"
          borderWidth="2px"
          borderStyle="solid"
          borderColor={test === chosen ? 'permanganate' : 'slate.300'}
          bg={test === chosen ? 'permanganate.wash' : 'porcelain'}
          color={test === chosen ? 'permanganate' : 'ink'}
          _focusVisible={{ outline: '3px solid', outlineColor: 'permanganate', outlineOffset: '2px' }}
        >
          {shortTestName(test)}
        </chakra.button>
      ))}
    </Box>
  );
}
