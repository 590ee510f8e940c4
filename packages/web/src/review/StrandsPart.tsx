/** How a class did in each strand. */
import { useMemo } from 'react';
import type { Strand } from '@kivex/core';
import { shareBars } from '../kit/chart/chart-options.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Figures } from './Figures.js';
import { weak } from './ItemsPart.js';
import { percent } from './review-words.js';

export const strandNames: Readonly<Record<Strand, string>> = {
  technique: 'Technique',
  observation: 'What was seen',
  conclusion: 'Names',
  equation: 'Equations',
};

export interface StrandShare {
  readonly strand: Strand;
  readonly share: number;
  /** Of the mean over students, where it is known. */
  readonly interval?: readonly [number, number];
  readonly students?: number;
}

export function StrandsPart({ strands }: { readonly strands: readonly StrandShare[] }) {
  const option = useMemo(
    () => shareBars(strands.map((s) => ({ ...s, name: strandNames[s.strand], low: s.share < weak }))),
    [strands],
  );
  const spread = strands.some((s) => s.interval);
  return (
    <Figures
      title="Strands"
      says={`Share of points earned: ${strands.map((s) => `${strandNames[s.strand]} ${percent(s.share)}`).join(', ')}.`}
      option={option}
      bars={strands.length}
    >
      <Table
        label="Strands"
        heads={['Strand', 'Earned', ...(spread ? ['Mean of the class lies in', 'Students'] : [])]}
      >
        {strands.map(({ strand, share, interval, students }) => (
          <Row key={strand}>
            <Cell>{strandNames[strand]}</Cell>
            <Cell>{percent(share)}</Cell>
            {spread && <Cell>{interval ? `${percent(interval[0])} to ${percent(interval[1])}` : ''}</Cell>}
            {spread && <Cell>{students}</Cell>}
          </Row>
        ))}
      </Table>
    </Figures>
  );
}
