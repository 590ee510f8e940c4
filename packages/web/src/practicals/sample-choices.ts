/** What may be suggested as a sample: the salts, gases and metals of a syllabus, and water. */
import { saltName, speciesName, type Syllabus } from '@kivex/core';
import { saltChoice, speciesChoice } from '../kit/Species.js';

export const sampleChoices = ({ cations, anions, gases, metals }: Syllabus) => [
  ...cations.flatMap((cation) =>
    anions.map((anion) => ({ ...saltChoice(saltName([cation, anion]), [cation, anion]), group: 'Salts' })),
  ),
  ...gases.map((id) => ({ ...speciesChoice(id), name: speciesName(id), group: 'Gases' })),
  ...metals.map((id) => ({ ...speciesChoice(id), group: 'Metals' })),
  { id: 'water', name: 'water', group: 'Blank' },
];
