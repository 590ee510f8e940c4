/** The small pieces test definitions are put together from: looks, values, steps with their cautions. */
import { reagentOf, type ReagentId } from '../hazards/reagents.js';
import type { SourceId } from '../sources/sources.js';
import { filedOutcomes, type FiledFor } from '../species/filed.js';
import type { SpeciesId } from '../species/species.js';
import type {
  AttributeValue,
  Caution,
  Outcome,
  Piece,
  Slip,
  Step,
  StepReagent,
  TestId,
  VariantId,
} from './test-definition.js';
import type { SampleForm } from '../species/sample-form.js';
import type { PlainLook, WellPattern } from './well-look.js';

/** Colours of wells, sRGB: chosen to be told apart and to look like the thing. */
export const pigment = {
  colourless: '#eef4f7',
  white: '#ffffff',
  cream: '#f3e6bf',
  yellow: '#f0cf3d',
  orange: '#e88a2a',
  green: '#5fa05a',
  paleGreen: '#bcd8b4',
  greyGreen: '#7f9a84',
  blue: '#4f8fd0',
  paleBlue: '#b9d8ef',
  deepBlue: '#1f3f9a',
  brown: '#8a4b22',
  orangeBrown: '#c27a35',
  pink: '#eab2c0',
  purple: '#6b2f86',
  black: '#2a2a2e',
  grey: '#8d9196',
  red: '#c9434a',
  litmusBlue: '#5a6fb0',
} as const;

/** The pattern that goes with each colour, so that colour is never the only carrier. */
const patterns: Readonly<Record<string, WellPattern>> = {
  [pigment.colourless]: 'plain',
  [pigment.white]: 'specks',
  [pigment.cream]: 'dots',
  [pigment.yellow]: 'dashes',
  [pigment.orange]: 'chevrons',
  [pigment.green]: 'rising',
  [pigment.paleGreen]: 'diamonds',
  [pigment.greyGreen]: 'crosses',
  [pigment.blue]: 'bars',
  [pigment.paleBlue]: 'bars',
  [pigment.deepBlue]: 'uprights',
  [pigment.brown]: 'grid',
  [pigment.orangeBrown]: 'chevrons',
  [pigment.pink]: 'waves',
  [pigment.purple]: 'rings',
  [pigment.black]: 'falling',
  [pigment.grey]: 'uprights',
  [pigment.red]: 'falling',
  [pigment.litmusBlue]: 'bars',
};
const patternOf = (colour: string): WellPattern => patterns[colour] ?? 'plain';
const solution = (colour: string): PlainLook => ({ kind: 'solution', colour, pattern: patternOf(colour) });
export const nothingSeen: PlainLook = { kind: 'nothing' };
export const clearTube: PlainLook = solution(pigment.colourless);

/** Nothing to be seen. */
export const none = (label = 'nothing', id = 'none'): AttributeValue => ({ id, label, look: nothingSeen });
/** A precipitate of a colour in a colourless liquid. */
export const precipitate = (id: string, label: string, colour: string): AttributeValue => ({
  id,
  label,
  look: { kind: 'precipitate', colour, solution: pigment.colourless, pattern: patternOf(colour) },
});
/** A liquid, layer, paper or powder of a colour. */
export const coloured = (id: string, label: string, colour: string): AttributeValue => ({
  id,
  label,
  look: solution(colour),
});
/** Before beside after. */
export const change = (id: string, label: string, before: PlainLook, after: PlainLook): AttributeValue => ({
  id,
  label,
  look: { kind: 'split', before, after },
});
export const bubbles = (id: 'slow' | 'steady' | 'vigorous', label: string): AttributeValue => ({
  id,
  label,
  look: { kind: 'effervescence', rate: id },
});
export const liquid = solution;
export const solidIn = (colour: string, around: string = pigment.colourless): PlainLook => ({
  kind: 'precipitate',
  colour,
  solution: around,
  pattern: patternOf(colour),
});
/** Left undone: neither seen nor missed. */
export const notTested: AttributeValue = { id: 'not-tested', label: 'not tested', look: { kind: 'empty' } };

/** A reagent at its bench strength unless said otherwise. */
export const uses = (
  reagent: ReagentId,
  amount: { drops?: number; volume_mL?: number; molarity?: number | null; until?: 'no-more-gas' } = {},
): StepReagent => ({
  reagent,
  molarity: amount.molarity === undefined ? reagentOf(reagent).bench_M : amount.molarity,
  ...(amount.drops === undefined ? {} : { drops: amount.drops }),
  ...(amount.volume_mL === undefined ? {} : { volume_mL: amount.volume_mL }),
  ...(amount.until === undefined ? {} : { until: amount.until }),
});

/** A step; the cautions of its reagents come with the strength they are set to. */
export const step = (text: string, more: Omit<Step, 'text'> = {}): Step => ({ text, ...more });
/** The last step where the liquid is kept for later tests. */
export const keepLiquid = step(
  'The liquid is kept: add more, a little at a time, until it no longer fizzes and some is left. The acid is then used up. Pour the liquid off into a clean tube and label it with the sample’s name and “liquid”.',
  {
    whenKept: true,
    why: 'Acid that is left would eat up the first drops of alkali, and nothing would fall out.',
  },
);
/** How a test in a tube begins. */
export const sampleInTube = step(
  'Put about 1 cm³ (20 drops) of the sample in a clean tube; of a solid, as much as a grain of rice, shaken with 1 cm³ of deionised water.',
);
export const care = (text: string): Caution => ({ text, level: 'care', source: 'school-safety' });
export const danger = (text: string): Caution => ({ text, level: 'danger', source: 'school-safety' });
/** On every step that brings silver and ammonia together: on standing they form what explodes. */
export const silverWithAmmonia = danger(
  'Silver with ammonia: pour it into the beaker of dilute nitric acid at once; never keep it, it can explode when dry.',
);

/** A thing to set out: one a bench unless said otherwise. */
export const piece = (item: string, per: Piece['per'] = 'group', count = 1, when?: string): Piece => ({
  item,
  per,
  count,
  ...(when === undefined ? {} : { when }),
});
/** Where the liquid is poured off and kept: a tube for each, and what to write on it with. */
export const tubesForLiquid: readonly Piece[] = [
  { ...piece('tubes for the liquids kept', 'sample'), whenKept: true },
  { ...piece('marker for tubes'), whenKept: true },
];

/** What every test in tubes needs. */
export const tubes: readonly Piece[] = [
  piece('test tubes', 'sample'),
  piece('test tube rack'),
  piece('dropping pipettes', 'sample'),
];
export const splints: readonly Piece[] = [
  piece('wooden splints', 'sample', 2),
  piece('beaker of water for spent splints'),
  piece('lighter'),
];

type Shows = Readonly<Record<string, readonly string[]>>;
/** What several species show alike, from one source. */
export const all = <const Id extends SpeciesId>(
  ids: readonly Id[],
  shows: Shows,
  source: SourceId = 'vogel-tests',
  more: { variant?: VariantId; form?: SampleForm; unsure?: string } = {},
): Outcome<Id>[] => ids.map((of) => ({ of, shows, source, ...more }));

/**
 * Records that speak of every gas or metal: `complete<GasId>()([…])`. The compiler names those that are missing, so that a
 * new one is never silently "nothing".
 */
export const complete =
  <Id extends SpeciesId>() =>
  <O extends Outcome>(
    records: readonly O[] &
      ([Exclude<Id, O['of']>] extends [never] ? unknown : { readonly missing: Exclude<Id, O['of']> }),
  ): readonly Outcome[] =>
    records;

/**
 * Records that speak of every ion of a kind in a test, with what the ions' own files say of it:
 * `completeIn<CationId, 'naoh'>('naoh')([…])`. An ion that stands neither here nor in a file of its own is named by the
 * compiler.
 * @param form only what holds for this form of sample is taken from the files.
 */
export const completeIn =
  <Id extends SpeciesId, Test extends TestId>(test: Test, form?: SampleForm) =>
  <O extends Outcome>(
    records: readonly O[] &
      ([Exclude<Id, O['of'] | FiledFor<Test>>] extends [never]
        ? unknown
        : { readonly missing: Exclude<Id, O['of'] | FiledFor<Test>> }),
  ): readonly Outcome[] => [
    ...records,
    ...filedOutcomes(test).filter((o) => form === undefined || o.form === form),
  ];

/** A slip that is left to repeat: it explains a record only by name. */
export const slip = (
  id: string,
  prior: number,
  shows: Shows,
  advice: string,
  only?: readonly SpeciesId[],
): Slip => ({
  ...(only ? { only } : {}),
  id,
  prior,
  shows,
  explains: false,
  advice,
  source: 'school-practice',
});
