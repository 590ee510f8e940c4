/** What each test took a group, beside what was planned; repeats, corrections, weak and doubtful results. */
import { chakra } from '@chakra-ui/react';
import type { TimeOfTest } from '@kivex/contract';
import { useMemo } from 'react';
import { pairedBars } from '../kit/chart/chart-options.js';
import { shortTestName } from '../kit/look-names.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Figures } from './Figures.js';

const minutes = (m: number): string => `${Math.round(m)}`;

export function TimesPart({ times }: { readonly times: readonly TimeOfTest[] }) {
  const option = useMemo(
    () =>
      pairedBars(
        times.map((t) => ({
          name: shortTestName(t.test),
          first: t.planned,
          second: t.minutes && Math.round(t.minutes.median * 10) / 10,
        })),
        ['planned', 'took (the middle group)'],
        'min',
      ),
    [times],
  );
  return (
    <Figures
      title="Time of each test"
      says={times
        .map(
          (t) =>
            `${shortTestName(t.test)}: planned ${t.planned}, took ${t.minutes ? minutes(t.minutes.median) : '?'} minutes.`,
        )
        .join(' ')}
      option={option}
      bars={times.length * 1.4}
    >
      <Table
        label="Time and repeats by test"
        heads={[
          'Test',
          'Planned',
          'Took',
          'Middle half',
          'Groups',
          'Tries a sample',
          'Corrected',
          'Weak',
          'Doubtful',
          'No time',
        ]}
      >
        {times.map((t) => (
          <Row key={t.test}>
            <Cell>{shortTestName(t.test)}</Cell>
            <Cell whiteSpace="nowrap">{t.planned} min</Cell>
            <Cell whiteSpace="nowrap" fontWeight={t.minutes && t.minutes.median > t.planned ? '700' : '400'}>
              {t.minutes ? `${minutes(t.minutes.median)} min` : 'not known'}
            </Cell>
            <Cell whiteSpace="nowrap">
              {t.minutes ? `${minutes(t.minutes.quarter[0])} to ${minutes(t.minutes.quarter[1])}` : ''}
            </Cell>
            <Cell>{t.groups}</Cell>
            <Cell>{t.attempts.toFixed(1)}</Cell>
            <Cell>{t.corrected}</Cell>
            <Cell>{t.weak}</Cell>
            <Cell>{t.doubtful}</Cell>
            <Cell>{t.notDone}</Cell>
          </Row>
        ))}
      </Table>
      <chakra.p fontSize="sm" color="ink.soft" mt="2">
        From entry to entry of each group; gaps of more than 20 minutes are no test’s.
      </chakra.p>
    </Figures>
  );
}
