/** Can the tests tell the unknowns apart? The pairs that stay alike, the cheapest test for them, and a key as a tree. */
import { Box, chakra } from '@chakra-ui/react';
import { attributeOf, testOf, variantOf, type Discrimination, type Key } from '@kivex/core';
import { Printer } from 'lucide-react';
import { Button } from '../kit/Button.js';
import { Tile } from '../kit/Tile.js';
import { Well } from '../kit/well/Well.js';

type Branch = Extract<Key, { test: string }>['branches'][number];

const List = chakra('ul', {
  base: { listStyle: 'none', m: '0', pl: '0', display: 'grid', gap: '2' },
});

/** "Jar 1, Jar 2 or Jar 3" */
const either = (words: readonly string[]): string =>
  words.length > 1 ? `${words.slice(0, -1).join(', ')} or ${words.at(-1)}` : (words[0] ?? '');

/** Outcomes that lead to one place: value by value where any may go with any, else one by one. */
function Outcomes({
  test,
  outcomes,
}: {
  readonly test: string;
  readonly outcomes: readonly Branch['outcome'][];
}) {
  const ids = Object.keys(outcomes[0] ?? {});
  const valuesOf = (id: string, among: readonly Branch['outcome'][]) => [
    ...new Set(among.map((o) => o[id]!)),
  ];
  const free = ids.reduce((n, id) => n * valuesOf(id, outcomes).length, 1) === outcomes.length;
  const rows = free ? [outcomes] : outcomes.map((o) => [o]);
  return (
    <Box display="grid" gap="1">
      {rows.map((among) => (
        <Box key={JSON.stringify(among)} display="flex" flexWrap="wrap" columnGap="4" rowGap="1">
          {ids.map((id) => {
            const attribute = attributeOf(testOf(test), id);
            const values = valuesOf(id, among).map((v) => attribute.values.find((x) => x.id === v)!);
            return (
              <Box key={id} display="inline-flex" alignItems="center" gap="2">
                {values.map((v) => (
                  <Well key={v.id} look={v.look} size={30} glass={attribute.reads === 'glass-colour'} />
                ))}
                {attribute.reads === 'glass-colour' && 'through the glass: '}
                {either(values.map((v) => v.label))}
              </Box>
            );
          })}
        </Box>
      ))}
    </Box>
  );
}

/** Branches that lead to the same place are drawn as one. */
function merged(
  branches: readonly Branch[],
): { readonly outcomes: readonly Branch['outcome'][]; readonly then: Key }[] {
  const byEnd = new Map<string, { outcomes: Branch['outcome'][]; then: Key }>();
  for (const { outcome, then } of branches) {
    const name = JSON.stringify(then);
    const known = byEnd.get(name);
    if (known) known.outcomes.push(outcome);
    else byEnd.set(name, { outcomes: [outcome], then });
  }
  return [...byEnd.values()];
}

function Tree({ node, labels }: { readonly node: Key; readonly labels: readonly string[] }) {
  if ('samples' in node) {
    return <chakra.b fontWeight="600">{either(node.samples.map((i) => labels[i]!))}</chakra.b>;
  }
  return (
    <Box>
      <chakra.div color="ink.soft" fontWeight="600" mb="1">
        {testOf(node.test).name}
      </chakra.div>
      <List borderLeft="2px solid" borderColor="slate.300" pl="3">
        {merged(node.branches).map(({ outcomes, then }) => (
          <li key={JSON.stringify(outcomes)}>
            <Box
              display="grid"
              gridTemplateColumns={{ base: '1fr', md: 'minmax(0, 3fr) minmax(0, 2fr)' }}
              alignItems="center"
              columnGap="4"
              rowGap="1"
              py="1"
              borderTop="1px solid"
              borderColor="slate.200"
            >
              <Outcomes test={node.test} outcomes={outcomes} />
              <Tree node={then} labels={labels} />
            </Box>
          </li>
        ))}
      </List>
    </Box>
  );
}

/** What a test is called and costs, for a sentence. */
const priced = (id: string): string => {
  const test = testOf(id);
  const minutes = variantOf(test).attendedMinutes;
  return `${test.name} (${minutes} ${minutes === 1 ? 'minute' : 'minutes'})`;
};

/**
 * @param labels what the unknowns are called, in the order of `found`.
 * @param found what `discriminate` says of the unknowns with the practical's tests.
 */
export function TellingApart({
  labels,
  found,
}: {
  readonly labels: readonly string[];
  readonly found: Discrimination;
}) {
  if (labels.length < 2) return null;
  const pairs = (labels.length * (labels.length - 1)) / 2;
  const alike = found.inseparable.length;
  const cheapest = found.add[0];
  return (
    <Tile>
      <chakra.h2 fontSize="lg" mb="1">
        Telling the unknowns apart
      </chakra.h2>
      <chakra.p mb="2">
        {alike === 0
          ? `All ${pairs} pairs can be told apart`
          : `${pairs - alike} of ${pairs} pairs can be told apart`}
        {found.smallest.tests.length > 0 && (
          <> with {found.smallest.tests.map(priced).join(' and ')}: nothing shorter does as much.</>
        )}
      </chakra.p>
      {alike > 0 && (
        <List mb="3">
          {found.inseparable.map(([a, b]) => (
            <li key={`${a}-${b}`}>
              {labels[a]} and {labels[b]} stay alike.
            </li>
          ))}
          {cheapest && (
            <li>
              Cheapest way out: {priced(cheapest.test)} would part{' '}
              {cheapest.separates.length === alike
                ? alike === 1
                  ? 'them'
                  : 'them all'
                : `${cheapest.separates.length} of these pairs`}
              .
            </li>
          )}
        </List>
      )}
      <Box display="flex" alignItems="center" gap="3" mb="2">
        <chakra.h3 fontSize="md">The key</chakra.h3>
        <Button data-noprint size="small" onClick={() => print()}>
          <Printer size={16} aria-hidden /> Print
        </Button>
      </Box>
      <Tree node={found.key} labels={labels} />
    </Tile>
  );
}
