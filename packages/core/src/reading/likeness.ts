/** How far a written word is from a known one, in slips of hand and ear. */
import { doubleMetaphone } from 'double-metaphone';

const vowels = new Set('aeiouy');
const soundPairs = new Set(
  ['ck', 'cs', 'sz', 'gj', 'iy', 'ey', 'kq', 'fv', 'dt', 'bp', 'mn', 'ea', 'ei', 'ai', 'ou', 'xs', 'xc', 'cx', 'uw'].flatMap(
    ([a, b]) => [`${a}${b}`, `${b}${a}`],
  ),
);
const rows = ['qwertyuiop', 'asdfghjkl', 'zxcvbnm'];
const beside = new Set(
  rows.flatMap((row, r) =>
    [...row].flatMap((key, k) =>
      [row[k + 1], rows[r + 1]?.[k], rows[r + 1]?.[k - 1]].flatMap((other) =>
        other ? [`${key}${other}`, `${other}${key}`] : [],
      ),
    ),
  ),
);
const swapCost = (a: string, b: string): number => {
  if (vowels.has(a) && vowels.has(b)) return 0.5;
  if (soundPairs.has(a + b)) return 0.5;
  return beside.has(a + b) ? 0.8 : 1;
};
/** A letter too many or too few: a doubled one, a silent one or a vowel slips more easily than others. */
const gapCost = (letter: string, before: string | undefined): number =>
  letter === before ? 0.35 : letter === 'e' || letter === 'h' ? 0.5 : vowels.has(letter) ? 0.6 : 0.9;

/**
 * Slips between two words, weighted: 0 for the same word, about 1 for one plain typing slip.
 * @param atMost where the sum may end; more is Infinity.
 */
export function slips(written: string, meant: string, atMost: number): number {
  const [n, m] = [written.length, meant.length];
  if (Math.abs(n - m) > 3) return Infinity;
  let twoBack: number[] = [];
  let last = [0];
  for (let j = 1; j <= m; j++) last.push(last[j - 1]! + gapCost(meant[j - 1]!, meant[j - 2]));
  for (let i = 1; i <= n; i++) {
    const a = written[i - 1]!;
    const row = [last[0]! + gapCost(a, written[i - 2])];
    let least = row[0]!;
    for (let j = 1; j <= m; j++) {
      const b = meant[j - 1]!;
      let cost = Math.min(
        last[j - 1]! + (a === b ? 0 : swapCost(a, b)),
        last[j]! + gapCost(a, written[i - 2]),
        row[j - 1]! + gapCost(b, meant[j - 2]),
      );
      if (i > 1 && j > 1 && a === meant[j - 2] && b === written[i - 2])
        cost = Math.min(cost, twoBack[j - 2]! + 0.6);
      row.push(cost);
      least = Math.min(least, cost);
    }
    if (least > atMost) return Infinity;
    [twoBack, last] = [last, row];
  }
  const cost = last[m]! + (written[0] === meant[0] ? 0 : 0.3);
  return cost > atMost ? Infinity : cost;
}

const sounds = new Map<string, string>();
/** How a word sounds, by Double Metaphone. */
export function soundOf(word: string): string {
  let sound = sounds.get(word);
  if (sound === undefined) {
    sound = doubleMetaphone(word)[0];
    if (sounds.size > 20_000) sounds.clear();
    sounds.set(word, sound);
  }
  return sound;
}

export interface Likeness {
  readonly word: string;
  /** 0 for the word itself; about 1 for a plain slip. */
  readonly cost: number;
}

/** Known words a written one may stand for, nearest first, at most four. */
export function alike(written: string, known: readonly string[]): readonly Likeness[] {
  if (written.length < 3 || written.length > 24) return [];
  const sound = soundOf(written);
  const atMost = Math.min(2.4, 0.36 * written.length);
  const found: Likeness[] = [];
  for (const word of known) {
    if (word.length < 3 || Math.abs(word.length - written.length) > 3) continue;
    const same = sound.length > 1 && soundOf(word) === sound;
    const cost = slips(written, word, atMost + (same ? 0.7 : 0));
    if (cost !== Infinity) found.push({ word, cost: Math.max(0.1, same ? cost - 0.6 : cost) });
  }
  return found.sort((a, b) => a.cost - b.cost).slice(0, 4);
}
