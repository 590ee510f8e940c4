/** What sodium hydroxide and ammonia let a person see: drops, excess, standing. */
import type { Attribute } from '../test-definition.js';
import { change, clearTube, coloured, none, pigment, precipitate, solidIn } from '../test-parts.js';

export const hydroxidePrecipitate: Attribute = {
  id: 'precipitate',
  reads: 'precipitate',
  nothing: 'none',
  question: 'After a few drops: what precipitate?',
  values: [
    none('no precipitate'),
    precipitate('white', 'white', pigment.white),
    precipitate('cream', 'cream', pigment.cream),
    precipitate('green', 'green', pigment.green),
    precipitate('grey-green', 'grey-green', pigment.greyGreen),
    precipitate('blue', 'blue', pigment.blue),
    precipitate('brown', 'brown', pigment.brown),
  ],
  confusions: [
    { pair: ['white', 'cream'], chance: 0.05 },
    { pair: ['green', 'grey-green'], chance: 0.12 },
    { pair: ['white', 'none'], chance: 0.03 },
    { pair: ['cream', 'brown'], chance: 0.02 },
  ],
  source: 'school-practice',
};
export const inExcess: Attribute = {
  id: 'excess',
  reads: 'excess',
  nothing: 'none',
  question: 'With much more: does it dissolve?',
  values: [
    none('no precipitate to dissolve'),
    change('dissolves', 'dissolves', solidIn(pigment.white), clearTube),
    change('insoluble', 'does not dissolve', solidIn(pigment.white), solidIn(pigment.white)),
  ],
  confusions: [{ pair: ['dissolves', 'insoluble'], chance: 0.04 }],
  source: 'school-practice',
};
export const onStanding: Attribute = {
  id: 'standing',
  reads: 'standing',
  nothing: 'no-change',
  question: 'After standing in air: does it change?',
  values: [
    none('no change', 'no-change'),
    change('browns', 'turns brown', solidIn(pigment.green), solidIn(pigment.brown)),
    change('pinks', 'turns pink', solidIn(pigment.blue), solidIn(pigment.pink)),
  ],
  confusions: [{ pair: ['browns', 'no-change'], chance: 0.15 }],
  source: 'school-practice',
};
export const excessColour: Attribute = {
  id: 'excessColour',
  reads: 'excess-colour',
  nothing: 'colourless',
  question: 'What colour is the liquid then?',
  values: [
    coloured('colourless', 'colourless', pigment.colourless),
    coloured('deep-blue', 'deep blue', pigment.deepBlue),
    coloured('blue', 'blue', pigment.blue),
    coloured('brown', 'brown', pigment.orangeBrown),
  ],
  confusions: [{ pair: ['deep-blue', 'blue'], chance: 0.15 }],
  source: 'school-practice',
};
