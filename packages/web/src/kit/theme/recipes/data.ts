/** Tables, badges, keys, files, how far long work is. */
import { fileUploadAnatomy, progressAnatomy, tableAnatomy } from '@chakra-ui/react/anatomy';
import { recipe, slotRecipe } from './shared.js';

export const table = slotRecipe({
  slots: tableAnatomy.keys(),
  className: 'kivex-table',
  base: {
    root: { width: '100%', borderCollapse: 'collapse', textAlign: 'start' },
    columnHeader: {
      px: '2',
      py: '1.5',
      textAlign: 'start',
      color: 'ink.soft',
      fontWeight: '600',
      verticalAlign: 'bottom',
    },
    cell: { px: '1.5', py: '1.5', borderTop: '1px solid', borderColor: 'slate.200', verticalAlign: 'middle' },
    caption: { textAlign: 'start', color: 'ink.soft', fontSize: 'sm', py: '1' },
  },
});

export const badge = recipe({
  className: 'kivex-badge',
  base: {
    display: 'inline-flex',
    alignItems: 'center',
    gap: '1',
    px: '2',
    py: '0.5',
    borderRadius: 'round',
    fontSize: 'sm',
    fontWeight: '600',
    whiteSpace: 'nowrap',
  },
  variants: {
    tone: {
      tell: { bg: 'slate.50', color: 'ink' },
      go: { bg: 'verdigris.wash', color: 'verdigris' },
      look: { bg: 'saffron.wash', color: 'saffron' },
      stop: { bg: 'cinnabar.wash', color: 'cinnabar' },
      chosen: { bg: 'permanganate.wash', color: 'permanganate' },
    },
  },
  defaultVariants: { tone: 'tell' },
});

export const kbd = recipe({
  className: 'kivex-kbd',
  base: {
    fontFamily: 'mono',
    fontWeight: '600',
    fontSize: 'sm',
    px: '1.5',
    borderWidth: '1px',
    borderStyle: 'solid',
    borderColor: 'slate.300',
    borderRadius: '4px',
    bg: 'slate.50',
    whiteSpace: 'nowrap',
  },
});

export const fileUpload = slotRecipe({
  slots: fileUploadAnatomy.keys(),
  className: 'kivex-file',
  base: { root: { display: 'inline-flex', flexDirection: 'column', gap: '2' } },
});

export const progress = slotRecipe({
  slots: progressAnatomy.keys(),
  className: 'kivex-progress',
  base: {
    root: { display: 'flex', flexDirection: 'column', gap: '1' },
    track: { height: '0.6rem', width: '100%', borderRadius: 'round', overflow: 'hidden', bg: 'slate.200' },
    range: { height: '100%', bg: 'permanganate', transition: 'width 0.2s' },
    label: { fontSize: 'sm', fontWeight: '600' },
    valueText: { fontSize: 'sm', color: 'ink.soft' },
  },
});
