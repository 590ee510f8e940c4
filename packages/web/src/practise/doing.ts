/** An action of the bench on screen in a few words. */
import type { Action } from '@kivex/core';

const amount = (a: { drops?: number | undefined; mL?: number | undefined }): string =>
  a.drops ? `, ${a.drops} drops` : a.mL ? `, ${a.mL} cm³` : '';

const overWords = { water: 'over water', upward: 'upward', downward: 'downward' } as const;

export function doing(action: Action): string {
  switch (action.do) {
    case 'add':
      return `add ${action.reagent}${action.molarity ? ` ${action.molarity} mol/dm³` : ''}${amount(action)}${action.toExcess ? ', to excess' : ''}`;
    case 'take':
      return `take ${action.sample ?? 'the sample'}${amount(action)}`;
    case 'hold':
      return `hold ${action.damp ? 'damp ' : ''}${action.what.replaceAll('-', ' ')}`;
    case 'flame':
      return `look, ${action.seconds ?? 1} s${action.glass ? ', through blue glass' : ''}`;
    case 'wait':
      return `wait ${action.seconds < 120 ? `${action.seconds} s` : `${Math.round(action.seconds / 60)} min`}`;
    case 'goggles':
      return action.on ? 'goggles on' : 'goggles off';
    case 'connect':
      return `lead the gas to ${action.to}${action.over && action.over !== 'into-liquid' ? `, ${overWords[action.over]}` : ''}`;
    case 'dip':
      return `take up ${action.in ?? 'the sample'}`;
    default:
      return action.do.replaceAll('-', ' ');
  }
}
