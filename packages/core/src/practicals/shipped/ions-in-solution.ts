/** Hydroxides, anions, the full unknown salt, ammonium and ammonia, nitrate by the ring. */
import type { Practical } from '../practical.js';
import { blank, known, planned, practical, unknown } from './parts.js';

/** Carbonates strong enough, and acid enough, that carbon dioxide comes off instead of staying dissolved. */
const fizzing = { molarity: 0.5 } as const;
const enoughAcid = { strengths: { HCl: 1, HNO3: 0.7 } } as const;

export const hydroxidePrecipitates: Practical = practical({
  title: 'Hydroxide precipitates: metal ions by sodium hydroxide',
  summary: 'Drops, then excess: white, blue, green or brown, and which white one dissolves again.',
  syllabus: 'core',
  asks: 'cation',
  samples: [
    known('copper', ['Cu2+', 'SO4^2-']),
    known('iron-iii', ['Fe3+', 'Cl-']),
    blank,
    unknown('a', ['Cu2+', 'Cl-'], 1),
    unknown('b', ['Fe2+', 'SO4^2-'], 3),
    unknown('c', ['Fe3+', 'NO3-'], 2),
    unknown('d', ['Al3+', 'SO4^2-'], 4, { set: 'colourless solutions' }),
    unknown('e', ['Mg2+', 'SO4^2-'], 4, { set: 'colourless solutions' }),
    unknown('f', ['Ca2+', 'Cl-'], 4, { set: 'colourless solutions' }),
  ],
  tests: [
    planned('naoh', 'usual', ['precipitate', 'excess']),
    planned('flame', 'wire', ['colour'], { on: 'unknowns' }),
  ],
});

export const anionsInSolution: Practical = practical({
  title: 'Which anion? Carbonate, sulfate and halides',
  summary: 'Acid and limewater, acid and barium, acid and silver: the right acid each time.',
  syllabus: 'core',
  asks: 'anion',
  minutes: 60,
  samples: [
    known('chloride', ['Na+', 'Cl-']),
    known('sulfate', ['Na+', 'SO4^2-']),
    blank,
    unknown('a', ['Na+', 'CO3^2-'], 2, fizzing),
    unknown('b', ['K+', 'SO4^2-'], 1),
    unknown('c', ['K+', 'Cl-'], 2),
    unknown('d', ['Na+', 'Br-'], 4),
    unknown('e', ['K+', 'I-'], 3),
  ],
  tests: [
    planned('dilute-acid', 'hydrochloric', ['effervescence', 'limewater'], enoughAcid),
    planned('sulfate', 'hydrochloric', ['precipitate'], enoughAcid),
    planned('halide-silver', 'usual', ['precipitate'], enoughAcid),
  ],
});

export const fullUnknownSalt: Practical = practical({
  title: 'A full unknown salt',
  summary: 'Flame, hydroxides and anion tests on one labelled and two unlabelled solutions: name both ions.',
  syllabus: 'extended',
  asks: 'salt',
  minutes: 75,
  samples: [
    known('known', ['Cu2+', 'SO4^2-']),
    unknown('a', ['Cu2+', 'Cl-'], 2),
    unknown('b', ['Fe2+', 'SO4^2-'], 3),
    unknown('c', ['Fe3+', 'Cl-'], 3),
    unknown('d', ['Zn2+', 'SO4^2-'], 4),
    unknown('e', ['NH4+', 'Cl-'], 4),
    unknown('f', ['Na+', 'CO3^2-'], 2, fizzing),
    unknown('g', ['K+', 'I-'], 3),
  ],
  tests: [
    planned('flame', 'wire', ['colour'], { on: 'unknowns', minutes: 3 }),
    planned('naoh', 'usual', ['precipitate', 'excess'], { minutes: 2 }),
    planned('naoh-warm', 'usual', ['litmus'], { on: 'unknowns' }),
    planned('dilute-acid', 'hydrochloric', ['effervescence', 'limewater'], {
      on: 'unknowns',
      minutes: 2,
      ...enoughAcid,
    }),
    planned('sulfate', 'hydrochloric', ['precipitate'], enoughAcid),
    planned('halide-silver', 'usual', ['precipitate'], { minutes: 2, ...enoughAcid }),
  ],
});

export const ammoniumAndAmmonia: Practical = practical({
  title: 'Ammonium and ammonia',
  summary: 'Warm with sodium hydroxide and try the vapour with damp red litmus, clear of the glass.',
  syllabus: 'core',
  asks: 'cation',
  minutes: 50,
  samples: [
    known('ammonium', ['NH4+', 'Cl-']),
    blank,
    unknown('a', ['NH4+', 'SO4^2-'], 2),
    unknown('b', ['K+', 'Cl-'], 3),
    unknown('c', ['Na+', 'SO4^2-'], 2),
    unknown('d', ['NH4+', 'Cl-'], 2),
  ],
  tests: [
    planned('naoh-warm', 'usual', ['litmus']),
    planned('flame', 'wire', ['colour'], { on: 'unknowns' }),
  ],
});

export const nitrateRingStation: Practical = practical({
  title: 'Nitrate by the brown ring, a teacher-led station',
  summary: 'The teacher runs concentrated acid under iron(II) sulfate; groups do the other anions meanwhile.',
  syllabus: 'senior',
  asks: 'anion',
  minutes: 70,
  samples: [
    known('nitrate', ['K+', 'NO3-']),
    unknown('a', ['Na+', 'NO3-'], 3),
    unknown('b', ['Na+', 'SO4^2-'], 2),
    unknown('c', ['K+', 'Cl-'], 3),
    unknown('d', ['K+', 'NO3-'], 3),
    unknown('e', ['Na+', 'CO3^2-'], 1, fizzing),
  ],
  tests: [
    planned('dilute-acid', 'hydrochloric', ['effervescence', 'limewater'], { on: 'unknowns', ...enoughAcid }),
    planned('sulfate', 'hydrochloric', ['precipitate'], { on: 'unknowns', ...enoughAcid }),
    planned('halide-silver', 'usual', ['precipitate'], { on: 'unknowns', ...enoughAcid }),
    planned('nitrate-ring', 'acid-last', ['ring'], { ledBy: 'teacher', minutes: 2 }),
  ],
});
