/** The well in all its states, and the pigments: what every face of Kivex is drawn with. */
import { Box, chakra } from '@chakra-ui/react';
import { allDrawings, drawingOf } from '@kivex/core';
import { Apparatus } from '../kit/Apparatus.js';
import { resultsOfTests } from './results-of-tests.js';
import { Tile } from '../kit/Tile.js';
import { pigments } from '../kit/theme/pigments.js';
import { Well, type WellProps } from '../kit/well/Well.js';

const lilac = { kind: 'flame', colour: '#b391dd', pattern: 'waves' } as const;
const kinds: readonly (readonly [string, WellProps])[] = [
  ['nothing logged yet', { look: { kind: 'empty' } }],
  ['words nothing is read from', { look: { kind: 'written' } }],
  ['no colour, no change', { look: { kind: 'nothing' } }],
];
const states: readonly (readonly [string, WellProps])[] = [
  ['chosen', { look: lilac, chosen: true }],
  ['not sure', { look: lilac, doubtful: true }],
  ['through blue glass', { look: lilac, glass: true }],
  ['corrected', { look: lilac, corrected: true }],
  ['seen three times', { look: lilac, times: 3 }],
];

function Row({
  title,
  wells,
}: {
  readonly title: string;
  readonly wells: readonly (readonly [string, WellProps])[];
}) {
  return (
    <Tile>
      <chakra.h2 fontSize="lg" mb="3">
        {title}
      </chakra.h2>
      <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(7.5rem, 1fr))" gap="4">
        {wells.map(([word, props]) => (
          <Box
            key={word}
            display="flex"
            flexDirection="column"
            alignItems="center"
            gap="1"
            textAlign="center"
            fontSize="sm"
          >
            <Well size={76} {...props} />
            {word}
          </Box>
        ))}
      </Box>
    </Tile>
  );
}

export default function SpecimenPage() {
  return (
    <chakra.main p="5" maxW="80rem" mx="auto" display="grid" gap="4">
      <chakra.h1 fontSize="xl">The well, the apparatus and the pigments</chakra.h1>
      <Row title="Before there is a result" wells={kinds} />
      <Row title="States" wells={states} />
      {resultsOfTests.map(({ title, wells }) => (
        <Row key={title} title={title} wells={wells} />
      ))}
      <Tile>
        <chakra.h2 fontSize="lg" mb="3">
          Apparatus
        </chakra.h2>
        <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(10rem, 1fr))" gap="4">
          {allDrawings.map((id) => (
            <Box key={id} asChild fontSize="sm" textAlign="center" lineHeight="1.25">
              <figure>
                <Apparatus id={id} />
                <figcaption>{drawingOf(id).name}</figcaption>
              </figure>
            </Box>
          ))}
        </Box>
      </Tile>
      <Tile>
        <chakra.h2 fontSize="lg" mb="3">
          Pigments
        </chakra.h2>
        <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(9rem, 1fr))" gap="3">
          {Object.entries(pigments).flatMap(([name, shades]) =>
            Object.keys(shades).map((shade) => {
              const token = shade === 'value' ? name : `${name}.${shade}`;
              return (
                <Box key={token} fontSize="sm" fontFamily="mono">
                  <Box
                    height="10"
                    borderRadius="tile"
                    borderWidth="1px"
                    borderStyle="solid"
                    borderColor="slate.300"
                    bg={token}
                  />
                  {token}
                </Box>
              );
            }),
          )}
        </Box>
      </Tile>
    </chakra.main>
  );
}
