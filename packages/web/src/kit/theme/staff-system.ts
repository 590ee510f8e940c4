/** The system of staff pages: the common one, and the recipes that benches do without. */
import { createSystem, defaultBaseConfig } from '@chakra-ui/react';
import { staffRecipes, staffSlotRecipes } from './recipes/staff-recipes.js';
import { config } from './system.js';

export const staffSystem = createSystem(defaultBaseConfig, config, {
  theme: { recipes: staffRecipes, slotRecipes: staffSlotRecipes },
});
