/** Families by flame and the three spot reagents, halides by the layer. */
import type { Practical } from '../practical.js';
import { blank, known, planned, practical, unknown } from './parts.js';

const strong = { molarity: 0.2 } as const;

export const familiesBySpots: Practical = practical({
  title: 'Families of ions: spots and halide layers',
  summary: 'Groups 1 and 2 by three spot reagents and the flame, halides by the colour of the upper layer.',
  syllabus: 'families',
  asks: 'salt',
  minutes: 75,
  samples: [
    known('calcium', ['Ca2+', 'Cl-'], strong),
    known('iodide', ['K+', 'I-'], strong),
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
    planned('halide-layer', 'usual', ['upperLayer'], { on: 'unknowns' }),
  ],
});
