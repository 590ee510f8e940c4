/** Flame colours, in the three ways schools hold the salt in the flame. */
import type { VariantId } from '../../identification-tests/test-definition.js';
import type { Practical } from '../practical.js';
import { known, planned, practical, unknown } from './parts.js';

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

const byVariant = (variant: VariantId, title: string): Practical => ({
  ...flameColoursOfUnlabelledJars,
  title,
  tests: flameColoursOfUnlabelledJars.tests.map((test) => ({ ...test, variant })),
});
export const flameBySplint = byVariant('splint', 'Flame colours of unlabelled jars, by soaked splint');
export const flameBySwab = byVariant('swab', 'Flame colours of unlabelled jars, by wet swab');
