/** Plain tables on the tile: a heading row, cells parted by thin lines. Tables that are worked in are worktables. */
import { Box, Table as ChakraTable } from '@chakra-ui/react';
import type { ReactNode } from 'react';

export const Row = ChakraTable.Row;
export const Cell = ChakraTable.Cell;
export const Head = ChakraTable.ColumnHeader;

/** A table that scrolls sideways by itself where it is wider than its place. */
export function Table({
  label,
  heads,
  children,
}: {
  readonly label: string;
  readonly heads: readonly ReactNode[];
  readonly children: ReactNode;
}) {
  return (
    <Box position="relative" overflowX="auto" tabIndex={0} role="region" aria-label={label}>
      <ChakraTable.Root>
        <ChakraTable.Header>
          <ChakraTable.Row>
            {heads.map((head, i) =>
              // A column of buttons has no heading; an empty one would be read out.
              head === '' ? <Cell key={i} borderTop="0" /> : <Head key={i}>{head}</Head>,
            )}
          </ChakraTable.Row>
        </ChakraTable.Header>
        <ChakraTable.Body>{children}</ChakraTable.Body>
      </ChakraTable.Root>
    </Box>
  );
}
