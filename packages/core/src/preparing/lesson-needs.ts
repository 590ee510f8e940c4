/** What one lesson uses: every reagent at its strength, every sample, how much a group and in all, how made. */
import type { HazardBand } from '../hazards/hazard-band.js';
import { hazardAt, reagentOf, type ReagentId } from '../hazards/reagents.js';
import { sampleHazard } from '../hazards/sample-hazard.js';
import { stationOf, ownBench, type StationPlaces } from '../planning/lesson-rota.js';
import { isDoneOn } from '../practicals/evidence.js';
import { readFormula } from '../formulas/read-formula.js';
import { molarMassOf } from '../formulas/molar-mass.js';
import { usesUpAcid_mol } from '../practicals/kept-liquid.js';
import { testsWithControls } from '../practicals/controls.js';
import { pieces } from '../gas-making/facts.js';
import { isMetalId } from '../species/species.js';
import { methodOf, volumeOf } from '../practicals/method.js';
import {
  holdsOf,
  isBlank,
  molarityOf,
  type PlannedTest,
  type Practical,
  type PracticalSample,
} from '../practicals/practical.js';
import { saltFormula } from '../formulas/salt-ions.js';
import { usualDrop_mL } from '../identification-tests/drop.js';
import { freshSalts, gasMakings, hydrates, makingOf, molarVolume_L, saltNotes } from './making.js';
import { massOf, recipesFor, volumeToMake, type Recipe } from './recipe.js';
import { benchTotals } from './recipes.js';
import { formulaInText } from './recipe-text.js';
import { takenBy, tube_mL, type Taken } from './sample-amounts.js';
import type { StoreItem } from '../store/store.js';

export interface PrepSettings {
  /** Share more for spills and repeats; 0.2 is a fifth. */
  readonly surplus: number;
  readonly drop_mL: number;
  /** What one dropper bottle holds, cm3. */
  readonly bottle_mL: number;
}
/** Where a reagent's bottles stand, in words. */
export const standsWords: Readonly<Record<ReagentNeed['stands'], string>> = {
  bench: 'on benches',
  station: 'at the station',
  staff: 'in staff’s hands',
};
export const usualPrep: PrepSettings = { surplus: 0.2, drop_mL: usualDrop_mL, bottle_mL: 30 };
/** Less than this in a dropper bottle, or in a portion of a sample, cannot be drawn up: more is made than is used. */
const leastInBottle_mL = 5;
const leastPortion_mL = 3;

export interface LessonSize {
  readonly groups: number;
  readonly students: number;
  /** Groups that work on each sample, by key; all groups for a known that is not named here. */
  readonly portions: Readonly<Record<string, number>>;
  readonly places: StationPlaces;
}
export interface ReagentNeed {
  readonly key: string;
  readonly reagent: ReagentId;
  readonly name: string;
  /** mol/dm3; null where it is no plain solution. */
  readonly molarity: number | null;
  /** cm3; null for what is counted in pieces. */
  readonly perGroup_mL: number | null;
  readonly total_mL: number | null;
  /** Pieces, strips or portions for all, where it is not poured. */
  readonly pieces: number | null;
  /** Volume to make up, cm3. */
  readonly make_mL: number | null;
  /** Bottles to fill and where they stand. */
  readonly bottles: number;
  /** On every bench, once at its station, or one bottle in the hands of staff. */
  readonly stands: 'bench' | 'station' | 'staff';
  readonly hoursBefore: number;
  readonly hazard: HazardBand;
  readonly recipes: readonly Recipe[];
  readonly usedIn: readonly string[];
}
export interface SampleNeed {
  readonly key: string;
  readonly role: PracticalSample['role'];
  readonly holds: string;
  readonly form: PracticalSample['form'];
  readonly molarity: number | null;
  readonly formula: string;
  /** Groups that get it. */
  readonly portions: number;
  /** Of one group, in `unit`. */
  readonly each: number;
  readonly total: number;
  readonly unit: Taken['unit'];
  /** cm3 to make up, for solutions. */
  readonly make_mL: number | null;
  readonly hoursBefore: number;
  readonly hazard: HazardBand;
  readonly recipes: readonly Recipe[];
}
export interface LessonNeeds {
  readonly reagents: readonly ReagentNeed[];
  readonly samples: readonly SampleNeed[];
}

/** How many samples, over all groups, go through a test. */
const runsOf = (practical: Practical, planned: PlannedTest, size: LessonSize): number =>
  practical.samples.filter((s) => isDoneOn(planned, s)).reduce((sum, s) => sum + portionsFor(s, size), 0);
const portionsFor = (sample: PracticalSample, { portions, groups }: LessonSize): number =>
  portions[sample.key] ?? (sample.role === 'known' ? groups : 0);

interface Use {
  readonly reagent: ReagentId;
  readonly molarity: number | null;
  readonly test: string;
  readonly each_mL: number | null;
  readonly runs: number;
  readonly atStation: boolean;
  /** Only the teacher handles it, or hands it out. */
  readonly byStaff: boolean;
}
function usesOf(practical: Practical, size: LessonSize, { drop_mL }: PrepSettings): Use[] {
  return testsWithControls(practical).flatMap((planned) => {
    const runs = runsOf(practical, planned, size);
    if (!runs) return [];
    const station = stationOf(planned, size.places, size.groups);
    return methodOf(planned).steps.flatMap((step) =>
      step.uses.map((used): Use => ({
        reagent: used.reagent,
        molarity: used.molarity,
        test: planned.test,
        each_mL: volumeOf(used, drop_mL),
        runs,
        atStation: station !== ownBench && station !== 'burner',
        byStaff: step.teacherOnly || step.teacherFirst,
      })),
    );
  });
}

const solutionName = (name: string, molarity: number | null): string =>
  molarity === null ? name : `${name}, ${molarity} mol/dm³`;

function reagentNeeds(
  practical: Practical,
  size: LessonSize,
  settings: PrepSettings,
  store: readonly StoreItem[],
  today: string,
): ReagentNeed[] {
  const groups = new Map<string, Use[]>();
  for (const use of usesOf(practical, size, settings)) {
    if (use.reagent === 'metal') continue;
    const key = `${use.reagent} ${use.molarity ?? ''}`.trim();
    groups.set(key, [...(groups.get(key) ?? []), use]);
  }
  return [...groups].map(([key, uses]): ReagentNeed => {
    const { reagent, molarity } = uses[0]!;
    const poured = uses.filter((u) => u.each_mL !== null);
    const [totals] = poured.length
      ? benchTotals({
          groups: 1,
          surplus: settings.surplus,
          dropVolume_mL: 1,
          uses: poured.map((u) => ({ reagent: key, drops: u.each_mL!, times: u.runs })),
        })
      : [];
    const making = makingOf(reagent);
    const stands = uses.every((u) => u.byStaff)
      ? 'staff'
      : uses.every((u) => u.atStation)
        ? 'station'
        : 'bench';
    const benches = stands === 'bench' ? size.groups : 1;
    const bottles = totals ? Math.max(benches, Math.ceil(totals.total_mL / settings.bottle_mL)) : benches;
    const make_mL = totals ? volumeToMake(Math.max(totals.total_mL, bottles * leastInBottle_mL)) : null;
    const recipes =
      molarity !== null && make_mL !== null && (making.solids.length || making.stocks.length)
        ? recipesFor({ ...making, molarity, volume_mL: make_mL }, store, today)
        : [{ kind: 'otherwise', how: making.otherwise ?? 'as supplied', mind: making.mind } as const];
    return {
      key,
      reagent,
      name: solutionName(reagentOf(reagent).name, molarity),
      molarity,
      perGroup_mL: totals ? totals.perGroup_mL / size.groups : null,
      total_mL: totals?.total_mL ?? null,
      pieces: poured.length ? null : Math.ceil(uses.reduce((n, u) => n + u.runs, 0) * (1 + settings.surplus)),
      make_mL,
      bottles,
      stands,
      hoursBefore: making.hoursBefore,
      hazard: hazardAt(reagent, molarity),
      recipes,
      usedIn: [...new Set(uses.map((u) => u.test))],
    };
  });
}

/** How a gas is made for so many tubes, with the solid for it where one is weighed. */
function gasRecipe(gas: string, tubes: number): Recipe {
  const making = gasMakings.find((g) => g.id === gas);
  if (!making)
    return {
      kind: 'impossible',
      why: `How ${gas} is made for a class is not recorded; choose another sample.`,
    };
  const litres = (tubes * tube_mL) / 1000;
  // Twice the gas: the first of it drives out the air.
  const mass = making.from
    ? massOf(making.from.solid, (2 * litres * making.from.moles) / molarVolume_L)
    : null;
  const weighed =
    making.from && mass !== null ? ` (about ${Number(mass.toPrecision(2))} g ${making.from.solid})` : '';
  return {
    kind: 'otherwise',
    how: `${tubes} stoppered tubes of ${tube_mL} cm³: ${making.how}${weighed}`,
    mind: [
      making.teacherOnly ? 'Made and handed out by the teacher only.' : '',
      making.from || making.teacherOnly ? 'Discard the first tube: it is mostly air.' : '',
      making.neverStored ? 'Filled in the same lesson; never stored.' : '',
    ]
      .filter(Boolean)
      .join(' '),
  };
}

/** Dust of what is toxic, sensitising, oxidising or harmful for good is not made for the sake of looks. */
const mayBeGround = ({ ions }: PracticalSample): boolean =>
  !sampleHazard(ions, 'solid', null).statements.some((code) =>
    /^H(27[0-2]|30[01]|31[047]|33[0-4]|34|35|36|37)/.test(code),
  );

const metalPieces = (metal: string, total: number): string => {
  const piece = isMetalId(metal) ? pieces[metal] : undefined;
  return piece
    ? `${total} pieces, each ${piece.what} (about ${piece.mass_g} g), sanded clean`
    : `${total} small pieces, sanded clean`;
};

function sampleRecipes(
  sample: PracticalSample,
  total: number,
  make_mL: number | null,
  store: readonly StoreItem[],
  today: string,
): readonly Recipe[] {
  if (isBlank(sample))
    return [{ kind: 'otherwise', how: 'deionised water', mind: 'From a rinsed wash bottle.' }];
  const formula = saltFormula(sample.ions);
  switch (sample.form) {
    case 'solution':
      return recipesFor(
        {
          solids: hydrates[formula] ?? [formula],
          stocks: [],
          molarity: molarityOf(sample)!,
          volume_mL: make_mL!,
          mind: saltNotes[formula] ?? 'Deionised water. Rinse the flask in.',
        },
        store,
        today,
      );
    case 'gas':
      return [gasRecipe(sample.ions[0]!, total)];
    case 'metal':
      return [
        {
          kind: 'otherwise',
          how: metalPieces(sample.ions[0]!, total),
          mind: 'All cut alike, so that the shape tells nothing.',
        },
      ];
    case 'solid': {
      const held = store.find(
        (i) => i.form === 'solid' && (hydrates[formula] ?? [formula]).includes(i.formula),
      );
      return [
        {
          kind: 'otherwise',
          how: `${Number(total.toPrecision(2))} g of ${held ? held.name : formulaInText(hydrates[formula]?.[0] ?? formula)}, ${mayBeGround(sample) ? 'ground alike' : 'as supplied, never ground'}`,
          mind: held ? `From the store: ${held.place || held.name}.` : 'Not in the store: order it.',
        },
      ];
    }
  }
}

/** Pieces of a metal for one run: as many as use up the acid, and a little over, where its liquid is kept; else one. */
function piecesFor(planned: PlannedTest, { ions, form }: PracticalSample): number {
  const [metal] = ions;
  const mol = form === 'metal' ? usesUpAcid_mol(planned, { ions, form }) : undefined;
  const formula = metal === undefined ? undefined : readFormula(metal);
  return mol !== undefined && formula && isMetalId(metal!)
    ? Math.ceil((1.1 * mol * molarMassOf(formula)) / pieces[metal].mass_g)
    : 1;
}

function sampleNeeds(
  practical: Practical,
  size: LessonSize,
  settings: PrepSettings,
  store: readonly StoreItem[],
  today: string,
): SampleNeed[] {
  // A kept liquid comes from a bench; nobody makes it up.
  return practical.samples
    .filter((s) => s.role !== 'kept')
    .map((sample): SampleNeed => {
      const runs = practical.tests.filter((planned) => isDoneOn(planned, sample));
      const taken = runs.map((planned) => takenBy(planned.test, sample.form));
      const unit = takenBy('appearance', sample.form).unit;
      const each = taken.reduce((sum, t, i) => sum + t.amount * piecesFor(runs[i]!, sample), 0);
      const portions = portionsFor(sample, size);
      const exact = each * portions * (1 + settings.surplus);
      const total = unit === 'mL' || unit === 'g' ? exact : Math.ceil(exact);
      const make_mL =
        sample.form === 'solution' && !isBlank(sample)
          ? volumeToMake(Math.max(total, portions * leastPortion_mL))
          : null;
      const formula = saltFormula(sample.ions) || (sample.ions[0] ?? 'H2O');
      return {
        key: sample.key,
        role: sample.role,
        holds: holdsOf(sample),
        form: sample.form,
        molarity: isBlank(sample) ? null : molarityOf(sample),
        formula,
        portions,
        each,
        total,
        unit,
        make_mL,
        // A tube of gas is filled for the lesson it is used in.
        hoursBefore:
          sample.form === 'gas' ? 1 : freshSalts.includes(formula) && sample.form === 'solution' ? 2 : 24,
        hazard: sampleHazard(sample.ions, sample.form, molarityOf(sample)),
        recipes: portions ? sampleRecipes(sample, total, make_mL, store, today) : [],
      };
    });
}

/**
 * Everything a lesson needs made.
 * @param today yyyy-mm-dd, for what has expired in the store.
 * @throws RangeError for figures that cannot be.
 */
export function lessonNeeds(
  practical: Practical,
  size: LessonSize,
  settings: PrepSettings = usualPrep,
  store: readonly StoreItem[] = [],
  today = '1970-01-01',
): LessonNeeds {
  if (!Number.isInteger(size.groups) || size.groups < 1)
    throw new RangeError(`There are ${size.groups} groups; a lesson needs one at least.`);
  return {
    reagents: reagentNeeds(practical, size, settings, store, today),
    samples: sampleNeeds(practical, size, settings, store, today),
  };
}
