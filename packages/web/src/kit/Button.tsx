/** The one button, in its few meanings: go, plain, quiet, look here, stop. */
import { chakra } from '@chakra-ui/react';

export const Button = chakra('button', {
  base: {
    display: 'inline-flex',
    alignItems: 'center',
    justifyContent: 'center',
    gap: '2',
    fontWeight: '600',
    borderRadius: 'tile',
    borderWidth: '1px',
    borderStyle: 'solid',
    cursor: 'pointer',
    userSelect: 'none',
    textDecoration: 'none',
    lineHeight: '1.2',
    transition: 'background-color 0.12s, box-shadow 0.12s',
    _disabled: { opacity: 0.55, cursor: 'not-allowed' },
    _focusVisible: { outline: '3px solid', outlineColor: 'permanganate', outlineOffset: '2px' },
  },
  variants: {
    variant: {
      go: { bg: 'verdigris', color: 'porcelain', borderColor: 'verdigris', _hover: { boxShadow: 'lift' } },
      plain: { bg: 'porcelain', color: 'ink', borderColor: 'slate.300', _hover: { bg: 'slate.50' } },
      quiet: { bg: 'transparent', color: 'ink', borderColor: 'transparent', _hover: { bg: 'slate.200' } },
      look: { bg: 'saffron.wash', color: 'saffron', borderColor: 'saffron.line' },
      stop: {
        bg: 'porcelain',
        color: 'cinnabar',
        borderColor: 'cinnabar.line',
        _hover: { bg: 'cinnabar.wash' },
      },
    },
    size: {
      small: { minH: '8', px: '2.5', fontSize: 'sm' },
      medium: { minH: '10', px: '4', fontSize: 'md' },
      bench: { minH: '14', px: '5', fontSize: 'lg' },
    },
  },
  defaultVariants: { variant: 'plain', size: 'medium' },
});
