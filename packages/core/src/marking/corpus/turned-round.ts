/** A reason with the two things it tells apart in each other's place: what was right of one is wrong of the other. */
import type { PurposeId } from '../../syllabus/purpose.js';

type Swap = readonly [from: string, to: string];
const iron2 = String.raw`iron ?\(?(?:ii|2|two)\)?(?!\w)|fe2\+?|ferrous`;
const iron3 = String.raw`iron ?\(?(?:iii|3|three)\)?(?!\w)|fe3\+?|ferric`;

/** Left out are reasons that stay right when turned: "to tell aluminium from magnesium". */
const swaps: Partial<Readonly<Record<PurposeId, readonly Swap[]>>> = {
  'acid-before-silver-nitrate': [
    ['carbonates?', 'halide'],
    ['halides?|chlorides?|bromides?|iodides?', 'carbonate'],
  ],
  'acid-before-barium-chloride': [
    ['carbonates?|co3', 'sulfate'],
    ['sulph?fates?|sulfates?|so4', 'carbonate'],
  ],
  'blue-glass': [
    ['yellow|orange', 'lilac'],
    ['lilac|purple', 'yellow'],
    ['sodium', 'potassium'],
    ['potassium', 'sodium'],
  ],
  'fresh-iron-sulfate': [
    [iron3, 'iron(II)'],
    [iron2, 'iron(III)'],
    ['oxidi[sz]ed', 'reduced'],
    ['oxidi[sz]es', 'reduces'],
  ],
};

/** The reason turned round; undefined where nothing of it can be. */
export function turnedRound(of: PurposeId, answer: string): string | undefined {
  const own = swaps[of];
  if (!own) return undefined;
  const pattern = new RegExp(own.map(([from]) => `(\\b(?:${from}))`).join('|'), 'gi');
  const turned = answer.replace(pattern, (found, ...groups: (string | number | undefined)[]) => {
    const at = groups.slice(0, own.length).findIndex((g) => g !== undefined);
    return own[at]?.[1] ?? found;
  });
  return turned === answer ? undefined : turned;
}
