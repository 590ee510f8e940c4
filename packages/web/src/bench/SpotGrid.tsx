/** Spots of several samples with several reagents at once: a well each, tapped on to the next thing that may be seen; logged together. */
import { Box, chakra } from '@chakra-ui/react';
import type { BenchSample } from '@kivex/contract';
import { attributeOf, testOf, type PlannedTest, type StudentBody } from '@kivex/core';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { shortTestName } from '../kit/look-names.js';
import { Tile } from '../kit/Tile.js';
import { Well } from '../kit/well/Well.js';
import { nextValue, spotBodies, type Spots } from './spot-grid.js';

interface SpotGridProps {
  /** The spot tests of the practical. */
  readonly tests: readonly PlannedTest[];
  readonly samples: readonly BenchSample[];
  readonly log: (body: StudentBody) => Promise<string>;
  readonly done: (n: number) => void;
}

/** Above a column: what is dropped, without "spot". */
const head = (test: string): string => shortTestName(test).replace(/ spot$/, '');

export function SpotGrid({ tests, samples, log, done }: SpotGridProps) {
  const [spots, setSpots] = useState<Spots>({});
  const bodies = spotBodies(tests, samples, spots);
  const save = async () => {
    for (const body of bodies) await log(body);
    setSpots({});
    done(bodies.length);
  };
  return (
    <Tile p="3" display="flex" flexDirection="column" gap="3">
      <chakra.h2 fontSize="lg">What does each spot show?</chakra.h2>
      <chakra.p color="ink.soft">
        Tap a well until it looks like yours:{' '}
        {valuesOf(tests[0]!)
          .map((v) => v.label)
          .join(', ')}
        , then empty again.
      </chakra.p>
      <Box overflowX="auto">
        <chakra.table borderCollapse="collapse" aria-label="Spots">
          <thead>
            <tr>
              <td />
              {tests.map(({ test }) => (
                <chakra.th key={test} scope="col" p="1" fontSize="sm" fontWeight="600">
                  {head(test)}
                </chakra.th>
              ))}
            </tr>
          </thead>
          <tbody>
            {samples.map((sample) => (
              <tr key={sample.id}>
                <chakra.th scope="row" p="1" textAlign="start" fontWeight="600" maxW="9rem">
                  {sample.label}
                </chakra.th>
                {tests.map((planned) => {
                  if (!sample.tests.includes(planned.test)) return <td key={planned.test} />;
                  const values = valuesOf(planned);
                  const id = spots[sample.id]?.[planned.test];
                  const value = values.find((v) => v.id === id);
                  return (
                    <chakra.td key={planned.test} p="1" textAlign="center">
                      <Button
                        variant="quiet"
                        minH="14"
                        minW="14"
                        p="1"
                        flexDirection="column"
                        gap="0"
                        fontSize="xs"
                        aria-label={`${sample.label}, ${head(planned.test)}: ${value?.label ?? 'not looked at'}`}
                        onClick={() =>
                          setSpots((before) => ({
                            ...before,
                            [sample.id]: {
                              ...before[sample.id],
                              [planned.test]: nextValue(
                                values.map((v) => v.id),
                                before[sample.id]?.[planned.test],
                              ),
                            },
                          }))
                        }
                      >
                        <Well look={value?.look ?? { kind: 'empty' }} size={40} />
                        <span aria-hidden>
                          {value ? (value.id === 'none' ? 'no ppt' : value.label) : '–'}
                        </span>
                      </Button>
                    </chakra.td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </chakra.table>
      </Box>
      <Button size="bench" variant="go" disabled={!bodies.length} onClick={() => void save()}>
        {bodies.length > 1 ? `Log all ${bodies.length}` : 'Log it'}
      </Button>
    </Tile>
  );
}

function valuesOf({ test, attributes }: PlannedTest) {
  const { values, neutral = [] } = attributeOf(testOf(test), attributes[0]!);
  return values.filter((v) => !neutral.includes(v.id));
}
