/** One recipe with its figures, what to mind, where it comes from, and taking it from the store. */
import { Box, chakra } from '@chakra-ui/react';
import { recipeText, type Recipe } from '@kivex/core';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { WeighOut } from '../store/WeighOut.js';

/** What a recipe takes from the store, in the item's unit. */
const takes = (recipe: Recipe): number | undefined =>
  recipe.kind === 'weigh'
    ? recipe.mass_g
    : recipe.kind === 'dilute'
      ? recipe.stock_mL
      : recipe.kind === 'ready'
        ? recipe.take_mL
        : undefined;

export function RecipeView({
  recipes,
  take,
}: {
  readonly recipes: readonly Recipe[];
  readonly take: (item: string, amount: number) => void;
}) {
  const [place, setPlace] = useState(0);
  const [weighing, setWeighing] = useState(false);
  const recipe = recipes[place] ?? recipes[0];
  if (!recipe) return <chakra.span color="ink.faint">not used</chakra.span>;
  const amount = takes(recipe);
  const from = 'from' in recipe ? recipe.from : undefined;
  return (
    <Box display="grid" gap="1">
      <chakra.span
        color={recipe.kind === 'impossible' ? 'cinnabar' : 'ink'}
        _firstLetter={{ textTransform: 'uppercase' }}
        display="block"
      >
        {recipeText(recipe)}
      </chakra.span>
      {'mind' in recipe && recipe.mind && (
        <chakra.span fontSize="sm" color="ink.soft">
          {recipe.mind}
        </chakra.span>
      )}
      {from && !from.enough && (
        <chakra.span fontSize="sm" color="saffron" fontWeight="600">
          {from.item
            ? `${from.name}: the store does not hold enough within its date.`
            : `${from.name}: not in the store.`}
        </chakra.span>
      )}
      <Box data-noprint display="flex" gap="2" flexWrap="wrap">
        {recipes.length > 1 && (
          <Button size="small" onClick={() => setPlace((place + 1) % recipes.length)}>
            Other way ({place + 1} of {recipes.length})
          </Button>
        )}
        {from?.item && from.enough && amount !== undefined && recipe.kind === 'weigh' && !weighing && (
          <Button size="small" onClick={() => setWeighing(true)}>
            Weigh out
          </Button>
        )}
        {from?.item && from.enough && amount !== undefined && recipe.kind !== 'weigh' && (
          <Button size="small" onClick={() => take(from.item!, Math.round(amount * 100) / 100)}>
            Take it from the store
          </Button>
        )}
      </Box>
      {weighing && amount !== undefined && from?.item && (
        <WeighOut
          what={from.name}
          wanted_g={amount}
          cancel={() => setWeighing(false)}
          done={(mass) => {
            take(from.item!, mass);
            setWeighing(false);
          }}
        />
      )}
    </Box>
  );
}
