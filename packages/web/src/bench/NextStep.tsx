/** The one thing that would bring a student most, with questions to try oneself on. */
import { Box, chakra } from '@chakra-ui/react';
import { teachWords, type ToTeach } from '@kivex/core';
import { Fold } from '../kit/Fold.js';
import { Tile } from '../kit/Tile.js';

export function NextStep({ next }: { readonly next: ToTeach }) {
  return (
    <Tile p="3" display="grid" gap="2">
      <chakra.h2 fontSize="lg">What would bring you most</chakra.h2>
      <p>
        <b>{teachWords(next)}</b>. It cost you {next.lost} {next.lost === 1 ? 'point' : 'points'}
        {next.instead.length > 0 && `; you wrote ${next.instead.map((w) => `“${w}”`).join(', ')}`}.
      </p>
      {next.questions.length > 0 && (
        <Box display="grid" gap="1">
          <chakra.h3 fontSize="md">Try yourself</chakra.h3>
          {next.questions.map(({ ask, model }) => (
            <Fold key={ask} size="bench" title={ask}>
              <chakra.p pb="2">{model}</chakra.p>
            </Fold>
          ))}
        </Box>
      )}
    </Tile>
  );
}
