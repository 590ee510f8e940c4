/** Which choices of a list fit what is typed. */

export interface Choice {
  readonly id: string;
  /** What is shown and typed. */
  readonly name: string;
  /** Heading it stands under. */
  readonly group?: string;
  /** Other words it is found by: a formula, a short name. */
  readonly also?: string;
}

const subscripts = '₀₁₂₃₄₅₆₇₈₉';
const superscripts = '⁰¹²³⁴⁵⁶⁷⁸⁹';

/** Lower case, indices as plain digits, only letters, digits and spaces. */
const plain = (text: string): string =>
  [...text.toLowerCase()]
    .map((c) => {
      const index = Math.max(subscripts.indexOf(c), superscripts.indexOf(c));
      return index >= 0 ? String(index) : c;
    })
    .join('')
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/** The choices in which every word typed begins a word or stands within one; those that begin with it come first. */
export function matching<C extends Choice>(choices: readonly C[], typed: string): C[] {
  const words = plain(typed).split(' ').filter(Boolean);
  if (!words.length) return [...choices];
  const scored = choices.flatMap((choice, place) => {
    const text = plain(`${choice.name} ${choice.also ?? ''}`);
    if (!words.every((word) => text.includes(word))) return [];
    const begins = words.filter((word) => text.startsWith(word) || text.includes(` ${word}`)).length;
    return [{ choice, place, begins }];
  });
  return scored.sort((a, b) => b.begins - a.begins || a.place - b.place).map(({ choice }) => choice);
}
