/**
 * The tests for gases that earn, each with what must be said of the test and of its result. A point for
 * each. Source `school-practice`.
 */
import type { Concept } from '../reading/concepts.js';
import type { GasId } from '../species/substance.js';

/** Conditions on what an answer mentions: all of `all`, one of each list in `oneOf`, none of `not`. */
export interface Need {
  readonly all?: readonly Concept[];
  readonly oneOf?: readonly (readonly Concept[])[];
  readonly not?: readonly Concept[];
}
export interface GasTestRule {
  readonly name: string;
  /** Words of the test that place an answer with it, even when something is missing. */
  readonly about: readonly Concept[];
  readonly test: Need;
  /** What is wrong with the test when it is not met. */
  readonly testFault: string;
  readonly result: Need;
  /** A colour the result must end in: a value of the litmus or indicator readers. */
  readonly ends?: {
    readonly reader: 'litmus' | 'decolourised' | 'indicator' | 'fumes' | 'limewater';
    readonly in: readonly string[];
  };
  /** A paper that begins in another colour is the wrong test. */
  readonly startsNot?: readonly string[];
  /** The colour of paper that is wanted; an answer that leaves it open goes to a person. */
  readonly starts?: string;
  readonly wanted: string;
}

const limewater: GasTestRule = {
  name: 'limewater',
  about: ['limewater'],
  test: { all: ['limewater'] },
  testFault: 'The test is limewater.',
  result: {},
  ends: { reader: 'limewater', in: ['cloudy'] },
  wanted: 'limewater turns cloudy',
};

export const gasTestRules: Readonly<Record<GasId, readonly GasTestRule[]>> = {
  H2: [
    {
      name: 'lit splint',
      about: ['lit', 'splint', 'glowing'],
      test: { oneOf: [['lit', 'flame']], not: ['glowing'] },
      testFault: 'The splint must be lit, not glowing.',
      result: { oneOf: [['pop']] },
      wanted: 'a lit splint gives a squeaky pop',
    },
  ],
  O2: [
    {
      name: 'glowing splint',
      about: ['glowing', 'splint', 'lit'],
      test: { all: ['glowing'] },
      testFault: 'The splint must be glowing, not lit.',
      result: { oneOf: [['relight']] },
      wanted: 'a glowing splint relights',
    },
  ],
  CO2: [limewater],
  Cl2: [
    {
      name: 'damp litmus',
      about: ['litmus', 'paper'],
      test: { all: ['damp'], oneOf: [['litmus', 'paper']] },
      testFault: 'The litmus paper must be damp.',
      result: {},
      ends: { reader: 'litmus', in: ['bleached', 'red-then-bleached'] },
      wanted: 'damp litmus is bleached',
    },
  ],
  NH3: [
    {
      name: 'damp red litmus',
      about: ['litmus', 'paper'],
      test: { all: ['damp'], oneOf: [['litmus', 'paper']] },
      testFault: 'The paper must be damp red litmus.',
      result: {},
      ends: { reader: 'litmus', in: ['blue'] },
      startsNot: ['blue'],
      starts: 'red',
      wanted: 'damp red litmus turns blue',
    },
    {
      name: 'rod with hydrochloric acid',
      about: ['rod'],
      test: { all: ['rod'] },
      testFault: 'The rod must be wet with concentrated hydrochloric acid.',
      result: { all: ['fumes'] },
      ends: { reader: 'fumes', in: ['white'] },
      wanted: 'white fumes with a rod wet with concentrated hydrochloric acid',
    },
  ],
  SO2: [
    {
      name: 'acidified manganate(VII)',
      about: ['manganate'],
      test: { all: ['manganate'] },
      testFault: 'The test is acidified potassium manganate(VII).',
      result: {},
      ends: { reader: 'decolourised', in: ['colourless'] },
      wanted: 'acidified potassium manganate(VII) turns from purple to colourless',
    },
    {
      name: 'acidified dichromate',
      about: ['dichromate'],
      test: { all: ['dichromate'] },
      testFault: 'The test is acidified potassium dichromate(VI).',
      result: {},
      ends: { reader: 'indicator', in: ['green', 'pale-green', 'bright-green'] },
      wanted: 'acidified potassium dichromate(VI) turns from orange to green',
    },
  ],
  HCl: [
    {
      name: 'damp blue litmus',
      about: ['litmus', 'paper'],
      test: { all: ['damp'], oneOf: [['litmus', 'paper']] },
      testFault: 'The paper must be damp blue litmus.',
      result: {},
      ends: { reader: 'litmus', in: ['red'] },
      startsNot: ['red'],
      starts: 'blue',
      wanted: 'damp blue litmus turns red',
    },
    {
      name: 'ammonia',
      about: ['ammoniaRod', 'pungent'],
      test: { oneOf: [['ammoniaRod', 'pungent']] },
      testFault: 'The rod must be wet with ammonia solution.',
      result: { all: ['fumes'] },
      ends: { reader: 'fumes', in: ['white'] },
      wanted: 'white fumes with ammonia',
    },
  ],
  H2O: [
    {
      name: 'anhydrous copper(II) sulfate',
      about: ['copperSulfate', 'anhydrous'],
      test: { all: ['anhydrous'] },
      testFault: 'The copper(II) sulfate must be anhydrous (white).',
      result: {},
      ends: { reader: 'indicator', in: ['blue', 'pale-blue', 'deep-blue'] },
      wanted: 'white anhydrous copper(II) sulfate turns blue',
    },
    {
      name: 'cobalt chloride paper',
      about: ['cobaltChloride'],
      test: { all: ['cobaltChloride'] },
      testFault: 'The test is blue cobalt chloride paper.',
      result: {},
      ends: { reader: 'indicator', in: ['pink', 'pink-red', 'pale-lilac', 'magenta'] },
      wanted: 'blue cobalt chloride paper turns pink',
    },
  ],
  N2: [],
};
