/** The practicals that ship, for every syllabus at least one. Add one in a data file beside this and name it here. */
import type { Practical } from '../practical.js';
import { familiesBySpots, halidesByLayer } from './families.js';
import { flameBySplint, flameBySwab, flameColoursOfUnlabelledJars } from './flame-colours.js';
import { carbonatesUnderEverydayNames, gasesFromJars, metalsAndAcid, metalsAndTheirIons } from './gases.js';
import {
  ammoniumAndAmmonia,
  anionsInSolution,
  fullUnknownSalt,
  hydroxidePrecipitates,
  nitrateRingStation,
} from './ions-in-solution.js';

export { flameColoursOfUnlabelledJars } from './flame-colours.js';

export const shippedPracticals: readonly Practical[] = [
  flameColoursOfUnlabelledJars,
  flameBySplint,
  flameBySwab,
  metalsAndAcid,
  metalsAndTheirIons,
  gasesFromJars,
  carbonatesUnderEverydayNames,
  hydroxidePrecipitates,
  anionsInSolution,
  ammoniumAndAmmonia,
  fullUnknownSalt,
  familiesBySpots,
  halidesByLayer,
  nitrateRingStation,
];
