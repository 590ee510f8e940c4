/**
 * What words an answer is made of: every written word, and every two to four in a row, may stand for words of chemistry
 * at a cost (a slip of the hand, of the ear, a short form, two words run together). The cheapest way through the whole
 * answer is its reading; others nearly as cheap are kept beside it.
 */
import { abbreviations } from './abbreviations.js';
import { keptByText } from './kept.js';
import { knownWords, standingOf, termWords, type Standing } from './lexicon.js';
import { denialWords, takesBack } from './denials.js';
import { grammarWords } from './grammar-words.js';
import { alike } from './likeness.js';
import { mishearings } from './mishearings.js';
import { isWord } from './tokens.js';
import { classesOf, keepCompany, type WordClass } from './word-classes.js';

/** What a word costs as it stands. */
const asItStands: Readonly<Record<Standing, number>> = {
  term: 0,
  grammar: 0,
  lesson: 0.05,
  common: 0.7,
  rarer: 1.1,
  unknown: 3,
};
/** What it costs besides to read a word that is one already as another. */
const against: Readonly<Record<Standing, number>> = {
  term: Infinity,
  grammar: Infinity,
  lesson: Infinity,
  common: 1.3,
  rarer: 0.5,
  unknown: 0,
};
const companyGain = 0.6;
/** How much dearer another reading may be and still count. */
const near = 0.45;
const mostReadings = 5;

interface Edge {
  readonly to: number;
  readonly words: readonly string[];
  readonly cost: number;
}
interface Rule {
  readonly heard: readonly string[];
  readonly words: readonly string[];
  readonly beside?: readonly WordClass[] | undefined;
  readonly cost: number;
  readonly short: boolean;
}
const rules = new Map<string, Rule[]>();
const addRule = (heard: string, meant: string, beside: readonly WordClass[] | undefined, short: boolean) => {
  const words = heard.split(' ');
  // Two words that make no sense together and sound like one: hardly anyone means them.
  const cost = beside ? 0.1 : short ? 0.2 : words.length > 1 ? 0 : 0.4;
  rules.set(words[0]!, [
    ...(rules.get(words[0]!) ?? []),
    { heard: words, words: meant.split(' '), beside, cost, short },
  ]);
};
for (const { form, meant, beside } of mishearings) addRule(form, meant, beside, false);
for (const { form, meant, beside } of abbreviations) addRule(form, meant, beside, true);
const meantBy = new Map(abbreviations.map((a) => [a.form, a.meant]));
/** Is this a short form that a full stop may follow without ending anything? */
const isShort = (word: string): boolean => meantBy.has(word) || word === 'sol';

const longWords = knownWords.filter((word) => word.length >= 6);
/** Verbs run together with "not": a slip in one must not turn what an answer says. */
const runTogether: ReadonlyMap<string, readonly string[]> = new Map(
  'does did do could would should was were is has have had are ca wo'
    .split(' ')
    .map((verb) => [`${verb}nt`, [verb === 'ca' ? 'can' : verb === 'wo' ? 'will' : verb, 'not']] as const),
);
const heldTogether = [...grammarWords].filter((word) => word.length >= 5 && !runTogether.has(word));
/** A slip is likelier in what an answer is about than in what holds it together. */
const grammarDearer = 0.3;
const heldSet = new Set(heldTogether);
const spellable = [
  ...new Set([
    ...knownWords,
    ...runTogether.keys(),
    ...[...denialWords].filter((word) => word !== 'unlike'),
    ...takesBack,
    ...heldTogether,
  ]),
];
const likeAny = keptByText((word) => alike(word, spellable), 20_000);
const likeLong = keptByText((word) => alike(word, longWords), 20_000);

/** Classes of the words on either side, short forms by what they mean. */
function besideOf(tokens: readonly string[], from: number, to: number): ReadonlySet<WordClass> {
  const found = new Set<WordClass>();
  const take = (word: string | undefined) => {
    if (word === undefined) return;
    for (const c of classesOf(word)) found.add(c);
    const meant =
      meantBy.get(word) ?? (standingOf(word) === 'unknown' ? likeAny(word)[0]?.word : undefined) ?? '';
    for (const w of meant.split(' ')) for (const c of classesOf(w)) found.add(c);
  };
  for (const step of [-1, 1]) {
    let seen = 0;
    for (
      let k = step < 0 ? from - 1 : to;
      k >= 0 && k < tokens.length && seen < (step < 0 ? 1 : 2);
      k += step
    ) {
      if (!isWord(tokens[k]!)) {
        if (/[;!?\n]/.test(tokens[k]!)) break;
        continue;
      }
      take(tokens[k]);
      seen++;
    }
  }
  return found;
}

/** Two or three known words run together: `whiteppt`, `goescloudy`. */
function splitUp(word: string): readonly string[] | undefined {
  const fits = (part: string) =>
    part.length > 2
      ? termWords.has(part) || standingOf(part) === 'grammar'
      : /^(?:it|in|to|a|no|go)$/.test(part);
  for (let cut = word.length - 2; cut >= 2; cut--) {
    const [a, b] = [word.slice(0, cut), word.slice(cut)];
    if (!fits(a)) continue;
    if (fits(b) && (termWords.has(a) || termWords.has(b))) return [a, b];
    if (b.length > 5) {
      const rest = splitUp(b);
      if (rest) return [a, ...rest];
    }
  }
  return undefined;
}

function edgesFrom(tokens: readonly string[], at: number): Edge[] {
  const word = tokens[at]!;
  const standing = standingOf(word);
  const edges: Edge[] = [{ to: at + 1, words: [word], cost: asItStands[standing] }];
  const fitting = (rules.get(word) ?? []).filter((rule) => {
    if (rule.heard.some((w, k) => tokens[at + k] !== w)) return false;
    if (!rule.beside) return true;
    if (rule.short && word.length > 2 && (tokens.length <= 2 || standing === 'unknown')) return true;
    const company = besideOf(tokens, at, at + rule.heard.length);
    return rule.beside.some((c) => company.has(c));
  });
  // What its company tells beats what it stands for by itself.
  const told = fitting.filter((rule) => rule.beside && rule.heard.length === 1);
  for (const rule of fitting)
    if (rule.beside || !told.length || rule.heard.length > 1)
      edges.push({ to: at + rule.heard.length, words: rule.words, cost: rule.cost });
  // What nobody writes as a word may be a slip; so may a word that is out of place here.
  if (against[standing] < Infinity && !fitting.some((rule) => rule.heard.length === 1)) {
    for (const { word: meant, cost } of likeAny(word))
      edges.push({
        to: at + 1,
        words: runTogether.get(meant) ?? [meant],
        cost: 0.25 + 0.8 * cost + against[standing] + (heldSet.has(meant) ? grammarDearer : 0),
      });
    if (standing === 'unknown' && word.length >= 6) {
      const parts = splitUp(word);
      if (parts) edges.push({ to: at + 1, words: parts, cost: 0.6 });
    }
  }
  // Words torn apart: `sul fate`, `lie lack`.
  let joined = word;
  let odd = standing !== 'term' && standing !== 'grammar';
  for (let n = 2; n <= 4 && at + n <= tokens.length; n++) {
    const next = tokens[at + n - 1]!;
    if (!isWord(next)) break;
    joined += next;
    const other = standingOf(next);
    odd ||= other === 'common' || other === 'rarer' || other === 'unknown';
    if (!odd || joined.length > 18) continue;
    if (standingOf(joined) === 'term' && joined.length > 4)
      edges.push({ to: at + n, words: [joined], cost: 0.3 });
    else if (joined.length >= 6)
      for (const { word: meant, cost } of likeLong(joined).slice(0, 1))
        if (cost <= 1.3 && tokens.slice(at, at + n).every((part) => !termWords.has(part) || part.length <= 4))
          edges.push({ to: at + n, words: [meant], cost: 0.5 + 0.8 * cost });
  }
  return edges;
}

/** One way to read an answer's words; signs stay where they were. */
export interface WordReading {
  readonly tokens: readonly string[];
  readonly cost: number;
}
interface Path {
  readonly cost: number;
  readonly last: string;
  readonly words: readonly string[];
}

/** Does an answer hold nothing but known words that nothing else sounds like? Then it reads as it stands. */
const plainly = (tokens: readonly string[]): boolean =>
  tokens.every((token) => !isWord(token) || (asItStands[standingOf(token)] < 0.5 && !rules.has(token)));

/**
 * The readings of an answer's tokens, cheapest first: one where the words are plain, at most five where they are not.
 * Linear in the length of the answer.
 */
export function readingsOf(written: readonly string[]): readonly WordReading[] {
  const tokens = written.filter(
    (token, i) => !(token === '.' && i > 0 && isShort(written[i - 1]!) && i + 1 < written.length),
  );
  if (plainly(tokens)) return [{ tokens, cost: 0 }];
  const best: Path[][] = Array.from({ length: tokens.length + 1 }, () => []);
  best[0] = [{ cost: 0, last: '', words: [] }];
  const keep = (at: number, path: Path) => {
    const here = best[at]!;
    const same = here.find((p) => p.words.join(' ') === path.words.join(' '));
    if (same && same.cost <= path.cost) return;
    if (same) here.splice(here.indexOf(same), 1);
    here.push(path);
    here.sort((a, b) => a.cost - b.cost);
    if (here.length > mostReadings) here.pop();
  };
  for (let at = 0; at < tokens.length; at++) {
    const sign = !isWord(tokens[at]!);
    const edges = sign ? [{ to: at + 1, words: [tokens[at]!], cost: 0 }] : edgesFrom(tokens, at);
    for (const path of best[at]!)
      for (const edge of edges) {
        const gain = !sign && keepCompany(path.last, edge.words[0]!) ? companyGain : 0;
        keep(edge.to, {
          cost: path.cost + edge.cost - gain,
          last: sign ? (/[,/(]/.test(tokens[at]!) ? path.last : '') : edge.words.at(-1)!,
          words: [...path.words, ...edge.words],
        });
      }
  }
  const ends = best[tokens.length]!;
  const cheapest = ends[0]!.cost;
  return ends
    .filter((path) => path.cost <= cheapest + near)
    .map((path) => ({ tokens: path.words, cost: path.cost }));
}
