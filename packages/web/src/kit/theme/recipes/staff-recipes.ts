/** Our dress for the components that only staff pages use; no bench loads it. */
import type { RecipeDefinition, SlotRecipeDefinition } from '@chakra-ui/react';
import * as choices from './choices.js';
import * as data from './data.js';
import * as overlays from './overlays.js';
import * as controls from './staff-controls.js';

export const staffRecipes: Record<string, RecipeDefinition> = {
  button: controls.staffButton,
  checkmark: choices.checkmark,
  radiomark: choices.radiomark,
  badge: data.badge,
  kbd: data.kbd,
};

export const staffSlotRecipes: Record<string, SlotRecipeDefinition> = {
  numberInput: controls.numberInput,
  checkbox: choices.checkbox,
  radioGroup: choices.radioGroup,
  segmentGroup: choices.segmentGroup,
  switch: choices.switchRecipe,
  tabs: choices.tabs,
  dialog: overlays.dialog,
  drawer: overlays.drawer,
  menu: overlays.menu,
  combobox: overlays.combobox,
  tooltip: overlays.tooltip,
  popover: overlays.popover,
  toast: overlays.toast,
  table: data.table,
  fileUpload: data.fileUpload,
  progress: data.progress,
};
