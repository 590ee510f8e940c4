/**
 * What an identification test is: what it lets a person see, how it is done, what goes wrong with it.
 * Each test is one data file of this shape; the rules that read them (marking, reasoning, the bench)
 * know no test by name.
 */
import type { SourceId } from '../sources/sources.js';
import type { ReagentId } from '../hazards/reagents.js';
import type { SampleForm } from '../species/sample-form.js';
import type { SpeciesId } from '../species/species.js';
import type { WellLook } from './well-look.js';

export type TestId =
  | 'appearance'
  | 'flame'
  | 'naoh'
  | 'naoh-warm'
  | 'ammonia-solution'
  | 'dilute-acid'
  | 'sulfate'
  | 'halide-silver'
  | 'halide-layer'
  | 'nitrate-ring'
  | 'nitrate-reduction'
  | 'carbonate-spot'
  | 'phosphate-spot'
  | 'sulfate-spot'
  | 'metal-acid'
  | 'lit-splint'
  | 'glowing-splint'
  | 'limewater'
  | 'damp-red-litmus'
  | 'damp-blue-litmus'
  | 'hcl-rod'
  | 'acidified-manganate'
  | 'anhydrous-copper-sulfate'
  | 'cobalt-chloride-paper'
  | 'starch-iodide-paper'
  | 'potassium-iodide'
  | 'thiocyanate'
  | 'magnesium-sulfate'
  | 'boiling-point'
  | 'freezing-point';
export type VariantId =
  | 'wire'
  | 'splint'
  | 'swab'
  | 'usual'
  | 'hydrochloric'
  | 'nitric'
  | 'any-acid'
  | 'acid-last'
  | 'acid-first'
  | 'over-water'
  | 'bubbled'
  | 'upward'
  | 'pipette'
  | 'side-by-side';
/** What a test is about; a plan suggests only tests that can say something about its samples. */
export type TestFamily = 'look' | 'cation' | 'anion' | 'gas' | 'metal';

export interface AttributeValue {
  readonly id: string;
  /** The word a student sees beside the well. */
  readonly label: string;
  readonly look: WellLook;
}

export type ReadingKind =
  | 'flame-colour'
  | 'glass-colour'
  | 'sample-state'
  | 'sample-colour'
  | 'precipitate'
  | 'excess'
  | 'excess-colour'
  | 'standing'
  | 'litmus'
  | 'smell'
  | 'effervescence'
  | 'limewater'
  | 'warmth'
  | 'ammonia-dissolves'
  | 'layer'
  | 'ring'
  | 'spot'
  | 'residue'
  | 'splint'
  | 'fumes'
  | 'decolourised'
  | 'indicator-colour'
  | 'number';

/** What a precipitate left alone may turn into. */
export type Turn = 'browns' | 'pinks' | 'darkens';

/** One thing a test lets a person see, with the closed list of what it may be. */
export interface Attribute {
  readonly id: string;
  /** How free text about it is read: the name of a reader in `reading/`. */
  readonly reads: ReadingKind;
  /** Asked of the student, second person. */
  readonly question: string;
  readonly values: readonly AttributeValue[];
  /** The value that says nothing was seen (`none`, `no-change`), if there is one. */
  readonly nothing?: string;
  /** Values that say nothing either way (`not-tested`): left out of reasoning. */
  readonly neutral?: readonly string[];
  /** What a precipitate of this value turns into by itself in light, said by students beside what fell out. */
  readonly turns?: Readonly<Record<string, readonly Turn[]>>;
  /** A measured number instead of a closed list, with its unit and how far off still counts. */
  readonly number?: { readonly unit: string; readonly within: number };
  /** Pairs of values that people take for each other by eye, with the chance of it. */
  readonly confusions: readonly { readonly pair: readonly [string, string]; readonly chance: number }[];
  readonly source: SourceId;
}

export interface Caution {
  readonly text: string;
  readonly level: 'care' | 'danger';
  readonly source: SourceId;
}

/** A reagent as a step uses it. Drops are 0.05 cm3 unless calibrated. */
export interface StepReagent {
  readonly reagent: ReagentId;
  /** mol/dm3; null for solids and pure liquids. */
  readonly molarity: number | null;
  readonly drops?: number;
  readonly volume_mL?: number;
  /** Added again, the same amount each time, twice at least, until no more gas comes off. */
  readonly until?: 'no-more-gas';
}

export interface Step {
  readonly text: string;
  readonly uses?: readonly StepReagent[];
  /** The attribute that shows after this step: what an equilibrium can be asked for. */
  readonly reveals?: string;
  /** Why the step matters, shown on request. */
  readonly why?: string;
  /** Beside those of its reagents, which go by the strength set. */
  readonly cautions?: readonly Caution[];
  /** Whole seconds to wait before going on. */
  readonly waitSeconds?: number;
  /** Done only where this attribute is recorded. */
  readonly when?: string;
  /** Done only where the liquid is kept for later tests. */
  readonly whenKept?: true;
  /** Where this step is done, beside the variant's own stations. */
  readonly station?: Station;
  /** Call the teacher over before this step. */
  readonly teacherFirst?: boolean;
  readonly teacherOnly?: boolean;
}

/** A thing to set out for a method. */
export interface Piece {
  readonly item: string;
  /** Per group, per sample tested, or once for the room. */
  readonly per: 'group' | 'sample' | 'room';
  readonly count: number;
  /** Only where this attribute is recorded. */
  readonly when?: string;
  /** Only where the liquid is kept for later tests. */
  readonly whenKept?: true;
}

export type Station = 'burner' | 'fume-cupboard' | 'hot-water-bath' | 'sink';

/** Samples a method is not for: those whose solids bear one of these hazard statements (by their beginning). */
export interface Refusal {
  readonly statements: readonly string[];
  /** What happens, and what to do instead. */
  readonly why: string;
}

export interface Variant {
  /** Forms of sample it wants, where not all that the test takes. */
  readonly forms?: readonly SampleForm[];
  readonly refuses?: readonly Refusal[];
  readonly id: VariantId;
  readonly name: string;
  /** The syllabus setting, and its choice, that prefers this variant. */
  readonly chosenBy?: { readonly setting: string; readonly is: string };
  readonly attendedMinutes: number;
  readonly unattendedMinutes: number;
  readonly stations: readonly Station[];
  /** What stands on each bench for it; what the school always sets out (goggles, wash bottle) is not listed. */
  readonly apparatus: readonly Piece[];
  readonly steps: readonly Step[];
  /** What the technician must do beforehand beside making up the reagents, with the lead time in hours. */
  readonly preparations: readonly {
    readonly task: string;
    readonly hoursBefore: number;
    /** Only where this attribute is recorded. */
    readonly when?: string;
    /** Only where a sample it is done on holds this. */
    readonly whenHolds?: SpeciesId;
  }[];
  readonly waste: string;
}

/** What a species shows: for each attribute, the values that may be seen, likeliest first. */
export interface Outcome<Id extends SpeciesId = SpeciesId> {
  readonly of: Id;
  /** Holds only in this variant of method, or only in this form of sample; more particular records go before. */
  readonly variant?: VariantId;
  readonly form?: SampleForm;
  readonly shows: Readonly<Record<string, readonly string[]>>;
  readonly source: SourceId;
  readonly unsure?: string;
}

/**
 * A slip as a cause: with this prior it happens, and then the named attributes show these values
 * whatever the sample holds. `explains` says whether a record that needs this slip still counts as
 * free of conflict.
 */
export interface Slip {
  readonly id: string;
  readonly prior: number;
  /** Factor on the prior for single ions: what glows weakly is covered more easily. 1 where absent. */
  readonly factorFor?: Readonly<Partial<Record<SpeciesId, number>>>;
  /** Happens only to samples that hold one of these; to any where absent. */
  readonly only?: readonly SpeciesId[];
  readonly shows: Readonly<Record<string, readonly string[]>>;
  readonly explains: boolean;
  /** What the student may be told: what happened and what to do, without naming the ion. */
  readonly advice: string;
  readonly source: SourceId;
}

export interface TestDefinition {
  readonly id: TestId;
  readonly name: string;
  /** A name for columns and buttons, where the first words of the whole one are another test’s too. */
  readonly short?: string;
  readonly family: TestFamily;
  /** Youngest students the test is usually set for, years. Source `school-practice`. */
  readonly fromAge: number;
  /** It tells one ion from all others and little else: suggested after the tests that tell many. */
  readonly confirms?: true;
  /** Forms of sample it is done on. A gas test is done on what gives off a gas, too, where those forms are listed. */
  readonly forms: readonly SampleForm[];
  /** What one run takes of a sample: cm3 of a solution, g of a solid. Source `school-practice`: what the steps name. */
  readonly takes: { readonly solution_mL: number; readonly solid_g: number };
  /** It leaves a liquid that holds the sample's cation, or a metal's ion, beside the acid's anion: it may be kept for later tests. */
  readonly leavesLiquid?: true;
  /** Attributes a whole answer earns a point each for; the first alone where absent. */
  readonly points?: readonly string[];
  readonly refuses?: readonly Refusal[];
  readonly attributes: readonly Attribute[];
  readonly variants: readonly Variant[];
  readonly outcomes: readonly Outcome[];
  readonly slips: readonly Slip[];
  /** Chance that a careful person writes some unrelated value all the same. */
  readonly carelessness: number;
}
