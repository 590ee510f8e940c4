/** The tile of a group, drawn: samples down, tests across, a well in each cell. The same on bench, board and desk. */
import { chakra } from '@chakra-ui/react';
import { memo } from 'react';
import type { CellState, TileCell, TileRow } from '@kivex/core';
import { Button } from '../Button.js';
import { shortTestName } from '../look-names.js';
import { cellDrawing, saidWords } from './results.js';
import { Well } from './Well.js';

export interface TileSample {
  readonly id: string;
  readonly label: string;
  readonly role: string;
}
interface SpotTileProps {
  readonly rows: readonly TileRow[];
  readonly samples: readonly TileSample[];
  readonly tests: readonly string[];
  /** Pixels across a well. */
  readonly size: number;
  /** Heads as names, or as numbers where a legend stands by. */
  readonly heads?: 'names' | 'numbers';
  /** Tests the rota has the group at now. */
  readonly now?: readonly string[];
  readonly press?: (sample: string, test: string) => void;
  readonly name: string;
}

const states: Readonly<Record<CellState, string>> = {
  empty: 'nothing yet',
  logged: '',
  weak: 'weak',
  doubtful: 'not sure',
  inferred: 'inferred',
  differs: 'entries differ',
  'not-done': 'no time',
};

const seenWords = ({ entry }: TileCell): string => (entry ? saidWords(entry.body) : '');

/** What was seen, and what else is so of it. */
export const cellState = (cell: TileCell): string =>
  [seenWords(cell), states[cell.state]].filter(Boolean).join(', ');

/** What a cell says, for those who do not see it. */
export const cellWords = (cell: TileCell): string =>
  cellState(cell) + (cell.entries.length > 1 ? `, ${cell.entries.length} times` : '');

export function SpotTile({
  rows,
  samples,
  tests,
  size,
  heads = 'names',
  now = [],
  press,
  name,
}: SpotTileProps) {
  const label = new Map(samples.map((s) => [s.id, s]));
  return (
    <chakra.table
      aria-label={name}
      borderCollapse="separate"
      borderSpacing="0"
      width="100%"
      tableLayout="fixed"
    >
      <thead>
        <Heads tests={tests} heads={heads} now={now.join(' ')} />
      </thead>
      <tbody>
        {rows.map((row) => {
          const sample = label.get(row.sample);
          return (
            <tr key={row.sample}>
              <RowHead label={sample?.label ?? ''} unknown={sample?.role === 'unknown'} heads={heads} />
              {row.cells.map((cell, i) => (
                <td key={tests[i]} style={cellStyle}>
                  {cell && <SpotCell cell={cell} size={size} sample={sample?.label ?? ''} press={press} />}
                </td>
              ))}
            </tr>
          );
        })}
      </tbody>
    </chakra.table>
  );
}
const RowHead = memo(function RowHead({
  label,
  unknown,
  heads,
}: {
  readonly label: string;
  readonly unknown: boolean;
  readonly heads: 'names' | 'numbers';
}) {
  return (
    <chakra.th
      scope="row"
      textAlign="start"
      fontSize="sm"
      lineHeight="1.15"
      fontWeight={unknown ? '700' : '400'}
      pe="1"
      overflowWrap="anywhere"
      title={label}
    >
      {heads === 'names' ? label : label.replace(/^Jar /, '')}
    </chakra.th>
  );
});

/** The tests across; drawn anew only where the rota goes on. */
const Heads = memo(function Heads({
  tests,
  heads,
  now: nowAt,
}: {
  readonly tests: readonly string[];
  readonly heads: 'names' | 'numbers';
  /** Ids of the tests, with spaces. */
  readonly now: string;
}) {
  const now = nowAt.split(' ');
  return (
    <tr>
      <chakra.th scope="col" width={heads === 'names' ? '8.5rem' : '4.8rem'}>
        <chakra.span srOnly>Sample</chakra.span>
      </chakra.th>
      {tests.map((test, i) => (
        <chakra.th
          key={test}
          scope="col"
          fontSize="sm"
          fontWeight={now.includes(test) ? '700' : '500'}
          lineHeight="1.15"
          px="0.5"
          pb="0.5"
          verticalAlign="bottom"
          overflowWrap="anywhere"
          color={now.includes(test) ? 'permanganate' : 'ink.soft'}
          borderBottom={now.includes(test) ? '4px solid' : '4px solid transparent'}
          borderColor={now.includes(test) ? 'permanganate' : 'transparent'}
          title={shortTestName(test)}
        >
          {heads === 'names' ? (
            shortTestName(test)
          ) : (
            <>
              <span aria-hidden>{i + 1}</span>
              <chakra.span srOnly>{shortTestName(test)}</chakra.span>
            </>
          )}
        </chakra.th>
      ))}
    </tr>
  );
});

/** Plain styles: a board draws hundreds of these, again at every entry. */
const cellStyle = { textAlign: 'center', verticalAlign: 'top', padding: 0 } as const;
const wellStyle = { display: 'grid', placeItems: 'center', padding: '2px 0' } as const;

interface SpotCellProps {
  readonly cell: TileCell;
  readonly size: number;
  readonly sample: string;
  readonly press?: SpotTileProps['press'];
}

/** Do two cells show the same? An entry never changes; a cell's standing entries and state do. */
function isSameCell(before: SpotCellProps, after: SpotCellProps): boolean {
  const [a, b] = [before.cell, after.cell];
  return (
    before.size === after.size &&
    before.sample === after.sample &&
    before.press === after.press &&
    a.sample === b.sample &&
    a.test === b.test &&
    a.state === b.state &&
    a.entry?.id === b.entry?.id &&
    a.entries.length === b.entries.length &&
    a.entries.every((e, k) => e.id === b.entries[k]!.id)
  );
}

/** One well of the tile; a button where something follows from pressing it. */
/** Drawn anew only where what stands in it has changed: a board has hundreds of them. */
export const SpotCell = memo(function SpotCell({ cell, size, sample, press }: SpotCellProps) {
  const words = `${sample}, ${shortTestName(cell.test)}: ${cellWords(cell)}`;
  const well = <Well {...cellDrawing(cell)} size={size} {...(press ? {} : { name: words })} />;
  if (!press)
    return (
      <div style={wellStyle} title={words}>
        {well}
      </div>
    );
  return (
    <Button
      variant="quiet"
      aria-label={words}
      onClick={() => press(cell.sample, cell.test)}
      width="100%"
      minH="14"
      px="0.5"
      py="1"
      flexDirection="column"
      gap="0"
      alignSelf="start"
    >
      {well}
      <chakra.span
        fontSize="sm"
        fontWeight="400"
        lineHeight="1.15"
        whiteSpace="normal"
        overflowWrap="anywhere"
        lineClamp="3"
        minH="2.3em"
        color={cell.entry ? 'ink' : 'ink.faint'}
      >
        {seenWords(cell)}
      </chakra.span>
    </Button>
  );
}, isSameCell);
