/** Which ions, gases and metals a test is shown with, and in which salt. */
import { isAnionId, isCationId, testOf, type Syllabus, type TestId } from '@kivex/core';

export const speciesFor = (syllabus: Syllabus, test: TestId): readonly string[] =>
  ({
    cation: syllabus.cations,
    anion: syllabus.anions,
    gas: syllabus.gases.filter((g) => g !== 'H2O'),
    metal: syllabus.metals,
    look: syllabus.cations,
  })[testOf(test).family];

/** A salt that dissolves and shows nothing besides. */
export const sampleWith = (id: string): readonly string[] =>
  isCationId(id) ? [id, id === 'Ag+' || id === 'Pb2+' ? 'NO3-' : 'Cl-'] : isAnionId(id) ? ['Na+', id] : [id];
