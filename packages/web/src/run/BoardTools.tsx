/** How the benches are shown: in which order, which of them; and what the numbers above their wells stand for. */
import { Box, chakra } from '@chakra-ui/react';
import { memo } from 'react';
import { OneOf } from '../kit/Choices.js';
import { shortTestName } from '../kit/look-names.js';
import { Select } from '../kit/Select.js';
import { benchFilters, type BenchFilter } from './board-filter.js';

export type BenchOrder = 'room' | 'need';

/** Drawn anew only where a number in it has changed. */
export const BoardTools = memo(
  function BoardTools({
    order,
    setOrder,
    filter,
    setFilter,
    counts,
    tests,
  }: {
    readonly order: BenchOrder;
    readonly setOrder: (order: BenchOrder) => void;
    readonly filter: BenchFilter;
    readonly setFilter: (filter: BenchFilter) => void;
    /** Benches that pass each filter. */
    readonly counts: readonly number[];
    readonly tests: readonly string[];
  }) {
    return (
      <Box display="flex" alignItems="center" gap="3" flexWrap="wrap">
        <OneOf
          label="Order of the benches"
          choices={[
            { id: 'room', label: 'As in the room' },
            { id: 'need', label: 'Who needs me first' },
          ]}
          chosen={order}
          choose={setOrder}
        />
        <Select
          width="auto"
          aria-label="Show only"
          value={filter}
          onChange={(e) => setFilter(e.target.value as BenchFilter)}
        >
          {benchFilters.map(({ id, label }, i) => (
            <option key={id} value={id}>
              {label}
              {id === 'all' ? '' : ` (${counts[i]})`}
            </option>
          ))}
        </Select>
        <chakra.ol
          display="flex"
          flexWrap="wrap"
          columnGap="3"
          fontSize="sm"
          color="ink.soft"
          aria-label="Tests"
        >
          {tests.map((test, i) => (
            <li key={test}>
              <b>{i + 1}</b> {shortTestName(test)}
            </li>
          ))}
        </chakra.ol>
      </Box>
    );
  },
  (before, after) =>
    before.order === after.order &&
    before.filter === after.filter &&
    before.tests === after.tests &&
    before.counts.join() === after.counts.join(),
);
