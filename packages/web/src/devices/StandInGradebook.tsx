/** The gradebook that ships, to try sending marks with: told how it behaves. */
import { Box, chakra } from '@chakra-ui/react';
import { standInModes, type StandInMode } from '@kivex/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { OneOf } from '../kit/Choices.js';
import { Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { askNow, nowOrNever } from '../kit/request/now-or-never.js';
import { Tile } from '../kit/Tile.js';

const words: Readonly<Record<StandInMode, string>> = {
  answers: 'answers',
  slow: 'is slow',
  refuses: 'refuses some',
  down: 'is down',
};

export function StandInGradebook() {
  const cache = useQueryClient();
  const standIn = useQuery({
    ...askNow,
    queryKey: ['stand-in-gradebook'],
    queryFn: () => call('GET /api/gradebook/stand-in', {}),
    retry: false,
  });
  const tell = useMutation({
    ...nowOrNever,
    mutationFn: (mode: StandInMode) => call('PUT /api/gradebook/stand-in', { body: { mode } }),
    onSuccess: () => cache.invalidateQueries({ queryKey: ['stand-in-gradebook'] }),
  });
  // A school with a gradebook of its own has none to try with.
  if (!standIn.data) return null;
  return (
    <Tile p="4" display="grid" gap="2" alignContent="start">
      <chakra.h2 fontSize="lg">Gradebook</chakra.h2>
      <chakra.p color="ink.soft" fontSize="sm">
        Marks that were given out are sent to it from Mark, under To the gradebook. It keeps them in memory
        and forgets them when Kivex stops.
      </chakra.p>
      <Box>
        <OneOf
          label="How the gradebook behaves"
          choices={standInModes.map((id) => ({ id, label: `It ${words[id]}` }))}
          chosen={standIn.data.mode}
          choose={(mode) => tell.mutate(mode)}
        />
      </Box>
      {tell.error && <Notice tone="stop">{tell.error.message}</Notice>}
    </Tile>
  );
}
