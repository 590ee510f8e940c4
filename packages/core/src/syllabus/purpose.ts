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
  /**
   * What must be said for the words that earn to be sure of their direction: one of these holds, or a person looks. Left out
   * where the words alone cannot be turned round.
   */
  readonly supports?: readonly ((said: Proposition, all: Explanation) => boolean)[];
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

const culprits = ['carbonate', 'sulfite', 'hydroxide'] as const;

/** Why acid goes in first, before silver or before barium alike. */
export const carbonateFirst: Pick<Purpose, 'earns' | 'review' | 'wrong' | 'supports'> = {
  supports: [
    // It goes: by the acid, by itself, or kept from falling out.
    (p) =>
      (p.act === 'remove' ||
        p.act === 'react' ||
        p.act === 'dissolve' ||
        p.act === 'prevent' ||
        p.act === 'become') &&
      !p.denied &&
      has(p.object, ...culprits) &&
      !has(p.subject, 'silver', 'barium', 'halide', 'chloride', 'sulfate'),
    (p) =>
      (p.act === 'react' || p.act === 'remove' || p.act === 'dissolve' || p.act === 'become') &&
      !p.denied &&
      has(p.subject, ...culprits),
    // Left there, it falls out too.
    (p) =>
      (p.act === 'form' ||
        p.act === 'show' ||
        p.act === 'add' ||
        p.act === 'insoluble' ||
        p.act === 'contain') &&
      !p.purpose &&
      !p.denied &&
      has(p.subject, ...culprits),
    // So that it does not.
    (p, { words }) => p.denied && (p.purpose || /\bso\b/.test(words)) && has(bothSides(p), ...culprits),
    // In the way, taken for something else, or not there.
    (_, { words }) =>
      !carbonate.test(words) ||
      /\b(?:interfer\w*|mistak\w*|confus\w*|false|falsely|mess\w*|fool\w*|mislead\w*|think|thought|looks? like|spoil\w*|contaminat\w*|impurit\w*|also|too|as well)\b/.test(
        words,
      ) ||
      /\b(?:no|not|without|nor) (?:\w+ ){0,2}(?:carbonates?|sulfites?|hydroxides?)\b/.test(words) ||
      /\b(?:if (?:there (?:was|is|were) )?(?:any )?|uses? up (?:the |any )?|fizz\w*(?: off| away)? (?:the |any )?)(?:carbonates?|sulfites?)\b/.test(
        words,
      ) ||
      /\b(?:carbonates?|sulfites?)\b(?: \w+){0,4} (?:gone|goes|leaves?|destroyed|used up|gas|dioxide)\b/.test(
        words,
      ) ||
      /\b(?:otherwise|else|could|would|might|if you did not)\b.*\b(?:carbonates?|sulfites?|hydroxides?)\b/.test(
        words,
      ),
  ],
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
      /\b(?:halides?|chlorides?|bromides?|iodides?|sulfates?)(?: (?!carbonates?\b|sulfites?\b|hydroxides?\b|not\b)\w+| ;){0,9} (?:(?:mistaken|confused|taken|mixed up) (?:for|as|with)|looks? like|was|is|were)(?: (?:a|the|silver|barium|really))* (?:carbonates?|sulfites?)\b/.test(
        words,
      ) ||
      /\b(?:due to|from|because of|is) (?:the )?(?:carbonates?|sulfites?)(?: ;)? (?:and )?(?:not|rather than) (?:the )?(?:halides?|chlorides?|bromides?|iodides?|sulfates?)\b/.test(
        words,
      ),
    // Without it something would be amiss: it is not wanted.
    (_, { words }) =>
      /\bif (?:\w+ ){0,3}no (?:carbonates?|sulfites?)\b(?! (?:\w+ ){0,2}(?:you|only|then))/.test(words),
    // To bring what is tested for, or to make something else of it.
    (p) =>
      p.purpose &&
      !p.denied &&
      !p.otherwise &&
      (p.act === 'add' || p.act === 'form') &&
      has(p.object, 'chloride', 'halide', 'sulfate') &&
      !has(bothSides(p), 'precipitate', ...culprits),
    (p) =>
      p.act === 'become' &&
      !p.denied &&
      has(p.object, 'chloride', 'halide', 'sulfate') &&
      !has(p.subject, ...culprits),
    // It is no test for carbonate.
    (_, { words }) => /\b(?:carbonate|sulfite) (?:ion )?test\b/.test(words),
    // What is tested for, in one list with what is to go.
    (_, { words }) =>
      /\b(?:carbonates?|sulfites?|hydroxides?)(?: ions?)? (?:and|or|;) (?:the |any )?(?:halides?|chlorides?|sulfates?)\b/.test(
        words,
      ) && /\b(?:remov\w*|rid|destroy\w*|away|interfer\w*|false|also|too|as well)\b/.test(words),
    (_, { words }) =>
      /\b(?:such as|(?<!looks? )like) (?:the |silver |barium )?(?:halides?|chlorides?|sulfates?)\b/.test(
        words,
      ) && /\b(?:remov\w*|rid|interfer\w*|destroy\w*|ppts?|precipitates?)\b/.test(words),
    // "So you know the precipitate is carbonate": the one it must not be.
    (_, { words }) =>
      /\bso (?:that )?(?:you|we|they|i|people) (?:\w+ ){0,2}(?:know|tell|see|sure|certain)\b[^;]*\b(?:is|are|was|its) (?:a |the |really |actually |only |just )*(?:carbonate|sulfite|hydroxide)s?\b/.test(
        words,
      ),
    // "Nothing else but carbonate": the one it must not be.
    (_, { words }) =>
      /\b(?:only|nothing (?:else )?(?:but|except|other than|;)|no (?:other|others) (?:\w+ )?(?:but|except)|except) (?:for |from )?(?:the |a )?(?:carbonates?|sulfites?|hydroxides?)\b(?! (?:and|but|is|are|would|could|was|were) (?:gone|removed|not))/.test(
        words,
      ),
    // It makes nothing of what is tested for, and is not wanted.
    (p, { words }) =>
      p.act === 'form' &&
      !p.denied &&
      has(p.subject, 'carbonate', 'sulfite', 'hydroxide') &&
      has(p.object, 'halide', 'chloride', 'sulfate', 'silver') &&
      /\b(?:carbonates?|sulfites?|hydroxides?)(?: ions?)? (?:\w+ ){0,1}(?:makes?|helps?|lets?|gets?|causes?)\b/.test(
        words,
      ) &&
      /\b(?:halides?|chlorides?|sulfates?|bromides?|iodides?)\b/.test(words),
    (_, { words }) =>
      /\b(?:halides?|chlorides?|sulfates?) impurit|\b(?:think|thought) (?:its|it is|it was|that it is) (?:a |silver |barium )?(?:carbonate|sulfite)/.test(
        words,
      ),
    (_, { words }) =>
      /\b(?:carbonates?|sulfites?|hydroxides?)(?: ions?)? (?:is|are) (?:needed|wanted|required|important|essential)\b/.test(
        words,
      ),
    // So that it may meet the silver or barium.
    (p) =>
      p.act === 'react' &&
      p.purpose &&
      !p.denied &&
      !p.otherwise &&
      has(p.subject, 'carbonate', 'sulfite', 'hydroxide') &&
      has(p.object, 'silver', 'barium'),
    // What falls out is what it must not be, without an "otherwise".
    (_, { words }) =>
      /\b(?:ppts?|precipitates?|solids?|white|one)\b(?: (?!not\b|could\b|might\b|would\b|may\b)\w+){0,4} (?:must be|has to be|have to be|can only be|will be|is definitely|is really|has got to be) (?:a |the |from )*(?:silver |barium )?(?:carbonates?|sulfites?|hydroxides?)\b/.test(
        words,
      ) && !/\b(?:otherwise|without|if not|unless)\b/.test(words),
    // It is in the way by falling out too, not by keeping anything from falling out.
    (p, { words }) =>
      (p.act === 'prevent' || p.act === 'block') &&
      !p.denied &&
      has(p.subject, 'carbonate', 'sulfite', 'hydroxide') &&
      has(p.object, 'precipitate', 'chloride', 'halide', 'sulfate') &&
      !/\b(?:see\w*|visible|notic\w*|identif\w*|detect\w*|tell\w*|hid\w*|mask\w*)\b/.test(words),
    (p) => p.act === 'dissolve' && has(p.subject, 'carbonate') && has(p.object, 'acid'),
    // The acid leaves the carbonate alone.
    (p) =>
      p.denied &&
      (p.act === 'remove' || p.act === 'react' || p.act === 'dissolve') &&
      has(p.object, 'carbonate') &&
      !has(p.subject, 'silver', 'barium'),
    (p) =>
      p.act === 'prevent' && has(p.object, 'chloride', 'sulfate', 'halide') && !has(p.object, 'carbonate'),
  ],
  earns: [
    [carbonate, removes],
    [/\bno (?:more )?(?:carbonates?|sulfites?|hydroxides?)\b/, /./],
    [carbonate, falsely],
    [carbonate, precipitates],
    [carbonate, /\b(?:gas|dioxide)\b/],
    // "So only halides give a precipitate".
    [
      /\b(?:only|nothing (?:else )?(?:but|except|;)|nothing else apart from)\b(?: \w+){0,5} (?:halides?|chlorides?|sulfates?)\b|\bonly (?:halides?|chlorides?|sulfates?)\b/,
      /\b(?:ppts?|precipitat\w*|white|solids?|left)\b/,
    ],
    [
      /\b(others?|impurit\w*|contaminat\w*|unwanted|(?:any|every)thing else|something else)\b.*\b(ppt\w*|precipitat\w*|solids?|false|interfer\w*|affect\w* the (?:result|test))/,
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
export const ownIonWrong = (ion: 'chloride' | 'sulfate'): NonNullable<Purpose['wrong']> => [
  // It is another ion that it brings, or what the acid is for.
  (_, { words }) =>
    new RegExp(
      `\\b(?:has|got|contains?|of the|gives?|adds?) (?:the |some )?${ion === 'sulfate' ? 'chlorides?' : 'sulfates?'}\\b`,
    ).test(words) && !new RegExp(`\\b${ion}s?\\b`).test(words),
  // Another acid has it: "hydrochloric acid has sulfate".
  (_, { words }) =>
    new RegExp(
      `\\b${ion === 'sulfate' ? '(?:hydrochloric|nitric|hydrogen chloride|hcl|hno3)' : '(?:nitric|sulfuric|hno3|h2so4)'}(?: acid)? (?:has|have|contains?|is|gives?|adds?|brings?)(?: (?:a|an|the|some))? ${ion}`,
    ).test(words),
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
