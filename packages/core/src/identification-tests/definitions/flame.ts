/** The flame test: what may be seen, which ion shows what, and the slips that change it. */
import type { SpeciesId } from '../../species/species.js';
import type { CationId } from '../../species/ion.js';
import { flameVariants } from './flame-method.js';
import type { Attribute, AttributeValue, Outcome, TestDefinition } from '../test-definition.js';
import { all, completeIn } from '../test-parts.js';
import type { WellPattern } from '../well-look.js';

const flame = (id: string, label: string, colour: string, pattern: WellPattern): AttributeValue => ({
  id,
  label,
  look: { kind: 'flame', colour, pattern },
});
const nothing: AttributeValue = {
  id: 'none',
  label: 'no colour',
  look: { kind: 'nothing' },
};

const colour: Attribute = {
  id: 'colour',
  reads: 'flame-colour',
  nothing: 'none',
  question: 'What colour was the flame?',
  values: [
    flame('crimson', 'crimson', '#b3123c', 'bars'),
    flame('red', 'red', '#d8261c', 'dashes'),
    flame('brick-red', 'brick-red', '#b4472e', 'grid'),
    flame('orange-red', 'orange-red', '#ea5a1f', 'falling'),
    flame('yellow', 'yellow', '#f5b70a', 'dots'),
    flame('lilac', 'lilac', '#b391dd', 'waves'),
    flame('apple-green', 'apple-green', '#8cc63f', 'rising'),
    flame('blue-green', 'blue-green', '#12977f', 'crosses'),
    flame('pale-blue', 'pale blue', '#8fbfe6', 'rings'),
    nothing,
  ],
  confusions: [
    { pair: ['crimson', 'red'], chance: 0.15 },
    { pair: ['crimson', 'brick-red'], chance: 0.04 },
    { pair: ['red', 'brick-red'], chance: 0.12 },
    { pair: ['red', 'orange-red'], chance: 0.12 },
    { pair: ['brick-red', 'orange-red'], chance: 0.15 },
    { pair: ['orange-red', 'yellow'], chance: 0.04 },
    { pair: ['apple-green', 'blue-green'], chance: 0.06 },
    { pair: ['pale-blue', 'none'], chance: 0.1 },
    { pair: ['pale-blue', 'lilac'], chance: 0.03 },
    { pair: ['lilac', 'none'], chance: 0.05 },
  ],
  source: 'school-practice',
};

const throughBlueGlass: Attribute = {
  id: 'throughBlueGlass',
  reads: 'glass-colour',
  nothing: 'none',
  question: 'What did you see through the blue glass?',
  values: [
    flame('crimson', 'crimson', '#a3154d', 'bars'),
    flame('lilac', 'lilac', '#a883e0', 'waves'),
    flame('pale-green', 'pale green', '#a8d5a2', 'rising'),
    flame('purple', 'purple', '#6d3aa8', 'grid'),
    flame('blue-green', 'blue-green', '#2a8f98', 'crosses'),
    nothing,
  ],
  confusions: [
    { pair: ['crimson', 'purple'], chance: 0.12 },
    { pair: ['crimson', 'lilac'], chance: 0.1 },
    { pair: ['lilac', 'purple'], chance: 0.12 },
    { pair: ['pale-green', 'blue-green'], chance: 0.08 },
    { pair: ['pale-green', 'none'], chance: 0.06 },
  ],
  source: 'school-practice',
};

const shows = <const Id extends SpeciesId>(
  of: Id,
  naked: string[],
  glass: string[],
  unsure?: string,
): Outcome<Id> => ({
  of,
  shows: { colour: naked, throughBlueGlass: glass },
  source: 'vogel',
  ...(unsure ? { unsure } : {}),
});

const outcomes = completeIn<CationId, 'flame'>('flame')([
  shows('Li+', ['crimson', 'red'], ['crimson', 'purple']),
  shows('Na+', ['yellow'], ['none']),
  shows('K+', ['lilac'], ['crimson', 'lilac', 'purple']),
  shows('Ca2+', ['orange-red', 'brick-red', 'red'], ['pale-green']),
  shows('Sr2+', ['red', 'crimson'], ['purple']),
  shows('Ba2+', ['apple-green'], ['blue-green']),
  shows('Cu2+', ['blue-green'], ['blue-green']),
  shows('Pb2+', ['pale-blue'], ['none'], 'faint; books do not give a colour through the glass'),
  ...all(
    ['H+', 'NH4+', 'Mg2+', 'Al3+', 'Zn2+', 'Cr3+', 'Mn2+', 'Fe2+', 'Fe3+', 'Co2+', 'Ni2+', 'Ag+'],
    { colour: ['none'], throughBlueGlass: ['none'] },
    'vogel',
  ),
]);

export const flameTest: TestDefinition = {
  id: 'flame',
  name: 'Flame test',
  family: 'cation',
  fromAge: 11,
  forms: ['solid', 'solution'],
  takes: { solution_mL: 0.5, solid_g: 0.05 },
  refuses: [
    {
      statements: ['H317', 'H334', 'H350', 'H360'],
      why: 'a flame carries its dust and fume into the air of the room. Leave it out of the flame, or show it yourself in the fume cupboard.',
    },
  ],
  attributes: [colour, throughBlueGlass],
  variants: flameVariants,
  outcomes,
  slips: [
    {
      id: 'sodium-about',
      prior: 0.06,
      factorFor: { 'K+': 3, 'Pb2+': 3, 'Ba2+': 1, 'Li+': 0.4, 'Ca2+': 0.4, 'Sr2+': 0.4, 'Cu2+': 0.5 },
      shows: { colour: ['yellow'] },
      explains: true,
      advice:
        'Yellow covers other colours. Begin again with a clean wire, a fresh splint or a fresh swab, and look through the blue glass too.',
      source: 'school-practice',
    },
    {
      id: 'air-hole-closed',
      prior: 0.02,
      shows: { colour: ['yellow'], throughBlueGlass: ['none'] },
      explains: false,
      advice: 'Was the flame blue and roaring before the sample went in? Open the air hole and repeat.',
      source: 'school-practice',
    },
    {
      id: 'read-late',
      prior: 0.02,
      shows: { colour: ['orange-red'] },
      explains: false,
      advice: 'Some colours last a moment. Repeat with fresh sample and read the first two seconds.',
      source: 'school-practice',
    },
    {
      id: 'wood-or-cotton-burns',
      prior: 0.02,
      shows: { colour: ['orange-red', 'yellow'], throughBlueGlass: ['none'] },
      explains: false,
      advice:
        'Burning wood or cotton is orange-yellow by itself. Soak or wet it well, and read the first two seconds.',
      source: 'school-practice',
    },
    {
      id: 'salt-in-the-burner',
      prior: 0.01,
      shows: { colour: ['yellow', 'orange-red'] },
      explains: false,
      advice:
        'Look at the flame with nothing in it: salt in the burner colours it for everyone after. Have the burner cleaned.',
      source: 'school-practice',
    },
    {
      id: 'too-little-sample',
      prior: 0.03,
      shows: { colour: ['none'], throughBlueGlass: ['none'] },
      explains: false,
      advice: 'Nothing at all may mean too little sample reached the flame. Take more and repeat.',
      source: 'school-practice',
    },
  ],
  carelessness: 0.02,
};
