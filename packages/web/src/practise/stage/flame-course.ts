/** The colour a flame has a moment after the tool went in, between the moments the core tells. */
import { attributeOf, testOf, type Seen } from '@kivex/core';

export interface FlameColourSeen {
  readonly srgb: string;
  readonly name: string;
}
type Moments = NonNullable<Seen['flame']>['moments'];

const channels = (srgb: string): readonly number[] =>
  [1, 3, 5].map((i) => parseInt(srgb.slice(i, i + 2), 16));
const hex = (rgb: readonly number[]): string =>
  `#${rgb.map((v) => Math.round(v).toString(16).padStart(2, '0')).join('')}`;

/** @param at_s seconds since this holding began. */
export function courseAt(moments: Moments, at_s: number): FlameColourSeen | undefined {
  const after = moments.findIndex((m) => m.at_s >= at_s);
  if (after < 0) return moments.at(-1);
  const [a, b] = [moments[after - 1], moments[after]!];
  if (!a || b.at_s <= a.at_s) return b;
  const share = (at_s - a.at_s) / (b.at_s - a.at_s);
  const [from, to] = [channels(a.srgb), channels(b.srgb)];
  return { name: share < 0.5 ? a.name : b.name, srgb: hex(from.map((v, i) => v + (to[i]! - v) * share)) };
}
const looks = new Map(
  ['colour', 'throughBlueGlass'].flatMap((id) =>
    attributeOf(testOf('flame'), id).values.flatMap(({ id: name, look }) =>
      look.kind === 'flame' ? [[`${id} ${name}`, look.colour] as const] : [],
    ),
  ),
);
const mixed = (a: string, b: string, share: number): string => {
  const [from, to] = [channels(a), channels(b)];
  return hex(from.map((v, i) => v + (to[i]! - v) * share));
};

/**
 * How a flame is drawn. The computed colour is the purest a screen has, which no flame is: it is brought most of the way to the pigment
 * by which the wells show its name. The hottest part is paler, as the eye is dazzled there.
 */
export function drawnAs({ srgb, name }: FlameColourSeen, glass: boolean): { outer: string; inner: string } {
  const pigment = looks.get(`${glass ? 'throughBlueGlass' : 'colour'} ${name}`) ?? srgb;
  const outer = mixed(srgb, pigment, 0.65);
  return { outer, inner: mixed(outer, '#ffffff', 0.5) };
}

/** Seconds a holding is shown in: as long as it is, up to so many. */
export const shownFor_s = (seconds: number): number => Math.min(seconds, 4);
