/** The tests of the lesson, where there are several: one is chosen, the pad and the method follow. Many are a list, for a row of them would fill a phone. */
import { Box } from '@chakra-ui/react';
import type { Bench } from '@kivex/contract';
import { shortTestName } from '../kit/look-names.js';
import { OnOff } from '../kit/OnOff.js';
import { Select } from '../kit/Select.js';

/** Tests that stand side by side, at most. */
const mostInRow = 3;

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
  if (bench.tests.length > mostInRow)
    return (
      <Select size="bench" aria-label="Test" value={chosen} onChange={(e) => choose(e.target.value)}>
        {bench.tests.map(({ test }) => (
          <option key={test} value={test}>
            {shortTestName(test)}
          </option>
        ))}
      </Select>
    );
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
        >
          {shortTestName(test)}
        </OnOff>
      ))}
    </Box>
  );
}
