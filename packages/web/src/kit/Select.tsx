/** The browser's own select, in our dress. */
import { chakra } from '@chakra-ui/react';

export const Select = chakra('select', {
  base: {
    minH: '10',
    px: '3',
    width: '100%',
    bg: 'porcelain',
    color: 'ink',
    borderWidth: '1px',
    borderStyle: 'solid',
    borderColor: 'slate.500',
    borderRadius: 'tile',
    fontSize: 'md',
    fontWeight: '400',
    _focusVisible: { outline: '3px solid', outlineColor: 'permanganate', outlineOffset: '1px' },
    _invalid: { borderColor: 'cinnabar', borderWidth: '2px' },
  },
});
