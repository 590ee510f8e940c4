/** Boxes that only staff type in. */
import type { SystemStyleObject } from '@chakra-ui/react';
import { numberInputAnatomy } from '@chakra-ui/react/anatomy';
import { fieldBox, recipe, slotRecipe } from './shared.js';

/** What staff's buttons have besides: a mark in a table. It is told by `data-state`, by its frame and sign, not by colour alone. */
export const staffButton = recipe({
  variants: {
    variant: {
      mark: {
        position: 'relative',
        fontFamily: 'mono',
        fontWeight: '700',
        borderWidth: '2px',
        '&[data-state=open]': {
          bg: 'saffron.wash',
          color: 'saffron',
          borderColor: 'saffron',
          borderStyle: 'dashed',
        },
        '&[data-state=not-done]': { bg: 'transparent', color: 'ink.faint', borderColor: 'transparent' },
        '&[data-state=earned]': {
          bg: 'verdigris.wash',
          color: 'verdigris',
          borderColor: 'verdigris.line',
        },
        '&[data-state=part]': { bg: 'porcelain', color: 'verdigris', borderColor: 'verdigris.line' },
        '&[data-state=nothing]': { bg: 'porcelain', color: 'ink', borderColor: 'slate.500' },
        '&[aria-pressed=true]': { borderColor: 'permanganate' },
        '&[data-changed]': { textDecoration: 'underline' },
        '& > [data-flag]': {
          position: 'absolute',
          top: '0',
          insetEnd: '0',
          borderTop: '9px solid',
          borderLeft: '9px solid transparent',
          borderTopColor: 'flame',
        },
        '& > [data-said]': { srOnly: true },
      },
    },
    size: { mark: { width: '2.2rem', minH: '7', height: '7', p: '0', fontSize: 'md' } },
  },
});

const stepper: SystemStyleObject = {
  flex: '1',
  display: 'flex',
  alignItems: 'center',
  justifyContent: 'center',
  cursor: 'pointer',
  _hover: { bg: 'slate.50' },
  _disabled: { opacity: 0.4, cursor: 'not-allowed' },
  '& svg': { width: '0.8em', height: '0.8em' },
};

export const numberInput = slotRecipe({
  slots: numberInputAnatomy.keys(),
  className: 'kivex-number',
  base: {
    root: { position: 'relative', width: '100%' },
    input: { ...fieldBox, pe: '7' },
    control: {
      position: 'absolute',
      top: '1px',
      bottom: '1px',
      insetEnd: '1px',
      width: '6',
      display: 'flex',
      flexDirection: 'column',
      borderInlineStart: '1px solid',
      borderColor: 'slate.200',
      color: 'ink.soft',
      _print: { display: 'none' },
    },
    incrementTrigger: stepper,
    decrementTrigger: stepper,
  },
  variants: {
    size: {
      small: { input: { minH: '8', ps: '2', fontSize: 'sm' } },
      medium: { input: { minH: '10', ps: '3', fontSize: 'md' } },
      bench: { input: { minH: '14', ps: '4', fontSize: 'lg' } },
    },
  },
  defaultVariants: { size: 'medium' },
});
