/** What lies above the page for a while. */
import {
  comboboxAnatomy,
  dialogAnatomy,
  drawerAnatomy,
  menuAnatomy,
  popoverAnatomy,
  toastAnatomy,
  tooltipAnatomy,
} from '@chakra-ui/react/anatomy';
import { fieldBox, fieldSizes, floating, line, slotRecipe } from './shared.js';

export const dialog = slotRecipe({
  slots: dialogAnatomy.keys(),
  className: 'kivex-dialog',
  base: {
    backdrop: { position: 'fixed', inset: '0', bg: 'rgba(22,35,58,.45)', zIndex: '20' },
    positioner: {
      position: 'fixed',
      inset: '0',
      zIndex: '20',
      display: 'flex',
      justifyContent: 'center',
      alignItems: 'flex-start',
      overflowY: 'auto',
      p: '3',
      pt: { base: '3', md: '12' },
    },
    content: {
      ...floating,
      zIndex: '20',
      borderRadius: 'glaze',
      width: '100%',
      maxWidth: '34rem',
      p: { base: '4', md: '5' },
      display: 'flex',
      flexDirection: 'column',
      gap: '3',
    },
    header: { display: 'flex', alignItems: 'flex-start', gap: '3', justifyContent: 'space-between' },
    title: { fontSize: 'lg', fontWeight: '700', lineHeight: '1.2' },
    description: { color: 'ink.soft' },
    body: { minWidth: '0' },
    footer: { display: 'flex', gap: '2', flexWrap: 'wrap', justifyContent: 'flex-end' },
  },
  variants: { size: { medium: {}, wide: { content: { maxWidth: '60rem' } } } },
  defaultVariants: { size: 'medium' },
});

export const drawer = slotRecipe({
  slots: drawerAnatomy.keys(),
  className: 'kivex-drawer',
  base: {
    backdrop: { position: 'fixed', inset: '0', bg: 'rgba(22,35,58,.3)', zIndex: '20' },
    positioner: {
      position: 'fixed',
      inset: '0',
      zIndex: '20',
      display: 'flex',
      justifyContent: 'flex-end',
    },
    content: {
      ...floating,
      zIndex: '20',
      height: '100dvh',
      width: '100%',
      maxWidth: '44rem',
      overflowY: 'auto',
      p: { base: '4', md: '5' },
      display: 'flex',
      flexDirection: 'column',
      gap: '3',
      borderRadius: '0',
    },
    header: { display: 'flex', alignItems: 'flex-start', gap: '3', justifyContent: 'space-between' },
    title: { fontSize: 'lg', fontWeight: '700', lineHeight: '1.2' },
    body: { minWidth: '0' },
  },
});

export const menu = slotRecipe({
  slots: menuAnatomy.keys(),
  className: 'kivex-menu',
  base: {
    content: { ...floating, minWidth: '12rem', maxHeight: '80vh', overflowY: 'auto', p: '1' },
    item: { ...line, textDecoration: 'none', color: 'ink' },
    itemGroupLabel: { px: '3', pt: '2', pb: '1', fontSize: 'sm', fontWeight: '600', color: 'ink.soft' },
    separator: { height: '1px', bg: 'slate.200', my: '1' },
  },
});

export const combobox = slotRecipe({
  slots: comboboxAnatomy.keys(),
  className: 'kivex-combobox',
  base: {
    root: { width: '100%', minWidth: '0' },
    control: { position: 'relative' },
    input: fieldBox,
    indicatorGroup: {
      position: 'absolute',
      insetEnd: '2',
      top: '0',
      bottom: '0',
      display: 'flex',
      alignItems: 'center',
      gap: '1',
      color: 'ink.soft',
      '& button': {
        cursor: 'pointer',
        minH: '8',
        minW: '6',
        display: 'inline-flex',
        alignItems: 'center',
        justifyContent: 'center',
      },
      '& svg': { width: '1.1em', height: '1.1em' },
    },
    content: {
      ...floating,
      maxHeight: '20rem',
      overflowY: 'auto',
      p: '1',
      '&:has(> [data-part=empty]:only-child)': { color: 'ink.soft' },
    },
    item: { ...line, justifyContent: 'flex-start' },
    itemText: { flex: '1', minWidth: '0' },
    itemIndicator: { color: 'permanganate', '& svg': { width: '1.1em', height: '1.1em' } },
    itemGroupLabel: { px: '3', pt: '2', pb: '1', fontSize: 'sm', fontWeight: '600', color: 'ink.soft' },
    empty: { px: '3', py: '2' },
  },
  variants: {
    size: {
      small: { input: { ...fieldSizes.small, pe: '7' } },
      medium: { input: { ...fieldSizes.medium, pe: '9' } },
    },
  },
  defaultVariants: { size: 'medium' },
});

export const tooltip = slotRecipe({
  slots: tooltipAnatomy.keys(),
  className: 'kivex-tooltip',
  base: {
    content: {
      bg: 'ink',
      color: 'porcelain',
      px: '2',
      py: '1',
      borderRadius: 'tile',
      fontSize: 'sm',
      maxWidth: '20rem',
      zIndex: '30',
    },
  },
});

export const popover = slotRecipe({
  slots: popoverAnatomy.keys(),
  className: 'kivex-popover',
  base: {
    content: { ...floating, p: '3', maxWidth: 'min(24rem, 94vw)' },
    title: { fontWeight: '700', mb: '1' },
  },
});

export const toast = slotRecipe({
  slots: toastAnatomy.keys(),
  className: 'kivex-toast',
  base: {
    root: {
      ...floating,
      display: 'flex',
      gap: '3',
      alignItems: 'flex-start',
      p: '3',
      width: 'min(24rem, 94vw)',
    },
    title: { fontWeight: '600' },
    description: { fontSize: 'sm' },
  },
});
