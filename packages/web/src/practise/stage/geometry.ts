/** Where things of a vessel lie in its drawing, in a square of 200 by 300. */
import { capacity_mL, type VesselKind } from '@kivex/core';

export interface Shape {
  /** Outline of the glass, and of the room inside, as SVG paths. */
  readonly glass: string;
  readonly inside: string;
  /** y of the brim and of the foot inside, x of the middle, half the width at a height. */
  readonly brim: number;
  readonly foot: number;
  readonly middle: number;
  readonly half: number;
  /** Mouth: half its width. */
  readonly mouth: number;
}

const tube = (half: number, brim: number, foot: number): Shape => {
  const [l, r] = [100 - half, 100 + half];
  const round = foot - half;
  const inside = `M${l} ${brim} V${round} A${half} ${half} 0 0 0 ${r} ${round} V${brim} Z`;
  return {
    glass: `M${l - 5} ${brim - 3} Q${l} ${brim - 3} ${l} ${brim + 5} V${round} A${half} ${half} 0 0 0 ${r} ${round} V${brim + 5} Q${r} ${brim - 3} ${r + 5} ${brim - 3}`,
    inside,
    brim,
    foot,
    middle: 100,
    half,
    mouth: half,
  };
};

const shapes: Readonly<Record<VesselKind, Shape>> = {
  tube: tube(24, 34, 286),
  'boiling-tube': tube(34, 34, 286),
  jar: tube(40, 60, 270),
  beaker: {
    glass: 'M40 120 Q46 120 46 130 V272 Q46 284 58 284 H142 Q154 284 154 272 V130 Q154 120 160 118',
    inside: 'M46 120 V272 Q46 284 58 284 H142 Q154 284 154 272 V120 Z',
    brim: 120,
    foot: 284,
    middle: 100,
    half: 54,
    mouth: 54,
  },
  flask: {
    glass:
      'M76 44 Q82 44 82 52 V120 L34 262 Q28 284 50 284 H150 Q172 284 166 262 L118 120 V52 Q118 44 124 44',
    inside: 'M82 44 V120 L34 262 Q28 284 50 284 H150 Q172 284 166 262 L118 120 V44 Z',
    brim: 44,
    foot: 284,
    middle: 100,
    half: 66,
    mouth: 18,
  },
  well: {
    glass: 'M30 190 Q30 262 100 262 Q170 262 170 190',
    inside: 'M30 190 Q30 262 100 262 Q170 262 170 190 Z',
    brim: 190,
    foot: 262,
    middle: 100,
    half: 70,
    mouth: 70,
  },
  'watch-glass': {
    glass: 'M20 220 Q100 276 180 220',
    inside: 'M20 220 Q100 276 180 220 Z',
    brim: 220,
    foot: 248,
    middle: 100,
    half: 80,
    mouth: 80,
  },
};
export const shapeOf = (kind: VesselKind): Shape => shapes[kind];

/**
 * Height of so many cm3 above the foot. A cm3 in a tube is a finger's breadth and would be a line on a small screen, so that
 * little is drawn a bit higher than it stands.
 */
export function levelOf(kind: VesselKind, mL: number): number {
  const { brim, foot } = shapes[kind];
  const full = Math.min(1, mL / capacity_mL[kind]);
  return foot - (foot - brim) * full ** 0.72;
}

/** Seeded places for bubbles and flakes, the same every time they are drawn. */
export function scatter(n: number, seed: number): readonly (readonly [x: number, y: number, r: number])[] {
  let state = seed * 2654435761;
  const next = () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 4294967296;
  };
  return Array.from({ length: n }, () => [next(), next(), next()] as const);
}

/** How thick a precipitate looks: faint at the threshold of being seen, opaque when there is much. */
export const cloudiness = (mol_per_L: number): number =>
  Math.min(0.96, Math.max(0.28, 0.36 + 0.26 * Math.log10(mol_per_L / 2e-4)));

/** How many bubbles are drawn for so many cm3 a second. */
export const bubblesFor = (mL_s: number): number =>
  mL_s < 0.008 ? 0 : Math.min(26, Math.round(3 + 14 * Math.sqrt(mL_s)));
