/** Flame colours, in the three ways schools hold the salt in the flame. */
import type { Practical } from '../practical.js';
import { blank, known, planned, practical, unknown } from './parts.js';

const solid = { form: 'solid' } as const;

export const flameColoursOfUnlabelledJars: Practical = practical({
  title: 'Flame colours of unlabelled jars',
  summary: 'Learn five flame colours from labelled salts, then name two jars that lost their labels.',
  syllabus: 'core',
  asks: 'cation',
  minutes: 50,
  samples: [
    known('lithium', ['Li+', 'Cl-'], solid),
    known('sodium', ['Na+', 'Cl-'], solid),
    known('potassium', ['K+', 'Cl-'], solid),
    known('calcium', ['Ca2+', 'Cl-'], solid),
    known('copper', ['Cu2+', 'SO4^2-'], solid),
    unknown('a', ['Li+', 'CO3^2-'], 3, solid),
    unknown('b', ['Na+', 'SO4^2-'], 1, solid),
    unknown('c', ['K+', 'SO4^2-'], 4, solid),
    unknown('d', ['Ca2+', 'CO3^2-'], 3, solid),
    unknown('e', ['Cu2+', 'CO3^2-'], 2, solid),
    unknown('f', ['K+', 'Cl-'], 4, solid),
  ],
  tests: [planned('flame', 'wire', ['colour', 'throughBlueGlass'])],
});

const solution = { form: 'solution', molarity: 0.5 } as const;

/** Splints soak in solutions: soluble salts, and no nitrate, for the wood dries. */
export const flameBySplint: Practical = {
  ...flameColoursOfUnlabelledJars,
  title: 'Flame colours of unlabelled jars, by soaked splint',
  samples: [
    known('lithium', ['Li+', 'Cl-'], solution),
    known('sodium', ['Na+', 'Cl-'], solution),
    known('potassium', ['K+', 'Cl-'], solution),
    known('calcium', ['Ca2+', 'Cl-'], solution),
    known('copper', ['Cu2+', 'Cl-'], solution),
    unknown('a', ['Li+', 'SO4^2-'], 3, solution),
    unknown('b', ['Na+', 'SO4^2-'], 1, solution),
    unknown('c', ['K+', 'SO4^2-'], 4, solution),
    unknown('d', ['Ca2+', 'Br-'], 3, solution),
    unknown('e', ['Cu2+', 'SO4^2-'], 2, solution),
    unknown('f', ['K+', 'Cl-'], 4, solution),
    blank,
  ],
  tests: [planned('flame', 'splint', ['colour', 'throughBlueGlass'])],
};

/** Swabs take up chlorides, which the flame carries best. */
export const flameBySwab: Practical = {
  ...flameColoursOfUnlabelledJars,
  title: 'Flame colours of unlabelled jars, by wet swab',
  samples: [
    ...flameColoursOfUnlabelledJars.samples.filter((s) => s.role === 'known' && s.key !== 'known-copper'),
    known('copper', ['Cu2+', 'Cl-'], solid),
    unknown('a', ['Li+', 'Cl-'], 3, solid),
    unknown('b', ['Na+', 'Cl-'], 1, solid),
    unknown('c', ['K+', 'Cl-'], 4, solid),
    unknown('d', ['Ca2+', 'Cl-'], 3, solid),
    unknown('e', ['Cu2+', 'Cl-'], 2, solid),
  ],
  tests: [planned('flame', 'swab', ['colour', 'throughBlueGlass'])],
};
