/** How reagents and samples are made: which solids and which bottled stocks give them, and what to mind. */
import type { ReagentId } from '../hazards/reagents.js';
import { every } from '../species/every.js';
import { filedGases, type FiledGasId } from '../species/filed.js';
import type { GasFile } from '../species/one-file.js';
import type { GasId } from '../species/substance.js';
import type { SourceId } from '../sources/sources.js';

export interface BottledStock {
  readonly solute: string;
  readonly name: string;
  /** Mass percent and g/cm3. */
  readonly percent: number;
  readonly density: number;
}
export interface Making {
  readonly id: ReagentId;
  /** Formulas of solids it is weighed from, the usual one first. */
  readonly solids: readonly string[];
  readonly stocks: readonly BottledStock[];
  /** How it is got where it is neither weighed nor diluted: g or pieces a use, or words. */
  readonly otherwise?: string;
  /** Hours before the lesson it is made at the earliest sensible time; 0 just before. */
  readonly hoursBefore: number;
  /** Weeks it keeps once made. */
  readonly keepsWeeks: number;
  readonly mind: string;
  readonly source: SourceId;
}

const bottled = (solute: string, name: string, percent: number, density: number): BottledStock => ({
  solute,
  name,
  percent,
  density,
});
const acidIntoWater = 'Acid into water, slowly, never the other way; fume cupboard, goggles, gloves.';
const plain = 'Dissolve in part of the water, then make up to the mark.';
const deionised = 'Deionised water only: tap water clouds it.';

const make = <const Id extends ReagentId>(
  id: Id,
  solids: readonly string[],
  stocks: readonly BottledStock[],
  more: Partial<Omit<Making, 'id'>> = {},
): Making & { readonly id: Id } => ({
  id,
  solids,
  stocks,
  hoursBefore: 24,
  keepsWeeks: 26,
  mind: plain,
  source: 'school-practice',
  ...more,
});
const hcl = bottled('HCl', 'concentrated hydrochloric acid', 37, 1.18);
const hno3 = bottled('HNO3', 'concentrated nitric acid', 70, 1.42);
const h2so4 = bottled('H2SO4', 'concentrated sulfuric acid', 98, 1.84);
const nh3 = bottled('NH3', 'concentrated ammonia', 35, 0.88);

export const makings: readonly Making[] = every<ReagentId>()([
  make('NaOH', ['NaOH'], [], {
    mind: 'It grows hot: add the pellets to cold water a few at a time, stirring; goggles, gloves. Plastic bottle.',
    keepsWeeks: 12,
  }),
  make('NH3', [], [nh3], {
    mind: 'In the fume cupboard, bottle cooled before it is opened; goggles, gloves.',
    keepsWeeks: 8,
    source: 'acid-densities',
  }),
  make('HCl', [], [hcl], { mind: acidIntoWater, keepsWeeks: 52, source: 'acid-densities' }),
  make('HNO3', [], [hno3], { mind: acidIntoWater, keepsWeeks: 52, source: 'acid-densities' }),
  make('H2SO4', [], [h2so4], {
    mind: `${acidIntoWater} It grows very hot: cool in a bath of water.`,
    keepsWeeks: 52,
    source: 'acid-densities',
  }),
  make('BaCl2', ['BaCl2.2H2O', 'BaCl2'], [], { mind: `Poisonous dust: no dust, gloves. ${deionised}` }),
  make('Ba(NO3)2', ['Ba(NO3)2'], [], { mind: `Poisonous dust: no dust, gloves. ${deionised}` }),
  make('AgNO3', ['AgNO3'], [], { mind: `${deionised} Brown bottle; it stains.`, keepsWeeks: 26 }),
  make('FeSO4', ['FeSO4.7H2O', 'FeSO4'], [], {
    hoursBefore: 2,
    keepsWeeks: 0,
    mind: 'On the day: dissolve in water with 1 cm³ of dilute sulfuric acid for each 100 cm³, so that air does not turn it brown.',
  }),
  make('chlorine-water', [], [], {
    otherwise:
      'made just before, in the fume cupboard, by somebody qualified, by the employer’s own recipe card; stoppered, in brown glass',
    hoursBefore: 1,
    keepsWeeks: 0,
    mind: 'Chlorine is poisonous to breathe.',
  }),
  make('hexane', [], [], {
    otherwise: 'as supplied',
    keepsWeeks: 52,
    mind: 'No flame, no spark; fume cupboard.',
  }),
  make('heptane', [], [], {
    otherwise: 'as supplied',
    keepsWeeks: 52,
    mind: 'No flame, no spark; moving air.',
  }),
  make('Al-foil', [], [], {
    otherwise: 'a piece of 1 cm² a test',
    keepsWeeks: 520,
    mind: 'Kitchen foil will do.',
  }),
  make('(NH4)2CO3', ['(NH4)2CO3'], [], { mind: 'It smells of ammonia; moving air.', keepsWeeks: 8 }),
  make('(NH4)2HPO4', ['(NH4)2HPO4'], []),
  make('(NH4)2SO4', ['(NH4)2SO4'], []),
  make('limewater', [], [], {
    otherwise:
      'shake 2 g of calcium hydroxide for each dm³ with the water, let it settle overnight, decant clear',
    hoursBefore: 24,
    keepsWeeks: 4,
    mind: 'Keep it stoppered: air clouds it.',
  }),
  make('KMnO4', ['KMnO4'], [], {
    mind: 'In dilute sulfuric acid, 1 mol/dm³, instead of water. It stains.',
    keepsWeeks: 12,
  }),
  make('CuSO4-anhydrous', [], [], {
    otherwise: 'heat the blue crystals gently until white; about 0.1 g a test; stoppered',
    hoursBefore: 24,
    keepsWeeks: 12,
    mind: 'Too hot and it decomposes: gentle flame, moving air.',
  }),
  make('CoCl2-paper', [], [], {
    otherwise: 'a strip a test, dried blue over a warm radiator',
    hoursBefore: 1,
    keepsWeeks: 0,
    mind: 'Tweezers.',
  }),
  make('starch-iodide-paper', [], [], {
    otherwise: 'a strip a test, in a dry dark stoppered tube',
    keepsWeeks: 52,
    mind: 'Paper that has gone brown is spent.',
  }),
  make('KI', ['KI'], [], { mind: 'Brown bottle: light and air turn it yellow.', keepsWeeks: 4 }),
  make('KSCN', ['KSCN'], [], { mind: 'Away from concentrated acids and bleach.' }),
  make('MgSO4', ['MgSO4.7H2O', 'MgSO4'], []),
  make('litmus', [], [], {
    otherwise: 'a strip a test, in a dry stoppered tube',
    keepsWeeks: 260,
    mind: 'Keep from fumes.',
  }),
  make('metal', [], [], {
    otherwise: 'the samples themselves',
    hoursBefore: 1,
    keepsWeeks: 52,
    mind: 'Sand clean.',
  }),
  make('water', [], [], {
    otherwise: 'deionised, from the still',
    keepsWeeks: 4,
    mind: 'Wash bottles rinsed first.',
  }),
]);
const byReagent = new Map(makings.map((m) => [m.id, m]));

/** How a reagent is made. @throws RangeError for one without a record. */
export function makingOf(reagent: ReagentId): Making {
  const making = byReagent.get(reagent);
  if (!making) throw new RangeError(`how ${reagent} is made is not recorded`);
  return making;
}

/** The hydrates salts are sold as, the usual one first, by anhydrous formula; a salt not listed is sold as it is. */
export const hydrates: Readonly<Record<string, readonly string[]>> = {
  CuSO4: ['CuSO4.5H2O', 'CuSO4'],
  CuCl2: ['CuCl2.2H2O', 'CuCl2'],
  'Cu(NO3)2': ['Cu(NO3)2.3H2O'],
  FeSO4: ['FeSO4.7H2O', 'FeSO4'],
  FeCl3: ['FeCl3.6H2O', 'FeCl3'],
  FeCl2: ['FeCl2.4H2O'],
  'Fe(NO3)3': ['Fe(NO3)3.9H2O'],
  CaCl2: ['CaCl2.2H2O', 'CaCl2.6H2O', 'CaCl2'],
  CaBr2: ['CaBr2.2H2O', 'CaBr2'],
  'Ca(NO3)2': ['Ca(NO3)2.4H2O'],
  BaCl2: ['BaCl2.2H2O', 'BaCl2'],
  SrCl2: ['SrCl2.6H2O', 'SrCl2'],
  MgSO4: ['MgSO4.7H2O', 'MgSO4'],
  MgCl2: ['MgCl2.6H2O'],
  'Mg(NO3)2': ['Mg(NO3)2.6H2O'],
  AlCl3: ['AlCl3.6H2O'],
  'Al2(SO4)3': ['Al2(SO4)3.16H2O', 'Al2(SO4)3.18H2O'],
  'Al(NO3)3': ['Al(NO3)3.9H2O'],
  ZnSO4: ['ZnSO4.7H2O', 'ZnSO4'],
  'Zn(NO3)2': ['Zn(NO3)2.6H2O'],
  MnSO4: ['MnSO4.H2O', 'MnSO4.4H2O'],
  MnCl2: ['MnCl2.4H2O'],
  'Mn(NO3)2': ['Mn(NO3)2.4H2O'],
  CoCl2: ['CoCl2.6H2O'],
  'Co(NO3)2': ['Co(NO3)2.6H2O'],
  CoSO4: ['CoSO4.7H2O'],
  NiSO4: ['NiSO4.6H2O', 'NiSO4.7H2O'],
  NiCl2: ['NiCl2.6H2O'],
  'Ni(NO3)2': ['Ni(NO3)2.6H2O'],
  CrCl3: ['CrCl3.6H2O'],
  'Cr(NO3)3': ['Cr(NO3)3.9H2O'],
  'Cr2(SO4)3': ['Cr2(SO4)3.12H2O'],
  Na2CO3: ['Na2CO3', 'Na2CO3.10H2O'],
  Na2SO4: ['Na2SO4', 'Na2SO4.10H2O'],
  Na2SO3: ['Na2SO3', 'Na2SO3.7H2O'],
  Li2SO4: ['Li2SO4.H2O'],
  Na3PO4: ['Na3PO4.12H2O'],
  BaBr2: ['BaBr2.2H2O'],
  // Sold with a varying part of water: the bottle's assay decides.
  'Fe2(SO4)3': ['Fe2(SO4)3.9H2O', 'Fe2(SO4)3'],
};

/** What to mind in making single salts into solutions. */
export const saltNotes: Readonly<Record<string, string>> = {
  FeCl3: 'With a few drops of dilute hydrochloric acid, or it clouds.',
  'Fe(NO3)3': 'With a few drops of dilute nitric acid, or it clouds.',
  FeSO4: 'On the day, with a few drops of dilute sulfuric acid; it browns by tomorrow.',
  FeCl2: 'On the day, with a few drops of dilute hydrochloric acid; it browns by tomorrow.',
  Na2SO3: 'On the day: air turns it into sulfate.',
  AlCl3: 'The anhydrous salt reacts fiercely with water: use the hydrate.',
};
/** Solutions that do not keep: made on the day. */
export const freshSalts: readonly string[] = ['FeSO4', 'FeCl2', 'Na2SO3', 'NaHCO3'];

export interface GasMaking {
  readonly id: GasId;
  readonly how: string;
  /** Solid consumed for a mole of gas: formula and how many moles; null where nothing is weighed. */
  readonly from: { readonly solid: string; readonly moles: number } | null;
  readonly teacherOnly: boolean;
  /** Filled in the lesson it is used in, and nothing of it kept. */
  readonly neverStored: boolean;
}
/** Molar volume at room temperature and pressure, dm3/mol. */
export const molarVolume_L = 24;
const filedMakings = (Object.entries(filedGases) as [FiledGasId, GasFile][]).map(([id, { making }]) => ({
  id,
  ...making,
}));
export const gasMakings: readonly GasMaking[] = every<GasId>()([
  {
    id: 'H2',
    how: 'zinc and dilute hydrochloric acid, over water',
    from: { solid: 'Zn', moles: 1 },
    teacherOnly: false,
    neverStored: true,
  },
  {
    id: 'CO2',
    how: 'marble chips and dilute hydrochloric acid',
    from: { solid: 'CaCO3', moles: 1 },
    teacherOnly: false,
    neverStored: true,
  },
  {
    id: 'O2',
    how: 'hydrogen peroxide solution (20 volume) on a spatula of manganese(IV) oxide, over water: 20 cm³ of oxygen for each 1 cm³',
    from: null,
    teacherOnly: false,
    neverStored: true,
  },
  { id: 'N2', how: 'a stoppered tube of air', from: null, teacherOnly: false, neverStored: false },
  { id: 'H2O', how: 'deionised water', from: null, teacherOnly: false, neverStored: false },
  {
    id: 'NH3',
    how: 'ammonium chloride warmed with calcium hydroxide, collected upside down',
    from: { solid: 'NH4Cl', moles: 1 },
    teacherOnly: true,
    neverStored: true,
  },
  {
    id: 'SO2',
    how: 'sodium sulfite and dilute hydrochloric acid, fume cupboard',
    from: { solid: 'Na2SO3', moles: 1 },
    teacherOnly: true,
    neverStored: true,
  },
  {
    id: 'Cl2',
    how: 'by the employer’s own recipe card, fume cupboard',
    from: null,
    teacherOnly: true,
    neverStored: true,
  },
  ...filedMakings,
]);
