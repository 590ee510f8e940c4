/** Looks that several controls share. */
import type { RecipeDefinition, SlotRecipeDefinition, SystemStyleObject } from '@chakra-ui/react';

/** A recipe of ours for a component of one part. */
export const recipe = (look: RecipeDefinition): RecipeDefinition => look;

/** A recipe of ours for a component of several parts. */
export const slotRecipe = (look: SlotRecipeDefinition): SlotRecipeDefinition => look;

/** What is focused by keyboard, always the same. */
export const focusRing: SystemStyleObject = {
  _focusVisible: { outline: '3px solid', outlineColor: 'permanganate', outlineOffset: '2px' },
};

/** A box one types or chooses in. */
export const fieldBox: SystemStyleObject = {
  width: '100%',
  minWidth: '0',
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
  _disabled: { opacity: 0.6, cursor: 'not-allowed' },
};

/** Heights and type of a box by its size. */
export const fieldSizes: Record<'small' | 'medium' | 'bench', SystemStyleObject> = {
  small: { minH: '8', px: '2', fontSize: 'sm' },
  medium: { minH: '10', px: '3', fontSize: 'md' },
  bench: { minH: '14', px: '4', fontSize: 'lg' },
};

/** A sheet that lies above the page: menus, lists, tips. */
export const floating: SystemStyleObject = {
  bg: 'porcelain',
  color: 'ink',
  borderWidth: '1px',
  borderStyle: 'solid',
  borderColor: 'slate.300',
  borderRadius: 'tile',
  boxShadow: 'lift',
  zIndex: '30',
  outline: '0',
};

/** One line of a list one chooses from. */
export const line: SystemStyleObject = {
  display: 'flex',
  alignItems: 'center',
  gap: '2',
  px: '3',
  py: '1.5',
  minH: '10',
  cursor: 'pointer',
  userSelect: 'none',
  borderRadius: 'tile',
  _highlighted: { bg: 'permanganate.wash', color: 'permanganate' },
  _disabled: { opacity: 0.55, cursor: 'not-allowed' },
};
