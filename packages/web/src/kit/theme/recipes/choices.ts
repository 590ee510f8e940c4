/** One of several, or on and off. */
import type { SystemStyleObject } from '@chakra-ui/react';
import {
  checkboxAnatomy,
  radioGroupAnatomy,
  segmentGroupAnatomy,
  switchAnatomy,
  tabsAnatomy,
} from '@chakra-ui/react/anatomy';
import { focusRing, recipe, slotRecipe } from './shared.js';

const box: SystemStyleObject = {
  display: 'inline-flex',
  alignItems: 'center',
  justifyContent: 'center',
  flexShrink: '0',
  width: '5',
  height: '5',
  borderWidth: '2px',
  borderStyle: 'solid',
  borderColor: 'slate.500',
  bg: 'porcelain',
  color: 'porcelain',
  '& svg': { width: '0.9em', height: '0.9em' },
  _checked: { bg: 'permanganate', borderColor: 'permanganate' },
  _indeterminate: { bg: 'permanganate', borderColor: 'permanganate' },
  _disabled: { opacity: 0.55 },
  ...focusRing,
};

export const checkmark = recipe({ className: 'kivex-checkmark', base: { ...box, borderRadius: '4px' } });

export const checkbox = slotRecipe({
  slots: checkboxAnatomy.keys(),
  className: 'kivex-checkbox',
  base: {
    root: { display: 'inline-flex', alignItems: 'center', gap: '2', cursor: 'pointer', position: 'relative' },
    control: { ...box, borderRadius: '4px' },
    label: { _disabled: { opacity: 0.55 } },
  },
});

export const radiomark = recipe({
  className: 'kivex-radiomark',
  base: {
    ...box,
    borderRadius: 'round',
    '& .dot': { width: '50%', height: '50%', borderRadius: 'round', bg: 'currentColor' },
  },
});

export const radioGroup = slotRecipe({
  slots: radioGroupAnatomy.keys(),
  className: 'kivex-radio',
  base: {
    root: { display: 'flex', flexDirection: 'column', gap: '2' },
    item: { display: 'inline-flex', alignItems: 'center', gap: '2', cursor: 'pointer', position: 'relative' },
    itemControl: {
      ...box,
      borderRadius: 'round',
      '& .dot': { width: '50%', height: '50%', borderRadius: 'round', bg: 'currentColor' },
    },
  },
});

/** A few words of which one is in force, side by side. */
export const segmentGroup = slotRecipe({
  slots: segmentGroupAnatomy.keys(),
  className: 'kivex-segments',
  base: {
    root: {
      display: 'inline-flex',
      flexWrap: 'wrap',
      position: 'relative',
      isolation: 'isolate',
      maxWidth: '100%',
      bg: 'slate.100',
      borderWidth: '1px',
      borderStyle: 'solid',
      borderColor: 'slate.300',
      borderRadius: 'tile',
    },
    item: {
      display: 'inline-flex',
      alignItems: 'center',
      justifyContent: 'center',
      position: 'relative',
      minH: '9',
      px: '3',
      fontSize: 'sm',
      cursor: 'pointer',
      borderRadius: 'tile',
      _checked: { color: 'permanganate', fontWeight: '600', bg: 'porcelain', boxShadow: 'tile' },
      _disabled: { opacity: 0.55, cursor: 'not-allowed' },
      '&:has(input:focus-visible)': {
        outline: '3px solid',
        outlineColor: 'permanganate',
        outlineOffset: '-2px',
      },
    },
    indicator: { display: 'none' },
  },
});

export const switchRecipe = slotRecipe({
  slots: switchAnatomy.keys(),
  className: 'kivex-switch',
  base: {
    root: {
      display: 'inline-flex',
      alignItems: 'center',
      gap: '2.5',
      cursor: 'pointer',
      position: 'relative',
    },
    control: {
      display: 'inline-flex',
      flexShrink: '0',
      width: '10',
      height: '6',
      p: '0.5',
      borderRadius: 'round',
      bg: 'slate.500',
      transition: 'background-color 0.12s',
      _checked: { bg: 'permanganate' },
      ...focusRing,
    },
    thumb: {
      width: '5',
      height: '5',
      borderRadius: 'round',
      bg: 'porcelain',
      transition: 'translate 0.12s',
      _checked: { translate: '1rem 0' },
    },
  },
});

export const tabs = slotRecipe({
  slots: tabsAnatomy.keys(),
  className: 'kivex-tabs',
  base: {
    root: { minWidth: '0' },
    list: {
      display: 'flex',
      gap: '1',
      overflowX: 'auto',
      borderBottom: '1px solid',
      borderColor: 'slate.300',
    },
    trigger: {
      display: 'inline-flex',
      alignItems: 'center',
      gap: '2',
      px: '3',
      py: '2',
      minH: '10',
      cursor: 'pointer',
      fontWeight: '600',
      color: 'ink.soft',
      bg: 'transparent',
      borderBottom: '3px solid',
      borderColor: 'transparent',
      whiteSpace: 'nowrap',
      _hover: { color: 'ink' },
      _focusVisible: { outline: '3px solid', outlineColor: 'permanganate', outlineOffset: '-3px' },
      _selected: { color: 'permanganate', borderColor: 'permanganate' },
    },
    content: {
      display: 'grid',
      gap: '4',
      gridTemplateColumns: 'minmax(0, 1fr)',
      pt: '4',
      outline: '0',
      _focusVisible: { outline: '3px solid', outlineColor: 'permanganate', outlineOffset: '2px' },
    },
  },
});
