import { flameWording } from './flame-wording.js';
import type { Syllabus } from './syllabus-definition.js';

export const coreSyllabus: Syllabus = {
  id: 'core',
  name: 'Core identification tests',
  ages: '14–16',
  cations: ['Li+', 'Na+', 'K+', 'NH4+', 'Mg2+', 'Ca2+', 'Al3+', 'Fe2+', 'Fe3+', 'Cu2+'],
  anions: ['CO3^2-', 'SO4^2-', 'Cl-', 'Br-', 'I-'],
  tests: [{ test: 'flame', variant: 'wire', attributes: ['colour'] }],
  wording: { flame: flameWording },
  strictness: 'standard',
  carryForward: true,
};
