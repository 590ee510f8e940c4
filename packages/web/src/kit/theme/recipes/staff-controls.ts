/** Boxes that only staff type in. */
import type { SystemStyleObject } from '@chakra-ui/react';
import { numberInputAnatomy } from '@chakra-ui/react/anatomy';
import { fieldBox, slotRecipe } from './shared.js';

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
