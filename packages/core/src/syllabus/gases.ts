import { syllabusFormat, syllabusVersion } from './syllabus-versions.js';
import { flameWording } from './flame-wording.js';
import { defaultSettings } from './settings.js';
import type { Syllabus } from './syllabus-definition.js';
import { gasTests, waterTests } from './test-lists.js';
import { valueWording } from './value-wording.js';

export const gasesSyllabus: Syllabus = {
  format: syllabusFormat,
  formatVersion: syllabusVersion,
  id: 'gases',
  name: 'Gases from metals and carbonates',
  ages: '11–14',
  cations: [],
  anions: ['CO3^2-', 'HCO3-'],
  gases: ['H2', 'O2', 'CO2', 'H2O'],
  metals: ['Mg', 'Al', 'Zn', 'Fe', 'Cu', 'Ca', 'Pb'],
  tests: [
    { test: 'metal-acid', variant: 'usual', attributes: ['effervescence', 'warms', 'residue'] },
    { test: 'dilute-acid', variant: 'hydrochloric', attributes: ['effervescence', 'limewater'] },
    ...gasTests,
    ...waterTests,
  ],
  wording: { flame: flameWording },
  values: valueWording,
  strictness: 'standard',
  carryForward: true,
  settings: defaultSettings,
};
