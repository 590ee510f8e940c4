/** The tile of a group, drawn: samples down, tests across, a well in each cell. The same on bench, board and desk. */
import { Box, chakra } from '@chakra-ui/react';
import type { TileCell, TileRow } from '@kivex/core';
import { Button } from '../Button.js';
import { shortTestName } from '../look-names.js';
import { cellLook, resultWords } from './results.js';
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

const states = { empty: 'nothing yet', logged: '', doubtful: 'not sure', differs: 'entries differ' } as const;

/** What was seen, as it was logged: the record's words, else the student's own. */
const seenWords = ({ test, entry }: TileCell): string =>
  entry ? resultWords(test, entry.body.seen) || `“${entry.body.words}”` : '';

/** What a cell says, for those who do not see it. */
export function cellWords(cell: TileCell): string {
  const { state, entries } = cell;
  return [seenWords(cell), states[state], entries.length > 1 ? `${entries.length} times` : '']
    .filter(Boolean)
    .join(', ');
}

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
      </thead>
      <tbody>
        {rows.map((row) => {
          const sample = label.get(row.sample);
          return (
            <tr key={row.sample}>
              <chakra.th
                scope="row"
                textAlign="start"
                fontSize="sm"
                lineHeight="1.15"
                fontWeight={sample?.role === 'unknown' ? '700' : '400'}
                pe="1"
                overflow="hidden"
                textOverflow="ellipsis"
                whiteSpace={heads === 'names' ? 'normal' : 'nowrap'}
                title={sample?.label}
              >
                {heads === 'names' ? sample?.label : sample?.label.replace(/^Jar /, '')}
              </chakra.th>
              {row.cells.map((cell, i) => (
                <chakra.td key={tests[i]} textAlign="center" verticalAlign="top" p="0">
                  {cell && <SpotCell cell={cell} size={size} sample={sample?.label ?? ''} press={press} />}
                </chakra.td>
              ))}
            </tr>
          );
        })}
      </tbody>
    </chakra.table>
  );
}

/** One well of the tile; a button where something follows from pressing it. */
export function SpotCell({
  cell,
  size,
  sample,
  press,
}: {
  readonly cell: TileCell;
  readonly size: number;
  readonly sample: string;
  readonly press?: SpotTileProps['press'];
}) {
  const { look, glass } = cell.entry
    ? cellLook(cell.test, cell.entry.body.seen)
    : { look: { kind: 'empty' } as const, glass: false };
  const words = `${sample}, ${shortTestName(cell.test)}: ${cellWords(cell)}`;
  const well = (
    <Well
      look={look}
      size={size}
      glass={glass}
      doubtful={cell.state === 'doubtful'}
      differs={cell.state === 'differs'}
      times={cell.entries.length}
      {...(press ? {} : { name: words })}
    />
  );
  if (!press)
    return (
      <Box display="grid" placeItems="center" py="0.5" title={words}>
        {well}
      </Box>
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
        lineClamp="2"
        minH="2.3em"
        color={cell.entry ? 'ink' : 'ink.faint'}
      >
        {seenWords(cell)}
      </chakra.span>
    </Button>
  );
}
