/** The words of an explanation with their spelling mended, for patterns to be found in. */
import { inOneForm, longestAnswer } from './tokens.js';
import { plainWords } from './plain-words.js';
import { speller } from './spelling.js';

/** Words explanations turn on; misspellings are mended to these. */
const vocabulary =
  `carbonate carbonates sulfite sulfites hydroxide hydroxides phosphate chloride chlorides sulfate sulfates nitrate bromide iodide barium silver calcium
  aluminium magnesium potassium sodium zinc copper lithium precipitate precipitates precipitation insoluble soluble dissolve dissolves dissolved dissolving redissolve redissolves
  remove removes removed removing react reacts reaction reacting neutralise neutralises impurity impurities contaminate contaminates contaminated contamination interfere interferes interfering
  false positive result results wrong white always contain contains containing introduce introduces coating coats coated layer covers covered prevents stops oxidised oxidises oxidise oxidized oxidation oxygen
  filter filters filtered absorb absorbs absorbed block blocks blocked yellow lilac toxic poisonous harmful fumes breathe breathing inhale inhaling hazardous dangerous distinguish differentiate identify
  alkaline alkali acidic water litmus solution flame colour residue previous sample disappear disappears disappeared otherwise decompose decomposes eliminate eliminates masks mask hides marble chips barrier surface amphoteric`.split(
    /\s+/,
  );
const spelling = speller(
  vocabulary.filter((w) => w.length > 4),
  plainWords,
);
const kept = new Map<string, string>();

/** An explanation as one line of mended words. */
export function explanationWords(answer: string): string {
  const text = inOneForm(answer.slice(0, longestAnswer))
    .replace(/sulph/g, 'sulf')
    .replace(/\b(iron)\s*;?\s*(ii|iii)\b/g, '$1 $2');
  const words = text.match(/[\p{L}\p{N}]+/gu) ?? [];
  return words
    .map((word) => {
      let mended = kept.get(word);
      if (mended === undefined) {
        mended = word.length < 5 ? word : (spelling.read(word) ?? word);
        if (kept.size > 20_000) kept.clear();
        kept.set(word, mended);
      }
      return mended;
    })
    .join(' ');
}
