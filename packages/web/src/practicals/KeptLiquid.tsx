/** Whether the liquid a test leaves is kept for later tests. */
import { Box, chakra } from '@chakra-ui/react';
import { keepingLiquids, testOf, whyNotKept, type PlannedTest, type Practical } from '@kivex/core';
import { Choices } from '../kit/Choices.js';

/** Whether the liquid a test leaves is kept for later tests, and why it cannot be where it cannot. */
export function Liquid({
  practical,
  planned,
  change,
}: {
  readonly practical: Practical;
  readonly planned: PlannedTest;
  readonly change: (part: Partial<Practical>) => void;
}) {
  const why = whyNotKept(practical.samples, planned);
  return (
    <Box>
      <Choices
        label={`The liquid ${testOf(planned.test).name} leaves`}
        choices={[{ id: 'keep' as const, label: 'Its liquid is kept for later tests' }]}
        chosen={planned.keeps ? ['keep'] : []}
        toggle={() => {
          if (planned.keeps || !why) change(keepingLiquids(practical, planned.test, !planned.keeps));
        }}
      />
      {why && (
        <chakra.p fontSize="sm" color="ink.soft" mt="1">
          {why}
        </chakra.p>
      )}
    </Box>
  );
}
