/** The shipped wording for flame colours; syllabuses take it whole or change single ions. */
import type { IonId } from '../species/ion.js';
import type { TestWording, Wording } from './syllabus-definition.js';

const colour: Partial<Record<IonId, Wording>> = {
  'Li+': {
    strict: ['crimson', 'red'],
    standard: ['scarlet', 'deep-red', 'bright-red', 'pink-red', 'magenta'],
    generous: ['pink', 'purple-red'],
  },
  'Na+': {
    strict: ['yellow'],
    standard: ['golden-yellow', 'bright-yellow'],
    generous: ['orange', 'orange-yellow'],
    borderline: ['orange-yellow'],
  },
  'K+': {
    strict: ['lilac'],
    standard: ['pale-lilac'],
    generous: ['purple', 'pale-purple', 'violet', 'pink-purple'],
    borderline: ['pale-purple'],
  },
  'Ca2+': {
    strict: ['orange-red', 'brick-red'],
    standard: ['red', 'bright-red', 'brown-red'],
    generous: ['orange', 'scarlet', 'deep-red'],
    borderline: [],
  },
  'Sr2+': {
    strict: ['red', 'crimson'],
    standard: ['scarlet', 'deep-red', 'bright-red'],
    generous: ['pink-red'],
  },
  'Ba2+': {
    strict: ['apple-green'],
    standard: ['pale-green', 'yellow-green', 'green'],
    generous: ['bright-green'],
    borderline: ['bright-green'],
  },
  'Cu2+': {
    strict: ['blue-green'],
    standard: ['green', 'turquoise'],
    generous: ['bright-green', 'emerald'],
    borderline: ['emerald', 'bright-green'],
  },
  'Pb2+': {
    strict: ['pale-blue'],
    standard: ['blue-white'],
    generous: ['blue', 'blue-grey'],
    borderline: ['blue', 'blue-grey'],
  },
};

const throughBlueGlass: Partial<Record<IonId, Wording>> = {
  'Li+': {
    strict: ['crimson', 'purple'],
    standard: ['pink-red', 'magenta', 'purple-red'],
    generous: ['violet', 'red'],
  },
  'Na+': { strict: ['none'] },
  'K+': {
    strict: ['crimson', 'lilac'],
    standard: [
      'purple',
      'pink-purple',
      'violet',
      'pale-lilac',
      'pale-purple',
      'pink',
      'magenta',
      'pink-red',
      'purple-red',
    ],
    generous: ['red'],
  },
  'Ca2+': { strict: ['pale-green'], standard: ['green', 'yellow-green'] },
  'Sr2+': { strict: ['purple'], standard: ['violet', 'purple-red'], generous: ['pink-purple', 'crimson'] },
  'Ba2+': { strict: ['blue-green'], standard: ['turquoise'], generous: ['green'] },
  'Cu2+': { strict: ['blue-green'], standard: ['turquoise'], generous: ['green', 'blue'] },
};

export const flameWording: TestWording = { colour, throughBlueGlass };
