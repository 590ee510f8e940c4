import { syllabusFormat, syllabusVersion } from './syllabus-versions.js';
import { coreSyllabus } from './core.js';
import { flameWording } from './flame-wording.js';
import { defaultSettings } from './settings.js';
import type { Syllabus } from './syllabus-definition.js';
import {
  flameByEye,
  furtherIonTests,
  gasTests,
  ionTests,
  litmusTests,
  silverHalides,
  waterTests,
} from './test-lists.js';
import { valueWording } from './value-wording.js';

export const extendedSyllabus: Syllabus = {
  format: syllabusFormat,
  formatVersion: syllabusVersion,
  id: 'extended',
  name: 'Extended identification tests',
  ages: '14–16',
  cations: [...coreSyllabus.cations, 'Ba2+', 'Zn2+', 'Cr3+'],
  anions: [...coreSyllabus.anions, 'SO3^2-', 'NO3-'],
  gases: ['H2', 'O2', 'CO2', 'Cl2', 'NH3', 'SO2', 'H2O'],
  metals: ['Mg', 'Al', 'Zn', 'Fe', 'Cu'],
  tests: [
    ...flameByEye,
    ...ionTests,
    ...silverHalides,
    ...furtherIonTests,
    ...gasTests,
    ...litmusTests,
    ...waterTests,
  ],
  wording: { flame: flameWording },
  values: valueWording,
  strictness: 'standard',
  carryForward: true,
  settings: defaultSettings,
};
