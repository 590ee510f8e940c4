/** Single items that are worth something else than their strand's points. */
import { chakra } from '@chakra-ui/react';
import { weightBounds, weightOf, type ItemWeight, type MarkScheme, type Practical } from '@kivex/core';
import { Fold } from '../kit/Fold.js';
import { looksOf, shortTestName } from '../kit/look-names.js';
import { NumberInput } from '../kit/NumberInput.js';
import { Cell, Row, Table } from '../kit/Table.js';

type Item = Omit<ItemWeight, 'weight'>;
const isOf = (a: Item) => (b: Item) =>
  a.strand === b.strand && a.test === b.test && a.attribute === b.attribute;

/** Everything of a practical that can have a weight of its own, with what it is called. */
export const weighable = (
  practical: Practical,
): readonly { readonly item: Item; readonly name: string }[] => [
  ...looksOf(practical)
    .filter((look) => !look.throughGlass)
    .map(({ test, attribute, short, what }) => ({
      item: { strand: 'observation' as const, test, attribute },
      name: `${short}: ${what}`,
    })),
  ...practical.tests.flatMap(({ test, equation, technique }) => [
    ...(equation
      ? [{ item: { strand: 'equation' as const, test }, name: `${shortTestName(test)}: equation` }]
      : []),
    ...(technique
      ? [{ item: { strand: 'technique' as const, test }, name: `${shortTestName(test)}: technique` }]
      : []),
  ]),
];

export function ItemWeights({
  practical,
  scheme,
  set,
}: {
  readonly practical: Practical;
  readonly scheme: MarkScheme;
  readonly set: (part: Partial<MarkScheme>) => void;
}) {
  const own = scheme.items.length;
  const weigh = (item: Item, weight: number | null) => {
    const others = scheme.items.filter((i) => !isOf(item)(i));
    set({ items: weight === null ? others : [...others, { ...item, weight }] });
  };
  return (
    <Fold title={`Single items${own ? `: ${own} with a weight of ${own === 1 ? 'its' : 'their'} own` : ''}`}>
      <chakra.p color="ink.soft" fontSize="sm" mb="1">
        Left empty, an item is worth what its strand is.
      </chakra.p>
      <Table label="Weights of single items" heads={['Item', 'One point is worth']}>
        {weighable(practical).map(({ item, name }) => (
          <Row key={name}>
            <Cell>{name}</Cell>
            <Cell width="9rem">
              <NumberInput
                size="small"
                optional
                aria-label={`Weight of ${name}`}
                placeholder={String(
                  weightOf({ ...scheme, items: [] }, { ...item, attribute: item.attribute ?? null }),
                )}
                value={scheme.items.find(isOf(item))?.weight ?? null}
                max={weightBounds.most}
                step={weightBounds.step}
                onValue={(weight) => weigh(item, weight)}
              />
            </Cell>
          </Row>
        ))}
      </Table>
    </Fold>
  );
}
