/** The porcelain tile that work lies on. */
import { chakra } from '@chakra-ui/react';

export const Tile = chakra('section', {
  base: {
    bg: 'porcelain',
    borderRadius: 'glaze',
    boxShadow: 'tile',
    borderWidth: '1px',
    borderStyle: 'solid',
    borderColor: 'slate.200',
    p: { base: '4', lg: '5' },
    // Of a tile that is a grid: a wide table in it scrolls by itself and does not make the tile wider than the page.
    gridTemplateColumns: 'minmax(0, 1fr)',
  },
});
