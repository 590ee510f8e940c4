/** Gases from metals and carbonates (ages 11 to 14), and gases by their tests. */
import { keepingLiquids } from '../kept-liquid.js';
import type { Practical } from '../practical.js';
import { known, planned, practical, unknown } from './parts.js';

const metal = { form: 'metal' } as const;
const gas = { form: 'gas' } as const;

export const metalsAndAcid: Practical = practical({
  title: 'Which metal is it? Metals and dilute acid',
  summary: 'See how fast known metals fizz in dilute acid and test the gas, then name two grey strips.',
  syllabus: 'gases',
  asks: 'metal',
  minutes: 50,
  samples: [
    known('magnesium', ['Mg'], metal),
    known('zinc', ['Zn'], metal),
    known('copper', ['Cu'], metal),
    unknown('a', ['Mg'], 1, metal),
    unknown('b', ['Zn'], 3, metal),
    unknown('c', ['Fe'], 3, metal),
    unknown('d', ['Cu'], 1, metal),
  ],
  tests: [
    planned('metal-acid', 'usual', ['effervescence', 'warms', 'residue'], { minutes: 2 }),
    planned('lit-splint', 'usual', ['splint'], { on: 'unknowns' }),
  ],
  before: [['metal-acid', 'lit-splint']],
});

/** Metal, gas, and the ion in what is left: the liquid of each is kept for hydroxide and ammonia. */
export const metalsAndTheirIons: Practical = keepingLiquids(
  practical({
    title: 'Metal, gas and the ion in the liquid',
    summary:
      'Dissolve a strip of metal in dilute acid, test the gas, keep the liquid, and name the metal by the ion in it.',
    syllabus: 'extended',
    asks: 'metal',
    minutes: 75,
    samples: [
      known('magnesium', ['Mg'], metal),
      known('zinc', ['Zn'], metal),
      unknown('a', ['Mg'], 2, metal),
      unknown('b', ['Zn'], 3, metal),
      unknown('c', ['Fe'], 2, metal),
      unknown('d', ['Al'], 4, metal),
    ],
    tests: [
      // Weaker acid: all of it is used up, and the tube must not get hotter than a hand bears.
      planned('metal-acid', 'usual', ['effervescence', 'warms'], { minutes: 3, strengths: { HCl: 0.5 } }),
      planned('lit-splint', 'usual', ['splint'], { on: 'unknowns' }),
      planned('naoh', 'usual', ['precipitate', 'excess']),
      // Zinc and aluminium alike dissolve in hydroxide; ammonia parts them.
      planned('ammonia-solution', 'usual', ['precipitate', 'excess'], { on: 'unknowns' }),
    ],
    before: [['metal-acid', 'lit-splint']],
  }),
  'metal-acid',
  true,
);

export const gasesFromJars: Practical = practical({
  title: 'Four gases and their tests',
  summary:
    'Tubes of gas from the generator: oxygen, hydrogen, carbon dioxide and air, by splint and limewater.',
  syllabus: 'gases',
  asks: 'gas',
  minutes: 50,
  samples: [
    known('carbon-dioxide', ['CO2'], gas),
    unknown('a', ['H2'], 1, gas),
    unknown('b', ['O2'], 2, gas),
    unknown('c', ['CO2'], 2, gas),
    unknown('d', ['N2'], 4, gas),
  ],
  tests: [
    planned('lit-splint', 'usual', ['splint']),
    planned('glowing-splint', 'usual', ['splint']),
    planned('limewater', 'usual', ['limewater']),
  ],
});

export const carbonatesUnderEverydayNames: Practical = practical({
  title: 'White powders from the store: which are carbonates?',
  summary:
    'Chalk, washing soda, table salt and Epsom salt look alike; acid and limewater tell which fizz and why.',
  syllabus: 'core',
  asks: 'anion',
  minutes: 50,
  samples: [
    known('chalk', ['Ca2+', 'CO3^2-'], { form: 'solid', alias: 'Chalk', set: 'white powders' }),
    known('table-salt', ['Na+', 'Cl-'], { form: 'solid', alias: 'Table salt', set: 'white powders' }),
    unknown('a', ['Ca2+', 'CO3^2-'], 2, { form: 'solid', set: 'white powders' }),
    unknown('b', ['Na+', 'CO3^2-'], 2, { form: 'solid', set: 'white powders' }),
    unknown('c', ['Na+', 'Cl-'], 3, { form: 'solid', set: 'white powders' }),
    unknown('d', ['Mg2+', 'SO4^2-'], 3, { form: 'solid', set: 'white powders' }),
  ],
  tests: [
    planned('dilute-acid', 'hydrochloric', ['effervescence', 'limewater']),
    planned('sulfate', 'hydrochloric', ['precipitate']),
    planned('halide-silver', 'usual', ['precipitate']),
  ],
  before: [],
});
