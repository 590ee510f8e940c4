/** What a bench and the pages share: buttons, boxes one types in, words to switch on. */
import { fieldAnatomy, nativeSelectAnatomy, pinInputAnatomy } from '@chakra-ui/react/anatomy';
import { fieldBox, fieldSizes, focusRing, recipe, slotRecipe } from './shared.js';

/** The button in its few meanings: go, plain, quiet, look here, stop. */
export const button = recipe({
  className: 'kivex-button',
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
    // A long name wraps; it never leaves its button.
    maxWidth: '100%',
    overflowWrap: 'break-word',
    transition: 'background-color 0.12s, box-shadow 0.12s',
    _disabled: { opacity: 0.55, cursor: 'not-allowed' },
    ...focusRing,
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
      /** On the dark bar at the top of a page. */
      bar: {
        bg: 'transparent',
        color: 'bar.ink',
        borderColor: 'transparent',
        _hover: { bg: 'bar.lift' },
        _focusVisible: { outline: '3px solid', outlineColor: 'bar.focus' },
      },
    },
    size: {
      // A name of two lines stands clear of its frame.
      small: { minH: '8', px: '2.5', py: '1', fontSize: 'sm' },
      medium: { minH: '10', px: '4', py: '1', fontSize: 'md' },
      bench: { minH: '14', px: '5', fontSize: 'lg' },
      /** Square, for a picture alone. */
      icon: { minH: '10', minW: '10', p: '0', fontSize: 'md' },
    },
  },
  defaultVariants: { variant: 'plain', size: 'medium' },
});

/** A word or a picture that is on or off. */
export const toggle = slotRecipe({
  slots: ['root', 'indicator'],
  className: 'kivex-toggle',
  base: {
    root: {
      display: 'inline-flex',
      alignItems: 'center',
      justifyContent: 'center',
      gap: '2',
      minW: '0',
      maxWidth: '100%',
      overflowWrap: 'break-word',
      cursor: 'pointer',
      borderWidth: '1px',
      borderStyle: 'solid',
      borderColor: 'slate.300',
      bg: 'porcelain',
      color: 'ink',
      '&[data-state=on]': {
        bg: 'permanganate.wash',
        borderColor: 'permanganate',
        color: 'permanganate',
        fontWeight: '600',
      },
      _disabled: { opacity: 0.55, cursor: 'not-allowed' },
      ...focusRing,
    },
  },
  variants: {
    size: {
      medium: { root: { minH: '9', px: '3', fontSize: 'sm', borderRadius: 'round' } },
      /** A well with its word beneath, for wet fingers. */
      bench: {
        root: {
          flexDirection: 'column',
          minH: '14',
          p: '2',
          fontSize: 'md',
          borderRadius: 'tile',
          borderWidth: '2px',
          lineHeight: '1.2',
          textAlign: 'center',
        },
      },
    },
  },
  defaultVariants: { size: 'medium' },
});

export const textarea = recipe({
  className: 'kivex-textarea',
  base: { ...fieldBox, px: '3', py: '2', fontSize: 'md', lineHeight: '1.45' },
});

export const input = recipe({
  className: 'kivex-input',
  base: fieldBox,
  variants: { size: fieldSizes },
  defaultVariants: { size: 'medium' },
});

export const nativeSelect = slotRecipe({
  slots: nativeSelectAnatomy.keys(),
  className: 'kivex-select',
  base: {
    root: { position: 'relative', display: 'flex', width: '100%', minWidth: '0' },
    field: { ...fieldBox, appearance: 'none', textOverflow: 'ellipsis' },
    indicator: {
      position: 'absolute',
      insetEnd: '1.5',
      top: '50%',
      transform: 'translateY(-50%)',
      pointerEvents: 'none',
      color: 'ink.soft',
      '& svg': { width: '1em', height: '1em' },
    },
  },
  variants: {
    size: {
      small: { field: { ...fieldSizes.small, pe: '6' } },
      medium: { field: { ...fieldSizes.medium, pe: '8' } },
      bench: { field: { ...fieldSizes.bench, pe: '8' } },
    },
  },
  defaultVariants: { size: 'medium' },
});

export const pinInput = slotRecipe({
  slots: pinInputAnatomy.keys(),
  className: 'kivex-pin',
  base: {
    control: { display: 'flex', gap: '2' },
    input: {
      ...fieldBox,
      ...fieldSizes.bench,
      px: '0',
      width: '14',
      textAlign: 'center',
      fontFamily: 'mono',
    },
  },
});

export const field = slotRecipe({
  slots: fieldAnatomy.keys(),
  className: 'kivex-field',
  base: {
    root: { display: 'flex', flexDirection: 'column', alignItems: 'stretch', gap: '1', minWidth: '0' },
    label: { fontWeight: '600', textAlign: 'start' },
    helperText: { fontSize: 'sm', color: 'ink.soft' },
    errorText: { fontSize: 'sm', color: 'cinnabar', fontWeight: '600' },
  },
  variants: {
    size: { small: { label: { fontSize: 'sm' } }, medium: {} },
    /** The label beside its box, for a column of short numbers. */
    beside: {
      true: {
        root: {
          display: 'grid',
          gridTemplateColumns: '1fr 6rem',
          alignItems: 'center',
          gap: '2',
        },
        label: { fontWeight: '400' },
        helperText: { gridColumn: '1 / -1' },
        errorText: { gridColumn: '1 / -1' },
      },
      false: {},
    },
  },
  defaultVariants: { size: 'medium', beside: false },
});
