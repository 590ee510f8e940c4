/**
 * A stand-in for a laboratory balance: reads to 0.01 g, takes a moment to settle, trembles a little, and
 * can be tared. What is put on the pan is told to it by hand instead of by weight.
 */
export interface BalanceReading {
  /** g, as the display shows it. */
  readonly mass_g: number;
  readonly stable: boolean;
}

/** Share of the way to the true mass covered in one tick, and spread of the tremble in g. */
const settles = 0.45;
const tremble_g = 0.012;
/** Ticks of calm after which the display says that it is stable. */
const calmTicks = 4;
const largest_g = 620;

export class SimulatedBalance {
  private onPan = 0;
  private shown = 0;
  private zero = 0;
  private calm = 0;

  constructor(private readonly random: () => number) {}

  /** Puts something on the pan (or, less than 0, takes it off). */
  add(mass_g: number): void {
    this.onPan = Math.min(largest_g, Math.max(0, this.onPan + mass_g));
    this.calm = 0;
  }
  /** Sets the display to nought with whatever stands on the pan. */
  tare(): void {
    this.zero = this.onPan;
    this.calm = 0;
  }
  /** A moment passes. */
  tick(): BalanceReading {
    this.shown += (this.onPan - this.shown) * settles;
    if (Math.abs(this.onPan - this.shown) < 0.005) {
      this.shown = this.onPan;
      this.calm++;
    }
    const stable = this.calm >= calmTicks;
    const wobble = stable ? 0 : (this.random() - 0.5) * 2 * tremble_g;
    return { mass_g: Math.round((this.shown - this.zero + wobble) * 100) / 100, stable };
  }
}

/** How near a reading must be to what is wanted: a hundredth of it, or what the display can tell. */
export const nearEnough = (mass_g: number, wanted_g: number): boolean =>
  Math.abs(mass_g - wanted_g) <= Math.max(0.01, 0.01 * wanted_g);
