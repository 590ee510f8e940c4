/** Recipes in words, with the figures a balance and a measuring cylinder can use. */
import type { Recipe } from './recipe.js';

/** Three figures for a balance that reads to 0.01 g. */
export const grams = (g: number): string =>
  g >= 100 ? g.toFixed(1) : g >= 0.1 ? g.toFixed(2) : g.toFixed(3);
/** A volume as it would be measured out. */
export const cubicCentimetres = (mL: number): string =>
  mL >= 100 ? mL.toFixed(0) : mL >= 10 ? mL.toFixed(1) : mL.toFixed(2);
/** A formula with real indices and a raised dot for water of crystallisation. */
export const formulaInText = (formula: string): string =>
  formula
    .replace(/\.(\d*)H2O$/, '·$1H2O')
    .replace(
      /([A-Za-z)\]])(\d+)/g,
      (_, before: string, n: string) =>
        `${before}${[...n].map((d) => String.fromCharCode(0x2080 + Number(d))).join('')}`,
    );

/** One recipe as a sentence without its full stop. */
export function recipeText(recipe: Recipe): string {
  switch (recipe.kind) {
    case 'ready':
      return `take ${cubicCentimetres(recipe.take_mL)} cm³ of ${recipe.from.name}`;
    case 'dilute':
      return `${cubicCentimetres(recipe.stock_mL)} cm³ of ${recipe.from.name} (${Number(recipe.stock_M.toPrecision(3))} mol/dm³) into about ${cubicCentimetres(recipe.water_mL)} cm³ of water, made up to ${recipe.volume_mL} cm³`;
    case 'weigh':
      return `${grams(recipe.mass_g)} g of ${formulaInText(recipe.solid)}, made up to ${recipe.volume_mL} cm³`;
    case 'otherwise':
      return recipe.how;
    case 'impossible':
      return `cannot be made: ${recipe.why}`;
  }
}
