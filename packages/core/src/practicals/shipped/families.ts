/** Families: groups 1 and 2 by flame and the three spot reagents; halides by the layer, in a lesson without flames. */
import type { Practical } from '../practical.js';
import { blank, known, planned, practical, unknown } from './parts.js';

const strong = { molarity: 0.2 } as const;

export const familiesBySpots: Practical = practical({
  title: 'Families of ions: spots and flame',
  summary: 'Groups 1 and 2 by three spot reagents and the flame.',
  syllabus: 'families',
  asks: 'cation',
  samples: [
    known('calcium', ['Ca2+', 'Cl-'], strong),
    blank,
    unknown('a', ['Ba2+', 'Cl-'], 2, strong),
    unknown('b', ['Sr2+', 'Cl-'], 4, strong),
    unknown('c', ['Ca2+', 'Br-'], 3, strong),
    unknown('d', ['Na+', 'Br-'], 2, strong),
    unknown('e', ['Li+', 'Cl-'], 4, strong),
    unknown('f', ['K+', 'I-'], 2, strong),
  ],
  tests: [
    planned('carbonate-spot', 'usual', ['precipitate']),
    planned('sulfate-spot', 'usual', ['precipitate']),
    planned('phosphate-spot', 'usual', ['precipitate']),
    planned('flame', 'splint', ['colour', 'throughBlueGlass'], { on: 'unknowns' }),
  ],
});

export const halidesByLayer: Practical = practical({
  title: 'Halides by the layer: no flame in the room',
  summary: 'Chlorine water under a solvent that catches fire: a lesson of its own, without burners.',
  syllabus: 'families',
  asks: 'anion',
  // Two places in the fume cupboard set the pace.
  minutes: 75,
  samples: [
    known('chloride', ['K+', 'Cl-'], strong),
    known('bromide', ['K+', 'Br-'], strong),
    known('iodide', ['K+', 'I-'], strong),
    unknown('a', ['Na+', 'Cl-'], 2, strong),
    unknown('b', ['Na+', 'Br-'], 3, strong),
    unknown('c', ['Na+', 'I-'], 2, strong),
    unknown('d', ['Ca2+', 'Br-'], 3, strong),
  ],
  tests: [planned('halide-layer', 'usual', ['upperLayer'])],
});
