/**
 * A stand-in for a temperature probe in a tube of metal and acid: reads to 0.1 °C once a second, lags behind the liquid, trembles,
 * and may drop out. How much the reaction warms the liquid is told to it by hand.
 */
import { StandIn } from './device.js';

export interface ProbeReading {
  /** Whole seconds since it was put in. */
  readonly second: number;
  readonly celsius: number;
}
export interface Warming {
  /** °C before the metal goes in. */
  readonly start: number;
  /** °C by which the liquid would warm if nothing were lost. */
  readonly rise: number;
  /** Seconds in which two thirds of the reaction is over. */
  readonly seconds: number;
}

/** Seconds by which the probe lags, and in which a tube loses two thirds of its warmth. Source `school-practice`, estimates. */
const lag = 4;
const cooling = 420;
const tremble = 0.06;

export class SimulatedProbe extends StandIn<ProbeReading> {
  private second = 0;
  private liquid: number;
  private shown: number;

  constructor(
    private readonly random: () => number,
    private readonly warming: Warming,
  ) {
    super();
    this.liquid = warming.start;
    this.shown = warming.start;
  }
  /** A second passes, whether the probe is connected or not; its reading, where it is. */
  read(): ProbeReading | undefined {
    const { start, rise, seconds } = this.warming;
    this.second += 1;
    const released = (rise / seconds) * Math.exp(-this.second / seconds);
    this.liquid += released - (this.liquid - start) / cooling;
    this.shown += (this.liquid - this.shown) / lag;
    if (this.state !== 'ready') return undefined;
    const celsius = this.shown + (this.random() - 0.5) * 2 * tremble;
    return { second: this.second, celsius: Math.round(celsius * 10) / 10 };
  }
}

export interface WarmingSeen {
  readonly before: number;
  readonly highest: number;
  /** Second of the highest reading. */
  readonly at: number;
  /** Degrees it rose by. */
  readonly rise: number;
  /** Is that more than the probe's tremble and the hand's warmth? */
  readonly warms: boolean;
}
/** Degrees a tube warms by from the hand alone. An estimate. */
const handWarmth = 0.8;

/** What a curve of readings says: the start as the middle of the first five, the highest as the middle of the best three in a row. */
export function warmingIn(readings: readonly ProbeReading[]): WarmingSeen | undefined {
  if (readings.length < 5) return undefined;
  const middle = (list: readonly number[]): number => [...list].sort((a, b) => a - b)[list.length >> 1]!;
  const before = middle(readings.slice(0, 5).map((r) => r.celsius));
  let highest = -Infinity;
  let at = 0;
  for (let i = 1; i + 1 < readings.length; i++) {
    const here = middle([readings[i - 1]!.celsius, readings[i]!.celsius, readings[i + 1]!.celsius]);
    if (here > highest) [highest, at] = [here, readings[i]!.second];
  }
  const rise = Math.round((highest - before) * 10) / 10;
  return { before, highest, at, rise, warms: rise > handWarmth };
}
