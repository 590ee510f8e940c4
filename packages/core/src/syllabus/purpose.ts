/** What the record of a purpose is, and what several purposes share: patterns of words, and ways to have it the wrong way round. */
import type { Explanation, Proposition, Thing } from '../reading/propositions.js';

/** A step whose reason is marked. Words of answers are lower case, spelling mended, "n't" written as "not". */
export type PurposeId =
  | 'acid-before-silver-nitrate'
  | 'acid-before-barium-chloride'
  | 'not-sulfuric-acid'
  | 'not-sulfuric-acid-on-marble'
  | 'not-hydrochloric-acid'
  | 'damp-litmus'
  | 'clean-wire'
  | 'fresh-iron-sulfate'
  | 'blue-glass'
  | 'excess-hydroxide'
  | 'fume-cupboard';

export interface Purpose {
  readonly id: PurposeId;
  /** The question whose answer is marked. */
  readonly question: string;
  /** The reason in one sentence, shown where the answer misses it. */
  readonly reason: string;
  /** An answer earns when every pattern of any one list is found. */
  readonly earns: readonly (readonly RegExp[])[];
  /** Vague answers a person decides on. */
  readonly review?: readonly (readonly RegExp[])[];
  /** What the reason is about: an answer that speaks of it and earns nothing may have it right in other words. */
  readonly key: RegExp;
  /** Found anywhere, these take the point away. */
  readonly spoilt?: readonly RegExp[];
  /** What is said the wrong way round, or of the wrong thing, takes it away too. */
  readonly wrong?: readonly ((said: Proposition, all: Explanation) => boolean)[];
}

const carbonate =
  /\b(carbonates?|(?:ag2|ba|ca|na2)?co3\w*|(?:ba|ag2)so3|hydrogencarbonates?|sulfites?|so3\w*|hydroxides?|oh|phosphates?)\b/;
const removes =
  /\b(remov\w*|get\w* rid|gets rid|got rid|destroy\w*|decompos\w*|eliminat\w*|react\w*|neutrali\w*|fizz\w*|break\w*|take\w* (?:away|out)|dissolv\w*|clear\w*|stop\w*|prevent\w*|interfer\w*|kill\w*|use\w* up|drive\w* off|lose|away|out)\b/;
const falsely =
  /\b(false|falsely|wrong\w*|interfer\w*|confus\w*|mistak\w*|misleading|mess\w*|incorrect\w*|also (?:give|form|make|produce|react|precipitate)\w*|look\w* like|think|thought|believe|seem\w*|too|invalid|as well|same)\b/;
const precipitates =
  /\b(ppt\w*|precipitat\w*|solid|insoluble|white|positive|result|silver carbonate|barium carbonate|barium sulfite|silver hydroxide|silver oxide)\b/;
export const chlorideIons = /\b(chlorides?|cl|chloride ions?)\b/;
export const sulfateIons = /\b(sulfates?|sulphates?|so4\w*)\b/;
export const otherIons =
  /\b(other|another|any|anything|whatever|different|unwanted|contaminat\w*|impurit\w*|previous|last|old|leftover|left over|residue\w*|traces?|interfer\w*|substances?|metals?|ions?|chemicals?|salts?|compounds?|sodium|bits)\b/;
export const poison =
  /\b(toxic|poison\w*|harm\w*|hazardous|dangerous (?:gas|fumes?|vapours?|to breath\w*)|breath\w*|inhal\w*|lungs?|chok\w*|asthma|irritat\w*|noxious|lethal|deadly|suffocat\w*|respirat\w*|flammable vapour|not (?:\w+ )?(?:harmless|safe))\b/;

export const has = (list: readonly Thing[], ...of: readonly Thing[]): boolean =>
  of.some((t) => list.includes(t));
export const bothSides = (p: Proposition): readonly Thing[] => [...p.subject, ...p.object];
const wanted = ['chloride', 'halide', 'sulfate', 'nitrate', 'silver', 'barium', 'dioxide'] as const;

/** Why acid goes in first, before silver or before barium alike. */
export const carbonateFirst: Pick<Purpose, 'earns' | 'review' | 'wrong'> = {
  wrong: [
    // The acid would take away the very ions that are tested for.
    (p) =>
      (p.act === 'remove' || p.act === 'react') &&
      !p.denied &&
      p.purpose &&
      has(p.object, ...wanted) &&
      !has(p.object, 'carbonate', 'sulfite', 'hydroxide', 'previous') &&
      !has(p.subject, 'carbonate', 'sulfite'),
    (p) =>
      p.act === 'remove' &&
      !p.denied &&
      has(p.object, 'chloride', 'halide', 'sulfate') &&
      !has(p.object, 'carbonate', 'sulfite', 'hydroxide'),
    // So that the carbonate shows, forms or stays.
    (p) =>
      p.purpose &&
      !p.denied &&
      (p.act === 'show' || p.act === 'form' || p.act === 'add') &&
      has(bothSides(p), 'carbonate', 'sulfite') &&
      !p.otherwise,
    (p) => p.act === 'insoluble' && !p.denied && p.purpose && has(p.subject, 'carbonate'),
    // What is tested for, taken for what it must not be.
    (_, { words }) =>
      /\b(?:halides?|chlorides?|bromides?|iodides?|sulfates?)(?: (?!carbonates?\b)\w+){0,4} (?:mistaken|confused|taken|mixed up) (?:for|as|with) (?:a |the )?(?:carbonates?|sulfites?)\b/.test(
        words,
      ),
    // "So you know the precipitate is carbonate": the one it must not be.
    (_, { words }) =>
      /\bso (?:that )?(?:you|we|they|i|people) (?:\w+ ){0,2}(?:know|tell|see|sure|certain)\b[^;]*\b(?:is|are|was|its) (?:a |the |really |actually |only |just )*(?:carbonate|sulfite|hydroxide)s?\b/.test(
        words,
      ),
    (p) => p.act === 'dissolve' && has(p.subject, 'carbonate') && has(p.object, 'acid'),
    // The acid leaves the carbonate alone.
    (p) =>
      p.denied &&
      (p.act === 'remove' || p.act === 'react' || p.act === 'dissolve') &&
      has(p.object, 'carbonate') &&
      !has(p.subject, 'silver', 'barium'),
    (p) => p.act === 'add' && p.purpose && !p.denied && has(p.object, 'carbonate', 'sulfite'),
    (p) =>
      p.act === 'prevent' && has(p.object, 'chloride', 'sulfate', 'halide') && !has(p.object, 'carbonate'),
  ],
  earns: [
    [carbonate, removes],
    [/\bno (?:more )?(?:carbonates?|sulfites?|hydroxides?)\b/, /./],
    [carbonate, falsely],
    [carbonate, precipitates],
    [
      /\b(other|impurit\w*|contaminat\w*|unwanted)\b.*\b(ppt\w*|precipitat\w*|false|interfer\w*|affect\w* the (?:result|test))/,
      /./,
    ],
    [/\b(stop|prevent|avoid)\w*\b.*\b(false|other|wrong)\b.*\b(positive|ppt\w*|precipitat\w*|result)/, /./],
  ],
  review: [
    [/\bfalse (?:positive|result)/],
    [/\b(remov\w*|rid)\b.*\b(impurit\w*|other ions|contaminat\w*|interfering)/],
  ],
};

/** Why an acid with the ion that is tested for is not taken: it brings the ion; all else is the wrong way round. */
export const ownIonWrong = (ion: Thing): NonNullable<Purpose['wrong']> => [
  (p) => p.denied && (p.act === 'contain' || p.act === 'add') && has(p.object, ion),
  (p) => p.act === 'remove' && has(p.object, ion),
  // Too little of it, rather than any at all.
  (_, { words }) =>
    new RegExp(
      `\\b(?:less|fewer|too little|not enough|lacks?|lacking|hardly any|low in) (?:\\w+ ){0,1}${ion}`,
    ).test(words),
  (_, { words }) =>
    new RegExp(`\\b(?:no|not any|not have|not contain|without|not got) (?:any |the )?${ion}`).test(words) &&
    !/\bsample\b/.test(words),
  (p) => p.act === 'prevent' && has(p.object, ion, 'precipitate'),
  (p) => p.denied && p.act === 'form' && has(bothSides(p), ion, 'precipitate'),
  (p) => p.act === 'dissolve' && has(bothSides(p), ion, 'precipitate'),
  // With the ion in the sample it does nothing.
  (p, { words }) =>
    p.act === 'react' &&
    has(p.object, ion) &&
    !has(p.object, 'silver', 'barium') &&
    !/silver|barium|ppt|precipit|contain|has|add/.test(words),
  // The element is not the ion.
  (_, { words }) =>
    ion === 'chloride'
      ? /\bchlorine\b/.test(words) && !/\bchloride/.test(words)
      : /\bsulfur\b(?! dioxide)/.test(words) && !/\bsulfate/.test(words),
];
