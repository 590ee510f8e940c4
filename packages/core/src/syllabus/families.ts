import { flameWording } from './flame-wording.js';
import type { Syllabus } from './syllabus-definition.js';

export const familiesSyllabus: Syllabus = {
  id: 'families',
  name: 'Families of ions',
  ages: '14–18',
  cations: ['Li+', 'Na+', 'K+', 'Ca2+', 'Sr2+', 'Ba2+'],
  anions: ['Cl-', 'Br-', 'I-'],
  tests: [{ test: 'flame', variant: 'splint', attributes: ['colour', 'throughBlueGlass'] }],
  wording: { flame: flameWording },
  strictness: 'standard',
  carryForward: true,
};
