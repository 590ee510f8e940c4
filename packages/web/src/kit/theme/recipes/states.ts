/** States of a page: told, waiting, nothing yet. */
import { alertAnatomy, emptyStateAnatomy } from '@chakra-ui/react/anatomy';
import { recipe, slotRecipe } from './shared.js';

export const alert = slotRecipe({
  slots: alertAnatomy.keys(),
  className: 'kivex-alert',
  base: {
    root: {
      display: 'flex',
      alignItems: 'flex-start',
      gap: '3',
      width: '100%',
      borderWidth: '1px',
      borderStyle: 'solid',
      borderRadius: 'tile',
      px: '3',
      py: '2.5',
    },
    indicator: { flex: 'none', mt: '0.5', '& svg': { width: '20px', height: '20px' } },
    content: { flex: '1', minWidth: '0' },
  },
  variants: {
    status: {
      neutral: { root: { bg: 'slate.50', color: 'ink', borderColor: 'slate.300' } },
      info: { root: { bg: 'slate.50', color: 'ink', borderColor: 'slate.300' } },
      warning: { root: { bg: 'saffron.wash', color: 'saffron', borderColor: 'saffron.line' } },
      error: { root: { bg: 'cinnabar.wash', color: 'cinnabar', borderColor: 'cinnabar.line' } },
      success: { root: { bg: 'verdigris.wash', color: 'verdigris', borderColor: 'verdigris.line' } },
    },
  },
  defaultVariants: { status: 'neutral' },
});

export const skeleton = recipe({
  className: 'kivex-skeleton',
  base: {
    borderRadius: 'tile',
    bg: 'slate.200',
    color: 'transparent',
    userSelect: 'none',
    animation: 'pulse 1.6s ease-in-out infinite',
  },
});

export const spinner = recipe({
  className: 'kivex-spinner',
  base: {
    display: 'inline-block',
    width: '1.2em',
    height: '1.2em',
    flexShrink: '0',
    borderWidth: '2px',
    borderStyle: 'solid',
    borderColor: 'currentColor',
    borderBottomColor: 'transparent',
    borderRadius: 'round',
    animation: 'spin 1.1s linear infinite',
  },
});

export const emptyState = slotRecipe({
  slots: emptyStateAnatomy.keys(),
  className: 'kivex-empty',
  base: {
    root: { width: '100%', py: '10', px: '4', color: 'ink.soft' },
    content: {
      display: 'flex',
      flexDirection: 'column',
      alignItems: 'center',
      textAlign: 'center',
      gap: '3',
    },
    title: { fontSize: 'lg', fontWeight: '700', color: 'ink', lineHeight: '1.2' },
    description: { maxWidth: '34rem' },
  },
});
