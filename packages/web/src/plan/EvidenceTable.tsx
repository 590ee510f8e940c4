/** What each test should show for each sample, and whether it will be seen at these strengths: computed, not typed. */
import { Box } from '@chakra-ui/react';
import {
  attributeOf,
  evidenceOf,
  testOf,
  warningText,
  type Practical,
  type PracticalSample,
} from '@kivex/core';
import { TriangleAlert } from 'lucide-react';
import { useMemo } from 'react';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';
import { Well } from '../kit/well/Well.js';

const heads: Readonly<Record<string, string>> = {
  colour: 'to the naked eye',
  throughBlueGlass: 'through blue glass',
};

export interface SampleName {
  readonly label: string;
  readonly holds: string;
}

export function EvidenceTable({
  practical,
  nameOf,
}: {
  readonly practical: Pick<Practical, 'samples' | 'tests'>;
  readonly nameOf: (sample: PracticalSample) => SampleName;
}) {
  const evidence = useMemo(() => evidenceOf(practical), [practical]);
  const columns = practical.tests.flatMap(({ test, attributes }) =>
    attributes.map((attribute) => ({ test: testOf(test), attribute: attributeOf(testOf(test), attribute) })),
  );
  return (
    <Tile>
      <Table
        label="What each sample shows"
        heads={[
          'Sample',
          'holds',
          ...columns.map(
            ({ test, attribute }) =>
              `${test.name.split(':')[0]}: ${heads[attribute.id] ?? attribute.question}`,
          ),
        ]}
      >
        {practical.samples.map((sample) => (
          <Row key={sample.key}>
            <Cell fontWeight="600" whiteSpace="nowrap">
              {nameOf(sample).label}
            </Cell>
            <Cell>{nameOf(sample).holds}</Cell>
            {columns.map(({ test, attribute }) => {
              const cell = evidence.find((e) => e.sample === sample.key && e.test === test.id);
              const values = cell?.shows[attribute.id] ?? [];
              const shown = values
                .map((v) => attribute.values.find((x) => x.id === v))
                .filter((v) => v !== undefined);
              const warning = cell?.warnings.find((w) => w.attribute === attribute.id);
              return (
                <Cell key={`${test.id} ${attribute.id}`}>
                  <Box display="flex" alignItems="center" gap="2">
                    {shown[0] && (
                      <Well look={shown[0].look} size={34} glass={attribute.reads === 'glass-colour'} />
                    )}
                    {shown.map((v) => v.label).join(' or ') || (attribute.number ? values.join(' or ') : '·')}
                    {warning && (
                      <Box as="span" color="saffron" title={warningText(warning, nameOf(sample).label)}>
                        <TriangleAlert size={18} aria-label={warningText(warning, nameOf(sample).label)} />
                      </Box>
                    )}
                  </Box>
                </Cell>
              );
            })}
          </Row>
        ))}
      </Table>
    </Tile>
  );
}
