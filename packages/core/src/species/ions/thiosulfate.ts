/** Thiosulfate, whole: acid gives a yellow-white cloud of sulfur and sulfur dioxide. */
import type { AnionFile } from '../one-file.js';

const chokes = 'Gives off choking sulfur dioxide with acid: fume cupboard or moving air; mind asthma.';

export const thiosulfate = {
  name: 'thiosulfate',
  atoms: { S: 2, O: 3 },
  charge: -2,
  alsoCalled: ['thiosulphate', 'hyposulfite'],
  shortNames: [],
  source: 'iupac-red-book',
  hazard: {
    neat: { from_M: 0, level: 'care', statements: [], words: chokes },
    bands: [{ from_M: 0, level: 'care', statements: [], words: chokes }],
    source: 'clp',
    unsure: 'salts of one ion differ; the supplier’s data sheet decides',
  },
  reckonedAs: {
    notModelled: 'acid takes it apart to sulfur and sulfur dioxide, slowly, which is no equilibrium',
  },
  withAcid: { gas: 'SO2', solid: 'S' },
  shows: {
    appearance: [
      { shows: { state: ['solution'], colour: ['colourless'] }, source: 'vogel-tests', form: 'solution' },
      { shows: { state: ['solid'], colour: ['white'] }, source: 'vogel-tests', form: 'solid' },
    ],
    'dilute-acid': [
      {
        shows: {
          effervescence: ['none', 'slow'],
          limewater: ['clear', 'cloudy'],
          warms: ['no'],
          cloud: ['pale-yellow'],
        },
        source: 'vogel-tests',
        unsure:
          'the sulfur comes within a minute or two, sooner when warm; the gas is smelt before it is seen',
      },
    ],
    sulfate: [
      {
        shows: { precipitate: ['white', 'none'] },
        source: 'vogel-tests',
        unsure:
          'the acid itself clouds it with sulfur within a minute or two: test for it with acid alone first',
      },
    ],
    'halide-silver': [
      {
        shows: {
          precipitate: ['white', 'cream', 'yellow'],
          diluteAmmonia: ['not-tested'],
          concAmmonia: ['not-tested'],
        },
        source: 'vogel-tests',
        unsure: 'sulfur clouds it; the silver salt goes from white through yellow and brown to black',
      },
    ],
    'halide-layer': [{ shows: { upperLayer: ['colourless'] }, source: 'vogel-tests' }],
    'nitrate-ring': [
      {
        shows: { ring: ['none', 'brown'] },
        source: 'vogel-tests',
        unsure: 'sulfur disturbs the ring: test for it first',
      },
    ],
    'nitrate-reduction': [{ shows: { litmus: ['no-change'] }, source: 'vogel-tests' }],
    'magnesium-sulfate': [{ shows: { precipitate: ['none'] }, source: 'vogel-tests' }],
    'acidified-manganate': [{ shows: { solution: ['colourless'] }, source: 'vogel-tests' }],
    limewater: [{ shows: { limewater: ['cloudy', 'cloudy-then-clear'] }, source: 'vogel-tests' }],
  },
} as const satisfies AnionFile;
