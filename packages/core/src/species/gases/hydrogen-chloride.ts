/** Hydrogen chloride, whole: an acid gas that fumes in damp air and with ammonia. */
import type { GasFile } from '../one-file.js';

const of = (shows: Readonly<Record<string, readonly string[]>>, unsure?: string) =>
  [{ shows, source: 'school-practice', ...(unsure ? { unsure } : {}) }] as const;

export const hydrogenChloride = {
  name: 'hydrogen chloride',
  alsoCalled: [],
  source: 'iupac-red-book',
  hazard: {
    neat: {
      from_M: 0,
      level: 'danger',
      statements: ['H314', 'H331'],
      words: 'Chokes and burns: fume cupboard, smallest amounts; never sniff.',
    },
    source: 'clp',
  },
  making: {
    how: 'by the employer’s own recipe card, fume cupboard',
    from: null,
    teacherOnly: true,
    neverStored: true,
  },
  shows: {
    appearance: [
      { shows: { state: ['gas'], colour: ['colourless'] }, source: 'school-practice', form: 'gas' },
    ],
    'lit-splint': of(
      { splint: ['goes-out', 'no-change'] },
      'depends on how much gas there is; proves nothing',
    ),
    'glowing-splint': of({ splint: ['no-change', 'goes-out'] }),
    limewater: of({ limewater: ['clear'] }),
    'damp-red-litmus': of({ litmus: ['no-change'] }),
    'damp-blue-litmus': of({ litmus: ['red'] }),
    'hcl-rod': of({ fumes: ['none'] }),
    'acidified-manganate': of({ solution: ['purple'] }),
    'starch-iodide-paper': of({ colour: ['white'] }),
    'anhydrous-copper-sulfate': of({ colour: ['white'] }),
    'cobalt-chloride-paper': of({ colour: ['blue'] }),
  },
} as const satisfies GasFile;
