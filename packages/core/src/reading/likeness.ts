/** How far a written word is from a known one, in slips of hand and ear. */
import { doubleMetaphone } from 'double-metaphone';
import { keptByText } from './kept.js';

const letters = 26;
const codeOf = (letter: string): number => {
  const code = letter.charCodeAt(0) - 97;
  return code >= 0 && code < letters ? code : letters;
};
const isVowel = (code: number): boolean => vowels.has(String.fromCharCode(code + 97));
const vowels = new Set('aeiouy');
const soundPairs = [
  'ck',
  'cs',
  'sz',
  'gj',
  'iy',
  'ey',
  'kq',
  'fv',
  'dt',
  'bp',
  'mn',
  'ea',
  'ei',
  'ai',
  'ou',
  'xs',
  'xc',
  'cx',
  'uw',
];
const rows = ['qwertyuiop', 'asdfghjkl', 'zxcvbnm'];

/** What one letter for another costs: vowels and letters of one sound slip most easily, then neighbours on the keyboard. */
const swapCosts = new Float64Array((letters + 1) ** 2).fill(1);
const setSwap = (a: string, b: string, cost: number) => {
  swapCosts[codeOf(a) * (letters + 1) + codeOf(b)] = cost;
  swapCosts[codeOf(b) * (letters + 1) + codeOf(a)] = cost;
};
rows.forEach((row, r) =>
  [...row].forEach((key, k) => {
    for (const other of [row[k + 1], rows[r + 1]?.[k], rows[r + 1]?.[k - 1]])
      if (other) setSwap(key, other, 0.8);
  }),
);
for (const pair of soundPairs) setSwap(pair[0]!, pair[1]!, 0.5);
for (let a = 0; a < letters; a++)
  for (let b = 0; b < letters; b++)
    if (a !== b && isVowel(a) && isVowel(b)) swapCosts[a * (letters + 1) + b] = 0.5;
/** A letter too many or too few: a silent one or a vowel slips more easily than others. */
const gapCosts = Float64Array.from({ length: letters + 1 }, (_, code) => {
  const letter = String.fromCharCode(code + 97);
  return letter === 'e' || letter === 'h' ? 0.5 : isVowel(code) ? 0.6 : 0.9;
});
const doubled = 0.35;

interface Coded {
  readonly word: string;
  readonly codes: Uint8Array;
  /** A bit for each letter it holds. */
  readonly mask: number;
  readonly sound: string;
}
const encoded = (word: string): Coded => {
  const codes = Uint8Array.from(word, codeOf);
  let mask = 0;
  for (const code of codes) mask |= 1 << code;
  return { word, codes, mask, sound: word.length > 2 ? soundOf(word) : '' };
};
function bits(mask: number): number {
  let n = 0;
  for (let rest = mask; rest; rest &= rest - 1) n++;
  return n;
}

const longest = 28;
const tables = Array.from({ length: 3 }, () => new Float64Array(longest + 1));

function distance(a: Uint8Array, b: Uint8Array, atMost: number): number {
  const [n, m] = [a.length, b.length];
  if (Math.abs(n - m) > 3 || n > longest || m > longest) return Infinity;
  let [twoBack, last, row] = tables as [Float64Array, Float64Array, Float64Array];
  last[0] = 0;
  for (let j = 1; j <= m; j++)
    last[j] = last[j - 1]! + (j > 1 && b[j - 1] === b[j - 2] ? doubled : gapCosts[b[j - 1]!]!);
  for (let i = 1; i <= n; i++) {
    const code = a[i - 1]!;
    const gap = i > 1 && code === a[i - 2] ? doubled : gapCosts[code]!;
    row[0] = last[0]! + gap;
    let least = row[0];
    for (let j = 1; j <= m; j++) {
      const other = b[j - 1]!;
      let cost = last[j - 1]! + (code === other ? 0 : swapCosts[code * (letters + 1) + other]!);
      const without = last[j]! + gap;
      if (without < cost) cost = without;
      const added = row[j - 1]! + (j > 1 && other === b[j - 2] ? doubled : gapCosts[other]!);
      if (added < cost) cost = added;
      if (i > 1 && j > 1 && code === b[j - 2] && other === a[i - 2]) {
        const turned = twoBack[j - 2]! + 0.6;
        if (turned < cost) cost = turned;
      }
      row[j] = cost;
      if (cost < least) least = cost;
    }
    if (least > atMost) return Infinity;
    [twoBack, last, row] = [last, row, twoBack];
  }
  const cost = last[m]! + (a[0] === b[0] ? 0 : 0.3);
  return cost > atMost ? Infinity : cost;
}

/**
 * Slips between two words, weighted: 0 for the same word, about 1 for one plain typing slip.
 * @param atMost where the sum may end; more is Infinity.
 */
export const slips = (written: string, meant: string, atMost: number): number =>
  distance(Uint8Array.from(written, codeOf), Uint8Array.from(meant, codeOf), atMost);

/** How a word sounds, by Double Metaphone. */
export const soundOf = keptByText((word): string => doubleMetaphone(word)[0], 20_000);

export interface Likeness {
  readonly word: string;
  /** 0 for the word itself; about 1 for a plain slip. */
  readonly cost: number;
}

const prepared = new WeakMap<readonly string[], readonly Coded[]>();
function coded(known: readonly string[]): readonly Coded[] {
  let all = prepared.get(known);
  if (!all) {
    all = known.filter((word) => word.length > 2).map(encoded);
    prepared.set(known, all);
  }
  return all;
}

/** Known words a written one may stand for, nearest first, at most four. */
export function alike(written: string, known: readonly string[]): readonly Likeness[] {
  if (written.length < 3 || written.length > 24) return [];
  const { codes, mask, sound } = encoded(written);
  const atMost = Math.min(2.4, 0.36 * written.length);
  const found: Likeness[] = [];
  for (const other of coded(known)) {
    if (Math.abs(other.codes.length - codes.length) > 3) continue;
    const same = sound.length > 1 && other.sound === sound;
    const limit = atMost + (same ? 0.7 : 0);
    // A letter that only one of them holds costs half a point at least, with its counterpart or alone.
    const [more, less] = [bits(mask & ~other.mask), bits(other.mask & ~mask)];
    if (0.5 * (more > less ? more : less) > limit) continue;
    const cost = distance(codes, other.codes, limit);
    if (cost !== Infinity) found.push({ word: other.word, cost: Math.max(0.1, same ? cost - 0.6 : cost) });
  }
  return found.sort((a, b) => a.cost - b.cost).slice(0, 4);
}
