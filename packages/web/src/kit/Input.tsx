/** The one-line text input. */
import { chakra } from '@chakra-ui/react';

export const Input = chakra('input', {
  base: {
    width: '100%',
    bg: 'porcelain',
    color: 'ink',
    borderWidth: '1px',
    borderStyle: 'solid',
    borderColor: 'slate.500',
    borderRadius: 'tile',
    fontFamily: 'inherit',
    fontWeight: '400',
    _placeholder: { color: 'ink.faint' },
    _focusVisible: { outline: '3px solid', outlineColor: 'permanganate', outlineOffset: '1px' },
    _invalid: { borderColor: 'cinnabar', borderWidth: '2px' },
  },
  variants: {
    size: { medium: { minH: '10', px: '3', fontSize: 'md' }, bench: { minH: '14', px: '4', fontSize: 'lg' } },
  },
  defaultVariants: { size: 'medium' },
});
