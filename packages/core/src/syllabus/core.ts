import { syllabusFormat, syllabusVersion } from './syllabus-versions.js';
import { flameWording } from './flame-wording.js';
import { defaultSettings } from './settings.js';
import type { Syllabus } from './syllabus-definition.js';
import { flameByEye, gasTests, ionTests, litmusTests, silverHalides, waterTests } from './test-lists.js';
import { valueWording } from './value-wording.js';

export const coreSyllabus: Syllabus = {
  format: syllabusFormat,
  formatVersion: syllabusVersion,
  id: 'core',
  name: 'Core identification tests',
  ages: '14–16',
  cations: ['Li+', 'Na+', 'K+', 'NH4+', 'Mg2+', 'Ca2+', 'Al3+', 'Fe2+', 'Fe3+', 'Cu2+'],
  anions: ['CO3^2-', 'SO4^2-', 'Cl-', 'Br-', 'I-'],
  gases: ['H2', 'O2', 'CO2', 'Cl2', 'NH3', 'H2O'],
  metals: ['Mg', 'Zn', 'Fe', 'Cu'],
  tests: [...flameByEye, ...ionTests, ...silverHalides, ...gasTests, ...litmusTests, ...waterTests],
  wording: { flame: flameWording },
  values: valueWording,
  strictness: 'standard',
  carryForward: true,
  settings: defaultSettings,
};
