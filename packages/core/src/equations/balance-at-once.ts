/** Whether what is being typed balances, said while it is typed; nothing of whether it is the right equation. */
import { balanceOf } from './balance.js';
import { readEquation } from './read-equation.js';

export interface BalanceSaid {
  readonly balanced: boolean;
  /** A sentence for the student. */
  readonly text: string;
}

/** @returns undefined where nothing was typed. */
export function balanceAtOnce(typed: string): BalanceSaid | undefined {
  if (!typed.trim()) return undefined;
  const read = readEquation(typed);
  if (read.kind === 'wrong-case')
    return { balanced: false, text: 'A formula needs its capitals: Co is cobalt, CO carbon monoxide.' };
  if (read.kind === 'unreadable') return { balanced: false, text: read.text };
  for (const equation of read.equations) {
    const [off] = balanceOf(equation).imbalances;
    if (off)
      return {
        balanced: false,
        text:
          off.of === 'charge'
            ? `Not balanced: the charge is ${off.left} on the left and ${off.right} on the right.`
            : `Not balanced: ${off.of} ${off.left} on the left and ${off.right} on the right.`,
      };
  }
  return { balanced: true, text: 'It balances.' };
}
