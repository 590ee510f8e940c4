/** The ways one thing was written, with how often. */
import { Box, chakra } from '@chakra-ui/react';
import type { LikeAnswers } from '@kivex/core';

export function Written({ ways }: { readonly ways: LikeAnswers['written'] }) {
  return (
    <Box>
      {ways.map(({ answer, times }) => (
        <chakra.div key={answer} fontSize="lg" fontWeight="600">
          {answer}
          {times > 1 && (
            <chakra.span color="ink.soft" fontSize="sm" fontWeight="400">
              {' '}
              {times} times
            </chakra.span>
          )}
        </chakra.div>
      ))}
    </Box>
  );
}
