/** What is held at the mouth of a tube: splints, papers, rods, and what each shows of the gas there. */
import type { SlipCode } from './slips.js';
import { extraIn, pHOf, shareOf, type Vessel } from './vessel.js';

export const heldThings = [
  'lit-splint',
  'glowing-splint',
  'red-litmus',
  'blue-litmus',
  'hcl-rod',
  'ammonia-rod',
  'limewater-drop',
  'manganate-paper',
  'starch-iodide-paper',
  'cobalt-chloride-paper',
  'anhydrous-copper-sulfate',
  'thermometer',
  'nose',
] as const;
export type HeldThing = (typeof heldThings)[number];
/** Clear of the glass over the mouth; on the wet rim; down inside the gas; in the liquid. */
export const heldPlaces = ['mouth', 'rim', 'inside', 'liquid'] as const;
export type HeldPlace = (typeof heldPlaces)[number];

export interface Held {
  readonly seen: Readonly<Record<string, string | number>>;
  readonly text: string;
  /** Slips that made the result, by code. */
  readonly slips: readonly SlipCode[];
  readonly bang?: 'weak' | 'loud';
}

/** Shares of the gas at the mouth from which each answers: flammability limits as tabulated, the rest estimated. */
const answers = {
  popFrom: 0.04,
  loudFrom: 0.08,
  outByCO2: 0.3,
  outByOther: 0.3,
  brighter: 0.35,
  relights: 0.4,
  litmusNH3: 0.001,
  litmusCO2: 0.15,
  litmusStrong: 0.002,
  bleach: 0.003,
  fumes: 0.001,
  limewater: 0.1,
  manganate: 0.0005,
} as const;

/** Shares at the place: out at the mouth the gas is already mixed with air. */
function sharesAt(v: Vessel, place: HeldPlace): (gas: string) => number {
  if (place !== 'mouth' || v.closed) return (gas) => shareOf(v, gas);
  // Over a cold still liquid a vapour reaches the mouth thin; warmth and bubbles carry it up (estimated).
  const still = v.mL > 0 && v.celsius < 40 && v.flow_mL < 0.01;
  return (gas) => shareOf(v, gas) * (still && gas === 'NH3' ? 0.3 : 0.8);
}

function splint(v: Vessel, lit: boolean, at: (gas: string) => number): Held {
  const [H2, O2, CO2] = [at('H2'), at('O2'), at('CO2')];
  const smothers = CO2 + at('SO2') + at('N2') + at('HCl') + at('Cl2') + at('NH3');
  if (lit) {
    if (H2 >= answers.loudFrom) {
      v.space.delete('H2');
      return {
        seen: { splint: 'squeaky-pop' },
        text: 'The gas burns with a squeaky pop.',
        slips: [],
        bang: 'loud',
      };
    }
    if (H2 >= answers.popFrom) {
      v.space.delete('H2');
      return {
        seen: { splint: 'no-change', pop: 'weak' },
        text: 'A weak puff, hardly a pop; too little to call.',
        slips: ['too-little-gas'],
        bang: 'weak',
      };
    }
    if (O2 >= answers.brighter)
      return {
        seen: { splint: 'brighter' },
        text: 'The lit splint burns brighter, which is not the test for oxygen.',
        slips: ['wrong-splint'],
      };
    if (smothers >= answers.outByOther)
      return { seen: { splint: 'goes-out' }, text: 'The splint goes out.', slips: [] };
    return { seen: { splint: 'no-change' }, text: 'The splint burns on as before.', slips: [] };
  }
  if (O2 >= answers.relights)
    return { seen: { splint: 'relights' }, text: 'The glowing splint relights.', slips: [] };
  if (smothers >= answers.outByCO2)
    return { seen: { splint: 'goes-out' }, text: 'The glow goes out.', slips: [] };
  return {
    seen: { splint: 'no-change' },
    text: 'The splint glows on; nothing clear.',
    slips: H2 >= answers.popFrom ? ['wrong-splint'] : O2 > 0.05 ? ['too-little-gas'] : [],
  };
}

function litmus(v: Vessel, red: boolean, damp: boolean, place: HeldPlace, at: (gas: string) => number): Held {
  const touches = place === 'rim' || place === 'liquid';
  if (touches && v.mL > 0) {
    const pH = pHOf(v);
    const slips: Held['slips'] = place === 'rim' ? ['litmus-on-rim'] : [];
    if (extraIn(v, 'Cl2') > 0.005)
      return { seen: { litmus: 'bleached' }, text: 'The paper is bleached by the liquid.', slips };
    if (red && pH >= 8.3)
      return {
        seen: { litmus: 'blue' },
        text: 'The paper turns blue where the wet glass touches it.',
        slips,
      };
    if (!red && pH <= 5)
      return { seen: { litmus: 'red' }, text: 'The paper turns red where the wet glass touches it.', slips };
  }
  const [NH3, Cl2, CO2] = [at('NH3'), at('Cl2'), at('CO2')];
  const strong = at('SO2') + at('HCl') + at('NO2');
  const would =
    NH3 >= answers.litmusNH3 ||
    Cl2 >= answers.bleach ||
    CO2 >= answers.litmusCO2 ||
    strong >= answers.litmusStrong;
  if (!damp)
    return {
      seen: { litmus: 'no-change' },
      text: 'The dry paper does not change.',
      slips: would ? ['litmus-dry'] : [],
    };
  if (Cl2 >= answers.bleach)
    return red
      ? { seen: { litmus: 'bleached' }, text: 'The damp red paper is bleached white.', slips: [] }
      : {
          seen: { litmus: 'red-then-bleached' },
          text: 'The damp blue paper turns red, then is bleached white.',
          slips: [],
        };
  if (red && NH3 >= answers.litmusNH3)
    return { seen: { litmus: 'blue' }, text: 'The damp red paper turns blue.', slips: [] };
  if (!red && (strong >= answers.litmusStrong || CO2 >= answers.litmusCO2))
    return { seen: { litmus: 'red' }, text: 'The damp blue paper turns red.', slips: [] };
  return { seen: { litmus: 'no-change' }, text: 'The damp paper does not change.', slips: [] };
}

const smells: readonly (readonly [gas: string, words: string, seen: string])[] = [
  ['NH3', 'a pungent smell that stings', 'pungent'],
  ['Cl2', 'a sharp, choking smell of chlorine', 'pungent'],
  ['SO2', 'a choking smell', 'pungent'],
  ['HCl', 'sharp fumes', 'pungent'],
];

/** Holds a thing at a vessel and says what it shows. A popped or tried gas is used up. */
export function hold(v: Vessel, what: HeldThing, place: HeldPlace, damp: boolean): Held {
  const at = sharesAt(v, place);
  const none: Held['slips'] = [];
  switch (what) {
    case 'lit-splint':
      return splint(v, true, at);
    case 'glowing-splint':
      return splint(v, false, at);
    case 'red-litmus':
      return litmus(v, true, damp, place, at);
    case 'blue-litmus':
      return litmus(v, false, damp, place, at);
    case 'hcl-rod':
      return at('NH3') >= answers.fumes
        ? { seen: { fumes: 'white' }, text: 'Dense white fumes form at the rod.', slips: none }
        : { seen: { fumes: 'none' }, text: 'No fumes beyond the acid’s own.', slips: none };
    case 'ammonia-rod':
      return at('HCl') >= answers.fumes || at('Cl2') >= 0.1
        ? { seen: { fumes: 'white' }, text: 'Dense white fumes form at the rod.', slips: none }
        : { seen: { fumes: 'none' }, text: 'No fumes.', slips: none };
    case 'limewater-drop':
      return at('CO2') + 100 * at('SO2') >= answers.limewater
        ? { seen: { limewater: 'cloudy' }, text: 'The drop of limewater goes cloudy.', slips: none }
        : { seen: { limewater: 'clear' }, text: 'The drop of limewater stays clear.', slips: none };
    case 'manganate-paper':
      return at('SO2') >= answers.manganate
        ? { seen: { solution: 'colourless' }, text: 'The purple manganate loses its colour.', slips: none }
        : { seen: { solution: 'purple' }, text: 'The manganate stays purple.', slips: none };
    case 'starch-iodide-paper':
      return damp && at('Cl2') >= answers.bleach
        ? { seen: { colour: 'blue-black' }, text: 'The damp paper turns blue-black.', slips: none }
        : {
            seen: { colour: 'white' },
            text: 'The paper does not change.',
            slips: damp ? none : ['paper-dry'],
          };
    case 'cobalt-chloride-paper':
    case 'anhydrous-copper-sulfate': {
      const water = (place === 'liquid' && v.mL > 0) || (v.mL > 0 && v.celsius >= 60) || at('H2O') > 0.02;
      const [dry, wet] = what === 'cobalt-chloride-paper' ? ['blue', 'pink'] : ['white', 'blue'];
      return water
        ? { seen: { colour: wet! }, text: `It turns from ${dry} to ${wet}: water is there.`, slips: none }
        : { seen: { colour: dry! }, text: `It stays ${dry}.`, slips: none };
    }
    case 'thermometer':
      return {
        seen: { celsius: Math.round(v.celsius * 2) / 2 },
        text: `It reads ${Math.round(v.celsius * 2) / 2} °C.`,
        slips: none,
      };
    case 'nose': {
      const found = smells.find(([gas]) => at(gas) >= 0.0008);
      return found
        ? { seen: { smell: found[2] }, text: `Wafted to the nose: ${found[1]}.`, slips: none }
        : { seen: { smell: 'none' }, text: 'No smell.', slips: none };
    }
  }
}
