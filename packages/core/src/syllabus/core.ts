import { flameWording } from './flame-wording.js';
import { defaultSettings } from './settings.js';
import type { Syllabus } from './syllabus-definition.js';
import { valueWording } from './value-wording.js';

export const coreSyllabus: Syllabus = {
  id: 'core',
  name: 'Core identification tests',
  ages: '14–16',
  cations: ['Li+', 'Na+', 'K+', 'NH4+', 'Mg2+', 'Ca2+', 'Al3+', 'Fe2+', 'Fe3+', 'Cu2+'],
  anions: ['CO3^2-', 'SO4^2-', 'Cl-', 'Br-', 'I-'],
  gases: ['H2', 'O2', 'CO2', 'Cl2', 'NH3', 'H2O'],
  metals: ['Mg', 'Zn', 'Fe', 'Cu'],
  tests: [
    { test: 'flame', variant: 'wire', attributes: ['colour'] },
    { test: 'naoh', variant: 'usual', attributes: ['precipitate', 'excess'] },
    { test: 'naoh-warm', variant: 'usual', attributes: ['litmus'] },
    { test: 'dilute-acid', variant: 'hydrochloric', attributes: ['effervescence', 'limewater'] },
    { test: 'sulfate', variant: 'hydrochloric', attributes: ['precipitate'] },
    { test: 'halide-silver', variant: 'usual', attributes: ['precipitate'] },
    { test: 'lit-splint', variant: 'usual', attributes: ['splint'] },
    { test: 'glowing-splint', variant: 'usual', attributes: ['splint'] },
    { test: 'limewater', variant: 'usual', attributes: ['limewater'] },
    { test: 'damp-red-litmus', variant: 'usual', attributes: ['litmus'] },
    { test: 'damp-blue-litmus', variant: 'usual', attributes: ['litmus'] },
    { test: 'anhydrous-copper-sulfate', variant: 'usual', attributes: ['colour'] },
    { test: 'cobalt-chloride-paper', variant: 'usual', attributes: ['colour'] },
    { test: 'boiling-point', variant: 'usual', attributes: ['celsius'] },
  ],
  wording: { flame: flameWording },
  values: valueWording,
  strictness: 'standard',
  carryForward: true,
  settings: defaultSettings,
};
