/** A teacher's set of questions: drawn from a deck by what it is about, the same on every device for the same number. */
import { seededRandom } from '../numbers/random.js';
import { strictnesses, type Strictness } from '../syllabus/syllabus-definition.js';
import type { RecallCard } from './deck.js';
import { recallTopics, type RecallTopic } from './topics.js';

export interface QuestionSet {
  /** Id of the syllabus. */
  readonly syllabus: string;
  /** All where empty. */
  readonly topics: readonly RecallTopic[];
  /** A test's id; any where empty. */
  readonly test: string;
  /** Ions, gases and metals; all where empty. */
  readonly about: readonly string[];
  /** Questions at most. */
  readonly n: number;
  readonly seed: number;
  /** How strictly it is marked; as the syllabus has it where absent. */
  readonly strictness?: Strictness;
}

/** Questions of a set at most. */
export const mostInSet = 60;

/** How much more seldom what is usual is asked than what tells something. */
const seldom = 8;
/**
 * When a card has its turn, the smaller the sooner: by chance, each weighing what it is worth asking.
 * @param chance from 0 up to 1. Weighted drawing by exponential keys (Efraimidis and Spirakis, 2006).
 */
export const turnOf = ({ usual }: Pick<RecallCard, 'usual'>, chance: number): number =>
  -Math.log(1 - chance) * (usual ? seldom : 1);

/** The questions of a set: what tells something rather than what is usual, no fact twice, the same for the same number. */
export function drawnSet(
  deck: readonly RecallCard[],
  { topics, test, about, n, seed }: Pick<QuestionSet, 'topics' | 'test' | 'about' | 'n' | 'seed'>,
): RecallCard[] {
  const fits = deck.filter(
    (c) =>
      (!topics.length || topics.includes(c.topic)) &&
      (!test || c.test === test) &&
      (!about.length || (c.species !== null && about.includes(c.species))),
  );
  const random = seededRandom(Math.imul(seed, 0x9e3779b1));
  const mixed = fits.map((card) => ({ card, at: turnOf(card, random()) })).sort((a, b) => a.at - b.at);
  const seen = new Set<string>();
  return mixed.flatMap(({ card }) => (seen.has(card.fact) ? [] : (seen.add(card.fact), [card]))).slice(0, n);
}

/** A set as the search part of an address. */
export function setInAddress({ syllabus, topics, test, about, n, seed, strictness }: QuestionSet): string {
  return new URLSearchParams({
    set: String(seed),
    syllabus,
    n: String(n),
    ...(topics.length ? { topics: topics.join(' ') } : {}),
    ...(test ? { test } : {}),
    ...(about.length ? { about: about.join(' ') } : {}),
    ...(strictness ? { marked: strictness } : {}),
  }).toString();
}

/** The set an address names; undefined where it names none. What cannot be in it is left out. */
export function setFromAddress(search: URLSearchParams): QuestionSet | undefined {
  const seed = Number(search.get('set') ?? NaN);
  if (!Number.isSafeInteger(seed) || seed < 0) return undefined;
  const n = Number(search.get('n'));
  const words = (key: string) => (search.get(key) ?? '').split(' ').filter(Boolean);
  const strictness = strictnesses.find((s) => s === search.get('marked'));
  return {
    seed,
    syllabus: search.get('syllabus') ?? '',
    n: Number.isInteger(n) && n > 0 ? Math.min(n, mostInSet) : 20,
    topics: recallTopics.filter((t) => words('topics').includes(t)),
    test: search.get('test') ?? '',
    about: words('about'),
    ...(strictness ? { strictness } : {}),
  };
}
