/** Our dress for the components that every page uses, a bench among them. */
import type { RecipeDefinition, SlotRecipeDefinition } from '@chakra-ui/react';
import * as controls from './controls.js';
import * as states from './states.js';

export const recipes: Record<string, RecipeDefinition> = {
  button: controls.button,
  input: controls.input,
  textarea: controls.textarea,
  skeleton: states.skeleton,
  spinner: states.spinner,
};

export const slotRecipes: Record<string, SlotRecipeDefinition> = {
  toggle: controls.toggle,
  nativeSelect: controls.nativeSelect,
  pinInput: controls.pinInput,
  field: controls.field,
  alert: states.alert,
  emptyState: states.emptyState,
};
