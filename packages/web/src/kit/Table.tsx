/** Plain tables on the tile: a heading row, cells parted by thin lines. */
import { Box, chakra } from '@chakra-ui/react';
import type { ReactNode } from 'react';

export const Cell = chakra('td', {
  base: { px: '1.5', py: '1.5', borderTop: '1px solid', borderColor: 'slate.200', verticalAlign: 'middle' },
});
export const Head = chakra('th', {
  base: {
    px: '2',
    py: '1.5',
    textAlign: 'left',
    color: 'ink.soft',
    fontWeight: '600',
    verticalAlign: 'bottom',
  },
});

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
    <Box overflowX="auto" tabIndex={0} role="region" aria-label={label}>
      <chakra.table width="100%" borderCollapse="collapse">
        <thead>
          <tr>
            {heads.map((head, i) => (
              <Head key={i}>{head}</Head>
            ))}
          </tr>
        </thead>
        <tbody>{children}</tbody>
      </chakra.table>
    </Box>
  );
}
