import { syllabusFormat, syllabusVersion } from './syllabus-versions.js';
import { extendedSyllabus } from './extended.js';
import { flameWording } from './flame-wording.js';
import { defaultSettings } from './settings.js';
import type { Syllabus } from './syllabus-definition.js';
import { furtherIonTests, gasTests, ionTests, litmusTests, waterTests } from './test-lists.js';
import { valueWording } from './value-wording.js';

export const seniorSyllabus: Syllabus = {
  format: syllabusFormat,
  formatVersion: syllabusVersion,
  id: 'senior',
  name: 'Senior identification tests',
  ages: '16–18',
  cations: [...extendedSyllabus.cations, 'Sr2+', 'Pb2+', 'Mn2+', 'Co2+', 'Ni2+', 'Ag+'],
  anions: [...extendedSyllabus.anions, 'S2O3^2-'],
  gases: ['H2', 'O2', 'CO2', 'Cl2', 'NH3', 'SO2', 'HCl', 'H2O'],
  metals: ['Mg', 'Al', 'Zn', 'Fe', 'Cu', 'Pb'],
  tests: [
    { test: 'appearance', variant: 'usual', attributes: ['state', 'colour'] },
    { test: 'flame', variant: 'wire', attributes: ['colour', 'throughBlueGlass'] },
    ...ionTests,
    ...furtherIonTests,
    { test: 'halide-silver', variant: 'usual', attributes: ['precipitate', 'diluteAmmonia', 'concAmmonia'] },
    { test: 'halide-layer', variant: 'usual', attributes: ['upperLayer'] },
    { test: 'potassium-iodide', variant: 'usual', attributes: ['precipitate'] },
    { test: 'thiocyanate', variant: 'usual', attributes: ['solution'] },
    { test: 'magnesium-sulfate', variant: 'usual', attributes: ['precipitate'] },
    { test: 'nitrate-ring', variant: 'acid-last', attributes: ['ring'] },
    { test: 'hcl-rod', variant: 'usual', attributes: ['fumes'] },
    { test: 'starch-iodide-paper', variant: 'usual', attributes: ['colour'] },
    ...gasTests,
    ...litmusTests,
    ...waterTests,
  ],
  wording: { flame: flameWording },
  // At this age a fresh manganese(II) hydroxide is read as it mostly looks: off-white already turning pale brown.
  values: {
    ...valueWording,
    precipitate: {
      ...valueWording.precipitate,
      cream: {
        ...valueWording.precipitate!['cream']!,
        standard: [...(valueWording.precipitate!['cream']!.standard ?? []), 'pale-brown'],
      },
    },
  },
  strictness: 'standard',
  carryForward: true,
  settings: defaultSettings,
};
