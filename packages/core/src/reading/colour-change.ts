/** Colours before and after: what something was, and what it became. */
import type { Turn } from '../identification-tests/test-definition.js';
import type { ColourTerm } from './colour-terms.js';
import type { Mention, TextReading } from './read-text.js';

export interface Change {
  readonly from?: ColourTerm;
  readonly finals: readonly { readonly colour: ColourTerm; readonly mention: Mention }[];
  readonly stays: boolean;
}
const carriers: ReadonlySet<string> = new Set([
  'litmus',
  'paper',
  'copperSulfate',
  'anhydrous',
  'cobaltChloride',
  'precipitate',
  'manganate',
  'dichromate',
]);

const turning =
  /^(turn|turns|turned|turning|go|goes|went|going|gone|become|becomes|became|becoming|chang\w*|oxidi[sz]\w*|darken\w*)$/;

/** Colours before and after: "red to blue", "turned from purple to colourless", "red litmus went blue". */
export function changeIn(reading: TextReading): Change {
  const { words } = reading;
  const colours = reading.mentions.filter((m) => m.kind === 'colour' && !m.denied && m.colour);
  let from: ColourTerm | undefined;
  const finals: { colour: ColourTerm; mention: Mention }[] = [];
  let stays = false;
  colours.forEach((m, i) => {
    const next = reading.mentions.find((o) => o.at >= m.at + m.length);
    const followed = next && carriers.has(next.kind) && next.at - (m.at + m.length) <= 2;
    const word = (k: number) => words[m.at - k] ?? '';
    const after = words.slice(m.at + m.length, m.at + m.length + 4);
    const upcoming = colours[i + 1];
    const leads =
      upcoming !== undefined &&
      upcoming.at - (m.at + m.length) <= 4 &&
      after.some((w) => w === 'to' || w === 'into' || w === 'now' || turning.test(w));
    if (
      word(1) === 'from' ||
      word(2) === 'from' ||
      (word(1) === 'was' && upcoming) ||
      leads ||
      (followed &&
        (upcoming ||
          reading.mentions.some((o) => o.kind === 'bleach' || o.kind === 'nothing' || o.kind === 'stays')))
    ) {
      from ??= m.colour;
      return;
    }
    const kept = reading.mentions.some(
      (o) => o.kind === 'stays' && !o.denied && o.clause === m.clause && o.at < m.at,
    );
    if (kept) stays = true;
    else finals.push({ colour: m.colour!, mention: m });
  });
  return { ...(from ? { from } : {}), finals, stays };
}
/** Is a colour said to be what an earlier colour of its clause turned into: "green, slowly turning brown"? */
export function isTurned({ words, mentions }: TextReading, m: Mention): boolean {
  const before = mentions.findLast(
    (o) => o.kind === 'colour' && !o.denied && o.clause === m.clause && o.at + o.length <= m.at,
  );
  return before !== undefined && words.slice(before.at + before.length, m.at).some((w) => turning.test(w));
}

/** What a colour says of a precipitate left alone: `browns`, `pinks`, `darkens`, or nothing known. */
export function turnOf(colour: string): Turn | undefined {
  if (/brown|rust|orange|beige/.test(colour)) return 'browns';
  if (/pink|magenta|salmon/.test(colour)) return 'pinks';
  return /grey|black|purple|violet|lilac/.test(colour) ? 'darkens' : undefined;
}

export const reds: ReadonlySet<ColourTerm> = new Set([
  'red',
  'pink',
  'bright-red',
  'deep-red',
  'pink-red',
  'scarlet',
  'crimson',
  'magenta',
  'orange-red',
]);
export const blues: ReadonlySet<ColourTerm> = new Set(['blue', 'deep-blue', 'pale-blue']);
export const purples: ReadonlySet<ColourTerm> = new Set([
  'purple',
  'pink-purple',
  'violet',
  'pale-purple',
  'lilac',
  'magenta',
  'pink',
]);
