import { syllabusFormat, syllabusVersion } from './syllabus-versions.js';
import { flameWording } from './flame-wording.js';
import { defaultSettings } from './settings.js';
import type { Syllabus } from './syllabus-definition.js';
import { valueWording } from './value-wording.js';

export const familiesSyllabus: Syllabus = {
  format: syllabusFormat,
  formatVersion: syllabusVersion,
  id: 'families',
  name: 'Families of ions',
  ages: '14–18',
  cations: ['Li+', 'Na+', 'K+', 'Ca2+', 'Sr2+', 'Ba2+'],
  anions: ['Cl-', 'Br-', 'I-'],
  gases: [],
  metals: [],
  tests: [
    { test: 'flame', variant: 'splint', attributes: ['colour', 'throughBlueGlass'] },
    { test: 'carbonate-spot', variant: 'usual', attributes: ['precipitate'] },
    { test: 'sulfate-spot', variant: 'usual', attributes: ['precipitate'] },
    { test: 'phosphate-spot', variant: 'usual', attributes: ['precipitate'] },
    { test: 'halide-layer', variant: 'usual', attributes: ['upperLayer'] },
  ],
  wording: { flame: flameWording },
  values: valueWording,
  strictness: 'standard',
  carryForward: true,
  settings: { ...defaultSettings, flameMethod: 'splint', halideMethod: 'layer' },
};
