/** What a liquid and a precipitate look like: tint by tint from what is dissolved, and the colour named. */
import type { SolidColour } from '../equilibrium/solids.js';
import { solids } from '../equilibrium/solids.js';
import { extraIn, type Vessel } from './vessel.js';

/** Names as in the test `appearance`. */
export type LiquidName =
  | 'colourless'
  | 'blue'
  | 'deep-blue'
  | 'pale-green'
  | 'green'
  | 'yellow'
  | 'orange-brown'
  | 'brown'
  | 'pink'
  | 'purple'
  | 'red'
  | 'blue-black';

interface Tint {
  readonly is: (formula: string) => boolean;
  readonly name: LiquidName;
  /** What white light is left as by 0.1 mol/dm3 in a tube, as shares of red, green and blue. */
  readonly lets: readonly [number, number, number];
  /** mol/dm3 from which the colour is seen. */
  readonly from_M: number;
}
const one =
  (...names: readonly string[]) =>
  (formula: string) =>
    names.includes(formula);

/** By eye (source `vogel-tests`); what they let through is estimated from that. */
const tints: readonly Tint[] = [
  { is: (f) => /^\[Cu\(NH3\)[2-4]/.test(f), name: 'deep-blue', lets: [0.001, 0.03, 0.5], from_M: 0.0005 },
  {
    is: (f) => f === 'Cu2+' || f.startsWith('CuOH') || f === '[Cu(NH3)]2+',
    name: 'blue',
    lets: [0.3, 0.72, 0.92],
    from_M: 0.004,
  },
  { is: one('Fe2+', 'FeOH+'), name: 'pale-green', lets: [0.68, 0.84, 0.7], from_M: 0.02 },
  {
    is: (f) => f === 'Fe3+' || f.startsWith('FeOH^') || f.startsWith('Fe(OH)2') || f.startsWith('Fe2(OH)'),
    name: 'orange-brown',
    lets: [0.85, 0.55, 0.18],
    from_M: 0.002,
  },
  {
    is: (f) => f === 'Cr3+' || f.startsWith('CrOH') || f.startsWith('Cr(OH)2') || f === '[Cr(OH)4]-',
    name: 'green',
    lets: [0.2, 0.5, 0.28],
    from_M: 0.003,
  },
  { is: one('Co2+', 'CoOH+'), name: 'pink', lets: [0.92, 0.55, 0.65], from_M: 0.01 },
  { is: (f) => f.startsWith('[Co(NH3)'), name: 'brown', lets: [0.6, 0.35, 0.2], from_M: 0.002 },
  { is: one('Ni2+', 'NiOH+'), name: 'green', lets: [0.45, 0.8, 0.5], from_M: 0.02 },
  { is: (f) => /^\[Ni\(NH3\)[3-6]/.test(f), name: 'blue', lets: [0.3, 0.35, 0.85], from_M: 0.005 },
];
const extraTints = [
  { id: 'MnO4-', name: 'purple', lets: [1e-9, 1e-25, 1e-12], from_M: 5e-5 },
  { id: 'I2', name: 'brown', lets: [0.02, 1e-6, 1e-12], from_M: 3e-4 },
  { id: 'Br2', name: 'yellow', lets: [0.8, 0.3, 0.003], from_M: 1e-3 },
] as const;

export interface LiquidLook {
  readonly name: LiquidName;
  readonly srgb: string;
}
const hex = (rgb: readonly number[]): string =>
  `#${rgb
    .map((v) =>
      Math.round(255 * Math.min(1, Math.max(0, v)))
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;
const waterLike = [0.93, 0.96, 0.97] as const;

/** The colour of the liquid in a vessel. */
export function liquidLook(v: Vessel): LiquidLook {
  const rgb: number[] = [...waterLike];
  let name = 'colourless' as LiquidName;
  let strongest = 1;
  const put = (tint: { name: LiquidName; lets: readonly number[]; from_M: number }, M: number) => {
    tint.lets.forEach((share, i) => (rgb[i] = rgb[i]! * share ** (M / 0.1)));
    if (M / tint.from_M >= strongest) [strongest, name] = [M / tint.from_M, tint.name];
  };
  for (const [formula, M] of v.state?.dissolved ?? []) {
    const tint = tints.find((t) => t.is(formula));
    if (tint) put(tint, M);
  }
  for (const tint of extraTints) put(tint, extraIn(v, tint.id));
  if (name === 'orange-brown' && strongest < 15) name = 'yellow';
  const scn = extraIn(v, 'SCN-');
  const iron = v.state?.dissolved.get('Fe3+') ?? 0;
  if (scn > 1e-4 && iron > 1e-5) return { name: 'red', srgb: '#8f1414' };
  if (extraIn(v, 'starch') > 0 && extraIn(v, 'I2') > 1e-5) return { name: 'blue-black', srgb: '#1b1b3a' };
  return { name, srgb: hex(rgb) };
}

export const solidPigment: Readonly<Record<SolidColour | 'black' | 'grey', string>> = {
  white: '#fbfbf8',
  cream: '#f3e6bf',
  yellow: '#f0d95a',
  green: '#6f9a6a',
  'grey-green': '#7f9a84',
  blue: '#4f8fd0',
  brown: '#8a4b22',
  coloured: '#6aa58c',
  black: '#2a2a2e',
  grey: '#a5a0a8',
};
const colourOf = new Map(solids.map((s) => [s.formula, s.colour]));
/** The colour of a solid of the model. */
export const solidColour = (formula: string): SolidColour => colourOf.get(formula) ?? 'white';
