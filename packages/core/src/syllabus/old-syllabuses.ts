/** A syllabus file as version 1 of the format wrote it, kept so that it is read for good. */
export const syllabusOfVersion1: unknown = {
  id: 'ours',
  name: 'Our own list',
  ages: '14–16',
  cations: ['Na+', 'K+', 'Cu2+'],
  anions: ['CO3^2-', 'Cl-'],
  gases: ['CO2'],
  metals: [],
  tests: [
    { test: 'flame', variant: 'wire', attributes: ['colour'] },
    { test: 'dilute-acid', variant: 'hydrochloric', attributes: ['effervescence', 'limewater'] },
  ],
  wording: { flame: { colour: { 'K+': { strict: ['lilac'] } } } },
  values: { precipitate: { white: { strict: ['white'] } } },
  strictness: 'standard',
  carryForward: true,
  settings: {
    cleanWire: 'no-colour',
    flameMethod: 'wire',
    carbonateAcid: 'hydrochloric',
    halideMethod: 'silver-nitrate',
    ringOrder: 'acid-last',
    chlorineResult: 'bleached',
    gasEvidence: 'every',
    stateSymbols: 'optional',
  },
};
