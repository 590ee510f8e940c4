/** What an answer says was not so: words that deny, how far they reach, and denials that come after what they deny. */

export const denialWords: ReadonlySet<string> = new Set(
  'not no never without nor neither nobody noone fails failed failing fail refused refuses unable lack lacking absence rather unlike instead lost'.split(
    ' ',
  ),
);
/** Words that deny only together with the next. */
const needs: Readonly<Record<string, RegExp>> = {
  fails: /^to$/,
  failed: /^to$/,
  failing: /^to$/,
  fail: /^to$/,
  refused: /^to$/,
  refuses: /^to$/,
  unable: /^to$/,
  lack: /^of$/,
  absence: /^of$/,
  rather: /^than$/,
  instead: /^of$/,
};
/** Sayings with a "not" or a "no" that deny nothing. */
const idioms = [
  'never stopped',
  'never stops',
  'never stop',
  'not stop',
  'not stopped',
  'not sure',
  'not certain',
  'not really sure',
  'not entirely sure',
  'not quite sure',
  'not totally sure',
  'not too sure',
  'not 100',
  'no idea',
  'no doubt',
  'no matter',
  'not only',
  'not just',
  'not know',
  'no problem',
  'not long',
  'not tell if',
  'not remember',
  'not wrong',
  'not sure if',
  'not until',
  'nothing but',
  'nothing other than',
  'no need',
  'not forget',
  'not matter',
  'no clue',
  'not think so',
  'not mistaken',
  'no longer than',
  'not certain but',
  'not believe',
].map((idiom) => idiom.split(' '));

/** Is there a denial at a place? An idiom is told by how many words to pass over. */
export function denialAt(words: readonly string[], at: number): { denies: boolean; length: number } {
  const word = words[at]!;
  const idiom = idioms.find((i) => i.every((w, k) => words[at + k] === w));
  if (idiom) return { denies: false, length: idiom.length };
  if (!denialWords.has(word)) return { denies: false, length: 0 };
  const need = needs[word];
  return { denies: !need || need.test(words[at + 1] ?? ''), length: 1 };
}

/** What may follow a denial that takes back what was said before it: "a white ppt did not form". */
export const takesBack: ReadonlySet<string> = new Set(
  'form formed forms forming appear appeared appears see seen saw occur occurred occurs happen happened happens made make produced produce present observed observe be been there visible noticed notice any at all show shown come came heard hear develop developed detected found given one work up it this that'.split(
    ' ',
  ),
);
const between = new Set(
  'a longer be been being was actually really even ever able to quite properly the'.split(' '),
);
/** Does a denial at the end of a clause take back what stands before it? @param after the words after the denial. */
export function takesBackBefore(after: readonly string[]): boolean {
  const rest = after.filter((w) => !between.has(w));
  return rest.length === 0 || takesBack.has(rest[0]!);
}
