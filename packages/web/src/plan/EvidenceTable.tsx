/** What each test should show for each sample: computed from the core, not typed. */
import { Box, chakra } from '@chakra-ui/react';
import type { LessonSample } from '@kivex/contract';
import { attributeOf, expectationOf, testOf, type Practical } from '@kivex/core';
import { Tile } from '../kit/Tile.js';
import { Well } from '../kit/well/Well.js';

const heads: Readonly<Record<string, string>> = {
  colour: 'to the naked eye',
  throughBlueGlass: 'through blue glass',
};
const Cell = chakra('td', {
  base: { px: '3', py: '1.5', borderTop: '1px solid', borderColor: 'slate.200', verticalAlign: 'middle' },
});
const Head = chakra('th', {
  base: { px: '3', py: '1.5', textAlign: 'left', color: 'ink.soft', fontWeight: '600' },
});

export function EvidenceTable({
  samples,
  tests,
}: {
  readonly samples: readonly LessonSample[];
  readonly tests: Practical['tests'];
}) {
  const columns = tests.flatMap(({ test, variant, attributes }) =>
    attributes.map((attribute) => ({ test: testOf(test), variant, attribute })),
  );
  return (
    <Tile>
      <chakra.h2 fontSize="lg" mb="1">
        What each sample shows
      </chakra.h2>
      <Box overflowX="auto" tabIndex={0} role="region" aria-label="What each sample shows">
        <chakra.table width="100%" borderCollapse="collapse">
          <thead>
            <tr>
              <Head>Sample</Head>
              <Head>holds</Head>
              {columns.map(({ test, attribute }) => (
                <Head key={`${test.id} ${attribute}`}>
                  {test.name}, {heads[attribute] ?? attributeOf(test, attribute).question}
                </Head>
              ))}
            </tr>
          </thead>
          <tbody>
            {samples.map((sample) => (
              <tr key={sample.id}>
                <Cell fontWeight="600" whiteSpace="nowrap">
                  {sample.role === 'known' ? 'Labelled' : sample.label}
                </Cell>
                <Cell>{sample.holds}</Cell>
                {columns.map(({ test, variant, attribute }) => {
                  const values = expectationOf(test.id, sample.ions, { variant })[attribute] ?? [];
                  return (
                    <Cell key={`${test.id} ${attribute}`}>
                      <Box display="flex" alignItems="center" gap="2">
                        {values.slice(0, 1).map((v) => (
                          <Well
                            key={v}
                            look={attributeOf(test, attribute).values.find((x) => x.id === v)!.look}
                            size={34}
                            glass={attribute === 'throughBlueGlass'}
                          />
                        ))}
                        {values
                          .map((v) => attributeOf(test, attribute).values.find((x) => x.id === v)?.label)
                          .join(' or ')}
                      </Box>
                    </Cell>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </chakra.table>
      </Box>
    </Tile>
  );
}
