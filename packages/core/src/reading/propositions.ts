/**
 * What an explanation says of what: who does it, to what, and whether it is denied, a purpose, or prevented. "It absorbs
 * the lilac" and "it absorbs the yellow" hold the same kind of words; only this tells them apart.
 */
import { clausesIn } from './clauses.js';
import { denialAt } from './denials.js';
import { inNames } from './formula-words.js';
import { keptByText } from './kept.js';
import { readingsOf } from './lattice.js';
import { standingOf } from './lexicon.js';
import { tokensOf } from './tokens.js';
import { whatStands } from './what-stands.js';

const things = {
  carbonate: /^(?:hydrogen)?carbonates?$/,
  sulfite: /^sulfites?$/,
  hydroxide: /^hydroxides?$/,
  chloride: /^chlorides?$/,
  chlorine: /^chlorine$/,
  sulfate: /^sulfates?$/,
  nitrate: /^nitrates?$/,
  halide: /^(?:halides?|bromides?|iodides?)$/,
  silver: /^silver$/,
  barium: /^barium$/,
  sodium: /^sodium$/,
  potassium: /^potassium$/,
  iron2: /^iron2$/,
  iron3: /^iron3$/,
  irons: /^irons$/,
  iron: /^iron$/,
  air: /^(?:air|oxygen|atmosphere)$/,
  acid: /^acids?$/,
  water: /^(?:water|moisture|wet|damp)$/,
  gas: /^(?:gas|gases|gasses|ammonia|fumes?|vapours?)$/,
  dioxide: /^dioxide$/,
  litmus: /^(?:litmus|paper|indicator|dye)$/,
  yellow: /^(?:yellow|orange)$/,
  lilac: /^(?:lilac|purple|violet)$/,
  colour: /^colours?$/,
  layer: /^(?:layers?|coats?|coating|barrier|film|crust|shell|skin)$/,
  marble: /^(?:marble|chips?|lumps?)$/,
  precipitate: /^(?:ppts?|precipitates?|precipitation|solids?)$/,
  previous:
    /^(?:previous|old|last|before|leftover|residue|traces?|contamination|contaminants?|impurit(?:y|ies))$/,
  soluble: /^(?:aluminium|zinc|lead|amphoteric)$/,
  lasting: /^(?:magnesium|calcium)$/,
} as const;
const acts = {
  remove:
    /^(?:remov\w*|rid|destroy\w*|decompos\w*|eliminat\w*|neutrali[sz]\w*|kill\w*|break\w*|drives?|clears?|lose|loses|tak(?:e|es|en|ing)|took|gets?out|cleans?)$/,
  react: /^react\w*$/,
  prevent: /^(?:stop\w*|prevent\w*|avoid\w*|without|rather|instead|keeps?|halts?)$/,
  form: /^(?:form\w*|mak(?:e|es|ing)|produc\w*|precipitat(?:e|es|ing|ed)|appear\w*|ppts?)$/,
  show: /^(?:show\w*|see|seen|seeing|observe\w*|visible|detect\w*|notice\w*|identify|reveals?|obvious|view)$/,
  dissolve: /^(?:dissolv\w*|redissolv\w*|soluble|disappear\w*|vanish\w*)$/,
  insoluble: /^(?:insoluble|stays?|remains?|undissolved)$/,
  oxidise: /^oxidi[sz]\w*$/,
  reduce: /^reduc\w*$/,
  become: /^(?:becom\w*|became|turn\w*|chang\w*|convert\w*|goes|go|went|into|to)$/,
  contain: /^(?:contain\w*|has|have|had|got|includ\w*|is|are)$/,
  add: /^(?:add\w*|introduc\w*|provid\w*|suppl\w*|bring\w*|gives?|releas\w*|put)$/,
  block:
    /^(?:filter\w*|block\w*|absorb\w*|cuts?|cutting|hid\w*|cancel\w*|mask\w*|screen\w*|obscur\w*|drown\w*|overpower\w*|cover\w*|swamp\w*)$/,
  pass: /^(?:lets?|letting|allow\w*|transmit\w*|pass\w*)$/,
  harm: /^(?:toxic|poison\w*|harm(?!less)\w*|hazard\w*|danger\w*|noxious|lethal|deadly)$/,
  breathe: /^(?:breath\w*|inhal\w*)$/,
} as const;
export type Thing = keyof typeof things;
export type Act = keyof typeof acts;

export interface Proposition {
  readonly subject: readonly Thing[];
  readonly act: Act;
  readonly object: readonly Thing[];
  /** Denied, or said to be prevented. */
  readonly denied: boolean;
  /** Said as what the step is for: "so that …", "to …". */
  readonly purpose: boolean;
  /** "would", "could", "otherwise", "if": what happens where the step is left out. */
  readonly otherwise: boolean;
}
export interface Explanation {
  readonly propositions: readonly Proposition[];
  /** All words, spelling mended, species named. */
  readonly words: string;
  /** Words the reading does not know. */
  readonly unknown: number;
  readonly blank: boolean;
}

const tagOf = <T extends string>(table: Readonly<Record<T, RegExp>>, word: string): T | undefined => {
  for (const tag in table) if (table[tag].test(word)) return tag;
  return undefined;
};
const boundary =
  /^(?:because|cos|coz|cuz|bc|since|so|which|who|otherwise|if|when|while|unless|therefore|hence|meaning|after|as)$/;
const beforeNoun = /^(?:a|an|the|any|no|another|white|cream|yellow|coloured|insoluble|false|same|similar)$/;
const passiveBefore = /^(?:is|are|was|were|get|gets|got|be|been|being|getting)$/;
const wouldWords = /^(?:would|could|might|may|will|otherwise|if)$/;

function propositionsOf(words: readonly string[], purposeBefore: boolean): Proposition[] {
  const out: Proposition[] = [];
  let subject: Thing[] = [];
  let last:
    | { act: Act; subject: Thing[]; object: Thing[]; denied: boolean; purpose: boolean; passive: boolean }
    | undefined;
  let denied = false;
  let prevented = false;
  let purpose = purposeBefore;
  const otherwise = words.some((w) => wouldWords.test(w));
  const close = () => {
    if (!last) return;
    const { act, passive, object } = last;
    // "carbonates are removed by the acid": what is acted on stands first.
    out.push({
      act,
      subject: passive ? object : last.subject,
      object: passive ? last.subject : object,
      denied: last.denied,
      purpose: last.purpose,
      otherwise,
    });
    last = undefined;
  };
  for (let i = 0; i < words.length;) {
    const word = words[i]!;
    const denial = denialAt(words, i);
    if (denial.length) {
      if (denial.denies && word === 'no' && last && !last.object.length) last.denied = true;
      else if (denial.denies) denied = true;
      i += denial.length;
      continue;
    }
    if (
      word === 'to' &&
      /^(?:see|show|make|form|help|remove|stop|prevent|get|react|dissolve|add|let|avoid|filter|block|detect|identify|destroy|eliminate|neutralise|keep|provide|precipitate|test|allow|cut|absorb|tell|break)$/.test(
        words[i + 1] ?? '',
      )
    ) {
      purpose = true;
      i += 1;
      continue;
    }
    const act = tagOf(acts, word);
    const thing = tagOf(things, word);
    // "A white precipitate" and "a carbonate precipitate" are things; what carbonates do, and "carbonate precipitates", are not.
    const noun =
      /^(?:ppts?|precipitates?)$/.test(word) &&
      (beforeNoun.test(words[i - 1] ?? '') ||
        (word !== 'precipitates' && /^(?:carbonate|chloride|sulfate)$/.test(words[i - 1] ?? '')));
    const isVerb =
      act &&
      !noun &&
      !(
        act === 'become' &&
        (word === 'to' || word === 'into') &&
        last?.act !== 'oxidise' &&
        last?.act !== 'reduce' &&
        last?.act !== 'become' &&
        !subject.length
      );
    if (
      isVerb &&
      !(
        act === 'contain' &&
        last === undefined &&
        !subject.length &&
        word !== 'contains' &&
        word !== 'contain' &&
        word !== 'has' &&
        word !== 'have'
      )
    ) {
      const helper =
        act === 'contain' &&
        /^(?:is|are|has|have|had)$/.test(word) &&
        tagOf(acts, words[i + 1] ?? '') !== undefined;
      if (!helper) {
        // "Get rid of" is what one does.
        const passive =
          passiveBefore.test(words[i - 1] ?? '') && /(?:ed|en|id|out)$/.test(word) && word !== 'rid';
        const own = last ? (last.object.length ? last.object : last.subject) : subject;
        if (last?.act === 'prevent') prevented = true;
        const carry = [...own];
        close();
        last = {
          act,
          subject: carry.length ? carry : subject,
          object: [],
          denied: denied || prevented,
          purpose,
          passive,
        };
        if (act !== 'prevent' && !prevented) denied = false;
        subject = [];
      }
    } else if (thing) {
      if (last) last.object.push(thing);
      else subject.push(thing);
    }
    i += 1;
  }
  close();
  return out;
}

/** The readings of an explanation, likeliest first. */
export const explanationsOf = keptByText((answer): readonly Explanation[] =>
  readingsOf(tokensOf(inNames(answer))).map(({ tokens }) => explanationIn(tokens)),
);

function explanationIn(tokens: readonly string[]): Explanation {
  const { clauses } = whatStands(clausesIn(tokens));
  const propositions: Proposition[] = [];
  let unknown = 0;
  for (const clause of clauses) {
    let part: string[] = [];
    let purpose = false;
    const flush = (next: boolean) => {
      propositions.push(...propositionsOf(part, purpose));
      part = [];
      purpose = next;
    };
    for (const word of clause.words) {
      if (standingOf(word) === 'unknown' && !/\d/.test(word)) unknown++;
      if (boundary.test(word)) flush(word === 'so');
      else part.push(word);
    }
    flush(false);
  }
  const words = clauses.map((c) => c.words.join(' ')).join(' ; ');
  return { propositions, words, unknown, blank: clauses.length === 0 };
}
