import { describe, expect, test } from '@jest/globals';
import { seededRandom } from '../numbers/random.js';
import type { Label } from '../preparing/labels.js';
import { nearEnough, SimulatedBalance } from './simulated-balance.js';
import { SimulatedLabelPrinter, wrapped } from './simulated-label-printer.js';

describe('the simulated balance', () => {
  const settled = (balance: SimulatedBalance) => {
    for (let i = 0; i < 60; i++) {
      const reading = balance.tick();
      if (reading.stable) return { reading, ticks: i + 1 };
    }
    throw new Error('never stable');
  };
  test('is unsteady at first, then shows what is on the pan to a hundredth of a gram', () => {
    const balance = new SimulatedBalance(seededRandom(5));
    balance.add(6.242);
    expect(balance.tick().stable).toBe(false);
    const { reading, ticks } = settled(balance);
    expect(reading.mass_g).toBe(6.24);
    expect(ticks).toBeGreaterThan(5);
  });
  test('shows nought after taring, and what is added after that', () => {
    const balance = new SimulatedBalance(seededRandom(5));
    balance.add(31.4);
    settled(balance);
    balance.tare();
    expect(settled(balance).reading.mass_g).toBe(0);
    balance.add(2.5);
    balance.add(-0.25);
    expect(settled(balance).reading.mass_g).toBe(2.25);
  });
  test('near enough is within a hundredth, and never finer than the display', () => {
    expect([nearEnough(6.2, 6.24), nearEnough(6.1, 6.24), nearEnough(0.06, 0.05)]).toEqual([
      true,
      false,
      true,
    ]);
  });
});

describe('the simulated label printer', () => {
  const label: Label = {
    key: 'k',
    title: 'nitric acid',
    line: '0.4 mol/dm³',
    signal: 'Warning',
    statements: ['H315 Causes skin irritation', 'H319 Causes serious eye irritation'],
    pictograms: ['exclamation'],
    made: '2026-11-25',
    expires: '2027-11-24',
    batch: 'P1',
    path: '/x',
    copies: 3,
    secret: false,
  };
  test('prints each copy, counts the roll down, and stops before it runs out', () => {
    const printer = new SimulatedLabelPrinter(4);
    const printed = printer.print(label);
    expect(printed).toHaveLength(3);
    expect(printed[0]!.lines).toContain('Warning H315 H319');
    expect(printer.labelsLeft).toBe(1);
    expect(() => printer.print(label)).toThrow(/1 labels left and 3 are wanted/);
    printer.loadRoll();
    expect(printer.labelsLeft).toBe(120);
  });
  test('says nothing of an unknown but its code and lesson', () => {
    const lines = new SimulatedLabelPrinter().print({
      ...label,
      secret: true,
      title: 'Jar 417',
      line: '10 Beacon',
      batch: '',
    })[0]!;
    expect(JSON.stringify(lines)).not.toMatch(/made|use by|P1/);
  });
  test('breaks lines at words', () => expect(wrapped('one two three', 7)).toEqual(['one two', 'three']));
});
