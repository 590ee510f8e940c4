/** What a vessel lets one see: attributes of the tests, the colours to draw, and the same in words. */
import { visibleByDefault_M } from '../equilibrium/predict.js';
import { saltFormula } from '../formulas/salt-ions.js';
import { expectationOf } from '../identification-tests/expectation.js';
import { bubbling, feltWarm_C, ringFades_s, settlesIn_s, standingSeen_s } from './rates.js';
import { liquidLook, solidColour, solidPigment, type LiquidLook } from './liquid-colour.js';
import { extraIn, pHOf, shareOf, spaceOf, totalIn, type Vessel } from './vessel.js';

export interface SeenSolid {
  readonly formula: string;
  readonly mol_per_L: number;
  readonly visible: boolean;
  readonly colour: string;
  readonly srgb: string;
}
export interface VesselView {
  readonly vessel: string;
  readonly kind: Vessel['kind'];
  readonly seen: Readonly<Record<string, string>>;
  readonly liquid:
    (LiquidLook & { readonly mL: number; readonly pH: number; readonly celsius: number }) | null;
  readonly solids: readonly SeenSolid[];
  /** Undissolved pieces: metals, marble, catalyst, dry solid. */
  readonly pieces: readonly {
    readonly id: string;
    readonly srgb: string;
    readonly share: number;
    readonly lumps: boolean;
  }[];
  /** cm3/s that bubble off now. */
  readonly bubbling_mL_s: number;
  /** Share of each gas in the space above the liquid. */
  readonly gases: Readonly<Record<string, number>>;
  readonly layer: { readonly mL: number; readonly srgb: string } | null;
  readonly ring: 'none' | 'brown' | null;
  /** How far a precipitate has gone down, 0 to 1. */
  readonly settled: number;
  readonly stopper: 'bung' | 'thumb' | null;
  /** Vessel its delivery tube leads to. */
  readonly leadsTo: string | null;
  /** How it leads there. */
  readonly ledOver: 'into-liquid' | 'water' | 'upward' | 'downward' | null;
  readonly mouthDown: boolean;
  /** Over water: the share of it that gas has filled, 0 to 1; null where it is not. */
  readonly filled: number | null;
  readonly label: string | null;
  readonly text: string;
}

export const effervescenceOf = (mL_s: number): string =>
  mL_s >= bubbling.vigorous.value
    ? 'vigorous'
    : mL_s >= bubbling.steady.value
      ? 'steady'
      : mL_s >= bubbling.slow.value
        ? 'slow'
        : 'none';

const oxidesIn: Readonly<Record<string, string>> = {
  'Fe(OH)2': 'brown',
  'Mn(OH)2': 'brown',
  'Co(OH)2': 'pink',
};

/**
 * In acid the hydroxide that water alone makes of these salts stays a clear sol (school solutions keep so for days); what
 * added alkali makes falls out. How much of it a sol hides is estimated.
 */
const acidSol = { of: ['Fe(OH)3', 'Al(OH)3'] as readonly string[], belowPH: 4, from_M: 0.002, OH: 3 };
/** mol/dm3 of hydroxide that bases brought, less what acids took. */
const alkaliOf = (v: Vessel): number =>
  totalIn(v, 'NH3') +
  2 * totalIn(v, 'CO3^2-') +
  2 * totalIn(v, 'SO3^2-') +
  3 * totalIn(v, 'PO4^3-') -
  totalIn(v, 'H+');
/** mol/dm3 of chalk from which limewater is called cloudy against black: a fine cloud shows sooner than a coarse one (estimated). */
const cloudSeen_M = 5e-5;

/** The octahydrates come down as crystals, slowly: nothing is seen in a test's time until much of them is there (estimated). */
const slowCrystals = { of: ['Ba(OH)2', 'Sr(OH)2'] as readonly string[], from_M: 0.1 };
/** Is so much of a solid seen in the liquid it is in? */
function isSeen(v: Vessel, formula: string, mol_per_L: number): boolean {
  if (slowCrystals.of.includes(formula)) return mol_per_L >= slowCrystals.from_M;
  if (pHOf(v) < acidSol.belowPH && acidSol.of.includes(formula))
    return Math.min(mol_per_L, alkaliOf(v) / acidSol.OH) >= acidSol.from_M;
  return mol_per_L >= visibleByDefault_M;
}

/** A word with its article. */
const one = (word: string): string => `${/^[aeiou]/.test(word) ? 'An' : 'A'} ${word}`;

/** Solids in suspension, thickest first. */
export function solidsOf(v: Vessel): SeenSolid[] {
  const list = [...(v.state?.solids ?? [])].map(([settles, mol_per_L]) => {
    // Silver oxide comes of the carbonate or phosphate only slowly; what falls out first is that salt (source `vogel`).
    const formula =
      settles === 'AgOH' && pHOf(v) < 12.3
        ? totalIn(v, 'CO3^2-') > 1e-3
          ? 'Ag2CO3'
          : totalIn(v, 'PO4^3-') > 1e-3
            ? 'Ag3PO4'
            : settles
        : settles;
    const turned = v.browned > 0.2 ? oxidesIn[formula] : undefined;
    const darkened = formula === 'AgCl' && v.darkened;
    const colour = darkened ? 'grey' : (turned ?? solidColour(formula));
    const srgb = turned === 'pink' ? '#d9a3ac' : solidPigment[colour as keyof typeof solidPigment];
    const visible = isSeen(v, formula, mol_per_L);
    return { formula, mol_per_L, visible, colour, srgb };
  });
  if (v.sulfur > 0 && v.mL > 0) {
    const mol_per_L = (v.sulfur / v.mL) * 1000;
    list.push({
      formula: 'S',
      mol_per_L,
      visible: mol_per_L >= visibleByDefault_M,
      colour: 'cream',
      srgb: '#f0e8b8',
    });
  }
  if (extraIn(v, 'S2O3^2-') > 1e-3 && totalIn(v, 'Ag+') > 1e-3)
    list.push({
      formula: 'Ag2S2O3',
      mol_per_L: totalIn(v, 'Ag+') / 2,
      visible: true,
      colour: 'white',
      srgb: solidPigment.white,
    });
  const cuprous = extraIn(v, 'CuI');
  if (cuprous > 0) {
    // White by itself; the iodine that came with it browns it until something takes that away.
    const brown = extraIn(v, 'I2') > 1e-4;
    list.push({
      formula: 'CuI',
      mol_per_L: cuprous,
      visible: cuprous >= visibleByDefault_M,
      colour: brown ? 'brown' : 'white',
      srgb: brown ? '#a9743f' : solidPigment.white,
    });
  }
  const chalk = chalkOf(v);
  if (chalk > 0)
    list.push({
      formula: 'CaCO3',
      mol_per_L: chalk,
      visible: chalk >= cloudSeen_M,
      colour: 'white',
      srgb: solidPigment.white,
    });
  return list.sort((a, b) => b.mol_per_L - a.mol_per_L);
}
/** The colour one gives a precipitate of several solids: a strong one shows through white. */
export function precipitateOf(solids: readonly SeenSolid[]): string {
  const seen = solids.filter((s) => s.visible && s.formula !== 'S');
  if (!seen.length) return 'none';
  const weight = (s: SeenSolid) => s.mol_per_L * (s.colour === 'white' ? 1 : 4);
  const top = seen.reduce((a, b) => (weight(b) > weight(a) ? b : a));
  // A hydroxide that air has begun to turn is still the same precipitate.
  if (top.formula === 'CuI') return top.colour;
  return top.colour === 'grey' ? 'white' : solidColour(top.formula);
}

/** Clear, cloudy, or cloudy and clear again: what limewater shows of the gas it took up. */
export function limewaterOf(v: Vessel): string {
  const litres = v.mL / 1000;
  const calcium = v.limewater_mol;
  const fromLiquid = v.state?.solids.get('CaCO3') ?? 0;
  if (chalkOf(v) >= cloudSeen_M || fromLiquid >= visibleByDefault_M) return 'cloudy';
  return v.taken_mol > calcium && calcium / litres > 2 * visibleByDefault_M ? 'cloudy-then-clear' : 'clear';
}
/** mol/dm3 of chalk that gas has made of limewater: it grows to the calcium there is, and goes again in long excess. */
function chalkOf({ mL, limewater_mol: calcium, taken_mol: taken }: Vessel): number {
  if (mL <= 0 || calcium <= 0) return 0;
  return Math.max(0, Math.min(taken, calcium) - Math.max(0, taken - calcium) / 1.5) / (mL / 1000);
}

function layerOf(v: Vessel): { value: string; srgb: string } {
  const M = (x: 'I2' | 'Br2') => ((v.layer.get(x) ?? 0) / v.layer_mL) * 1000;
  if (M('I2') >= 2e-4) return { value: 'purple', srgb: '#7d3a96' };
  if (M('Br2') >= 4e-4) return { value: 'yellow-orange', srgb: '#e79a2c' };
  return { value: 'colourless', srgb: '#f4f6f6' };
}

/** Iron(II) sulfate and sulfuric acid of any strength are both in: a ring is looked for. */
const ringTried = (v: Vessel): boolean =>
  ['FeSO4', 'H2SO4'].every((bottle) => v.story.some((s) => s.asked === bottle));

/** Is a brown ring to be seen? */
export const ringOf = (v: Vessel): 'none' | 'brown' =>
  v.ring && !v.ring.spoilt && v.ring.age_s < ringFades_s.value ? 'brown' : 'none';

/** How far gas has pushed the water out of a vessel over a trough, 0 to 1. */
const filledShare = (v: Vessel): number =>
  Math.min(1, [...v.space.values()].reduce((a, b) => a + b, 0) / spaceOf(v));
function filledWords(v: Vessel): string {
  const share = filledShare(v);
  if (share < 0.05) return 'Full of water, mouth down in the trough.';
  return share > 0.95
    ? 'Full of gas, mouth down in the trough.'
    : `Gas fills ${Math.round(share * 10)} tenths of it.`;
}

function dryLook(v: Vessel): { seen: Record<string, string>; srgb: string } {
  const ions = Object.keys(v.dry[0]?.ions ?? {});
  const colours = expectationOf('appearance', ions, { form: 'solid' })['colour'];
  const colour = colours?.find((c) => c !== 'colourless') ?? 'white';
  return { seen: { state: 'solid', colour }, srgb: solidPigmentOf(colour) };
}
const named: Readonly<Record<string, string>> = {
  'pale-green': '#bcd8b4',
  'orange-brown': '#c27a35',
  pink: '#eab2c0',
  purple: '#6b2f86',
  green: '#5fa05a',
  grey: '#8d9196',
  'shiny-metal': '#b9c0c6',
};
const solidPigmentOf = (colour: string): string =>
  named[colour] ?? solidPigment[colour as keyof typeof solidPigment] ?? '#fbfbf8';
const metalPigment: Readonly<Record<string, string>> = {
  Mg: '#c4c9cc',
  Al: '#cfd3d6',
  Zn: '#a9b1b8',
  Fe: '#7d7f82',
  Cu: '#b8703f',
  Ca: '#c9c9c2',
  Pb: '#8a8f96',
};

/** A piece's formula made readable: what carbonate it is. */
const pieceColour = (v: Vessel, id: string): string =>
  solidPigment[solidColour(id)] ?? (v.kind === 'well' ? '#fff' : '#f3f1ea');

/**
 * What is seen of a vessel now.
 * @param fizz cm3/s to judge the fizzing by; left out, what bubbles now.
 */
export function viewOf(v: Vessel, fizz = v.flow_mL): VesselView {
  const seen: Record<string, string> = {};
  const solids = solidsOf(v);
  const look = liquidLook(v);
  const wet = v.mL > 0;
  const mixed = v.story.length > 1;
  const words: string[] = [];
  if (!wet && v.dry.length) {
    const dry = dryLook(v);
    Object.assign(seen, dry.seen);
    words.push(`${one(dry.seen['colour']!)} solid.`);
  } else if (!wet && v.pieces.length) {
    Object.assign(seen, { state: 'solid', colour: v.pieces[0]!.metal ? 'shiny-metal' : 'white' });
    words.push('The dry pieces.');
  } else if (!wet) {
    seen['state'] = 'gas';
    words.push(v.overWater ? filledWords(v) : v.space.size ? 'A tube of gas.' : 'Empty.');
  }
  if (wet) {
    Object.assign(seen, { state: 'solution', colour: look.name });
    const precipitate = precipitateOf(solids);
    if (mixed && !(v.limewater_mol > 0 && v.story.every((s) => s.bottle === 'limewater')))
      seen['precipitate'] = precipitate;
    if (mixed) seen['effervescence'] = effervescenceOf(fizz);
    if (v.limewater_mol > 0 || v.story[0]?.asked === 'limewater') seen['limewater'] = limewaterOf(v);
    if (mixed) seen['warms'] = v.ownHeat_C >= feltWarm_C.value ? 'yes' : 'no';
    if (v.sulfur > 0)
      seen['cloud'] = solids.some((s) => s.formula === 'S' && s.visible) ? 'pale-yellow' : 'none';
    const metals = v.pieces.filter((p) => p.kind === 'metal');
    if (metals.length && mixed)
      seen['residue'] = metals.some((p) => p.mol > 0.02 * p.start_mol) ? 'solid-left' : 'none';
    if (v.layer_mL > 0) seen['upperLayer'] = layerOf(v).value;
    if (v.below || ringTried(v)) seen['ring'] = ringOf(v);
    if (v.alkali) {
      if (v.alkali.excess) {
        const was = v.alkali.seen;
        seen['excess'] = !was ? 'none' : precipitate === 'none' ? 'dissolves' : 'insoluble';
        seen['excessColour'] = look.name;
        if (was) seen['precipitate'] = was;
      }
      const turns = solids.find((s) => s.visible && oxidesIn[s.formula]);
      if (v.stood_s >= standingSeen_s.value)
        seen['standing'] =
          turns && v.browned > 0.2 ? (turns.formula === 'Co(OH)2' ? 'pinks' : 'browns') : 'no-change';
    }
    if (v.ammonia?.dilute) seen['diluteAmmonia'] = v.ammonia.dilute;
    if (v.ammonia?.conc) seen['concAmmonia'] = v.ammonia.conc;
    if (
      shareOf(v, 'NH3') >= 0.0008 ||
      shareOf(v, 'SO2') >= 0.0008 ||
      shareOf(v, 'HCl') >= 0.001 ||
      shareOf(v, 'Cl2') >= 0.001
    )
      seen['smell'] = 'pungent';
    else if (v.heated) seen['smell'] = 'none';
    const onlyLimewater = v.limewater_mol > 0 && v.story.every((s) => s.bottle === 'limewater');
    const now = onlyLimewater ? 'none' : precipitateOf(solids);
    words.push(`${one(look.name.replace('-', ' '))} liquid.`);
    if (now !== 'none') {
      const shown = solids.find((s) => s.visible && s.formula !== 'S')!;
      words.push(
        `${v.browned > 0.2 && oxidesIn[shown.formula] ? `The ${now} precipitate is turning ${oxidesIn[shown.formula]}` : `${one(now.replace('-', ' '))} precipitate`}.`,
      );
    }
    if (seen['excess'] === 'dissolves') words.push('The precipitate has dissolved.');
    if (effervescenceOf(fizz) !== 'none' && mixed) words.push(`It fizzes: ${effervescenceOf(fizz)} bubbles.`);
    if (v.limewater_mol > 0) words.push(`The limewater is ${limewaterOf(v).replaceAll('-', ' ')}.`);
    if (v.layer_mL > 0) words.push(`The upper layer is ${layerOf(v).value.replace('-', ' ')}.`);
    if (v.below) words.push(ringOf(v) === 'brown' ? 'A brown ring where the liquids meet.' : 'No ring.');
    if (seen['warms'] === 'yes') words.push('The tube is warm.');
    if (v.darkened) words.push('The white solid has gone grey-violet in the light.');
    if (seen['cloud'] === 'pale-yellow') words.push('A pale yellow cloud.');
    if (shareOf(v, 'NO2') > 0.01) words.push('Brown fumes.');
  }
  const dry = v.dry.length ? dryLook(v) : undefined;
  return {
    vessel: v.id,
    kind: v.kind,
    seen,
    liquid: wet ? { ...look, mL: round(v.mL), pH: round(pHOf(v)), celsius: round(v.celsius) } : null,
    solids,
    pieces: [
      ...v.dry.map((d) => ({
        id: saltFormula(Object.keys(d.ions)),
        srgb: dry!.srgb,
        share: 1,
        lumps: d.lumps,
      })),
      ...v.pieces
        .filter((p) => p.mol > 0.001 * p.start_mol)
        .map((p) => ({
          id: p.id,
          srgb: p.metal ? metalPigment[p.metal]! : p.kind === 'catalyst' ? '#2a2a2e' : pieceColour(v, p.id),
          share: p.mol / p.start_mol,
          lumps: p.lumps || p.kind === 'metal',
        })),
    ],
    bubbling_mL_s: round(fizz, 4),
    gases: Object.fromEntries(
      [...v.space].map(([g, mL]) => [g, round(mL, 3)] as const).filter(([, n]) => n > 0.001),
    ),
    layer: v.layer_mL > 0 ? { mL: v.layer_mL, srgb: layerOf(v).srgb } : null,
    ring: v.below ? ringOf(v) : null,
    settled: Math.min(1, v.still_s / settlesIn_s.value),
    stopper: v.closed ? (v.tight ? 'bung' : 'thumb') : null,
    leadsTo: v.outlet?.to ?? null,
    ledOver: v.outlet?.over ?? null,
    mouthDown: v.mouthDown,
    filled: v.overWater ? round(filledShare(v)) : null,
    label: v.label ?? null,
    text: words.join(' '),
  };
}
const round = (n: number, places = 2): number => Number(n.toFixed(places));
