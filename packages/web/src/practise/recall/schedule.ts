/**
 * When a fact comes back: spaced by how well it was known. All on the device, by the name of whoever practises there.
 */
import { createEmptyCard, fsrs, Rating, type Card, type Grade } from 'ts-fsrs';
import { turnOf, type RecallCard, type RecallTopic } from '@kivex/core';

export interface Kept {
  /** By fact: where it stands in the schedule. */
  readonly facts: Readonly<Record<string, Card>>;
  /** Days on which something was answered, `2026-01-31`, in order. */
  readonly days: readonly string[];
  /** Facts begun today, so that no day brings too many new ones. */
  readonly begun: { readonly day: string; readonly n: number };
}
export const nothingKept: Kept = { facts: {}, days: [], begun: { day: '', n: 0 } };
export const newADay = 20;

const scheduler = fsrs({ enable_fuzz: false });

const two = (n: number): string => String(n).padStart(2, '0');
/** The day it is where the device is. */
export const dayOf = (now: Date): string =>
  `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;

export type Known = 'right' | 'partly' | 'wrong';
const ratings: Readonly<Record<Known, Grade>> = {
  right: Rating.Good,
  partly: Rating.Hard,
  wrong: Rating.Again,
};

/** What is kept after an answer to a fact. */
export function answered(kept: Kept, fact: string, known: Known, now: Date): Kept {
  const before = kept.facts[fact];
  const { card } = scheduler.next(before ?? createEmptyCard(now), now, ratings[known]);
  const day = dayOf(now);
  const begun = kept.begun.day === day ? kept.begun.n : 0;
  return {
    facts: { ...kept.facts, [fact]: card },
    days: kept.days.includes(day) ? kept.days : [...kept.days, day],
    begun: { day, n: begun + (before ? 0 : 1) },
  };
}

export interface Due {
  readonly due: number;
  readonly fresh: number;
  /** The card to ask now; undefined where nothing is left for today. */
  readonly next: RecallCard | undefined;
}

/**
 * What is to be asked now: what is due, longest overdue first, then new facts, as many as a day takes. The same fact is asked
 * in other words each time.
 * @param last the fact asked just before, which another goes before if there is one.
 */
export function dueNow(
  deck: readonly RecallCard[],
  kept: Kept,
  now: Date,
  topics: readonly RecallTopic[],
  last?: string,
): Due {
  const byFact = new Map<string, RecallCard[]>();
  for (const card of deck) {
    if (topics.length && !topics.includes(card.topic)) continue;
    const ways = byFact.get(card.fact);
    if (ways) ways.push(card);
    else byFact.set(card.fact, [card]);
  }
  const due: { fact: string; at: number }[] = [];
  const fresh: string[] = [];
  for (const fact of byFact.keys()) {
    const card = kept.facts[fact];
    if (!card) fresh.push(fact);
    else if (new Date(card.due).getTime() <= now.getTime())
      due.push({ fact, at: new Date(card.due).getTime() });
  }
  due.sort((a, b) => a.at - b.at);
  const left = Math.max(0, newADay - (kept.begun.day === dayOf(now) ? kept.begun.n : 0));
  const offered = spread(fresh, (fact) => byFact.get(fact)![0]!).slice(0, left);
  const queue = [...due.map((d) => d.fact), ...offered];
  const fact = queue.find((f) => f !== last) ?? queue[0];
  const ways = fact === undefined ? [] : byFact.get(fact)!;
  return {
    due: due.length,
    fresh: offered.length,
    next: fact === undefined ? undefined : ways[(kept.facts[fact]?.reps ?? 0) % ways.length],
  };
}
/**
 * New facts from all over the deck rather than one test after the other, those that tell something sooner; the same order
 * each time.
 */
function spread(facts: readonly string[], cardOf: (fact: string) => RecallCard): readonly string[] {
  const hash = (text: string): number => {
    let h = 0;
    for (const c of text) h = (Math.imul(h, 31) + c.charCodeAt(0)) >>> 0;
    // The last letters move the low bits alone: mixed over all of them.
    h = Math.imul(h ^ (h >>> 16), 0x45d9f3b) >>> 0;
    return (h ^ (h >>> 16)) >>> 0;
  };
  const turns = new Map(facts.map((fact) => [fact, turnOf(cardOf(fact), hash(fact) / 2 ** 32)]));
  return [...facts].sort((a, b) => turns.get(a)! - turns.get(b)!);
}

/** Days kept up, to today or yesterday; a missed day is forgiven once in seven. */
export function streakOf(days: readonly string[], now: Date): number {
  const done = new Set(days);
  const back = (n: number) => dayOf(new Date(now.getFullYear(), now.getMonth(), now.getDate() - n));
  let streak = 0;
  let sinceForgiven = 6;
  for (let n = done.has(back(0)) ? 0 : 1; ; n += 1) {
    if (done.has(back(n))) {
      streak += 1;
      sinceForgiven += 1;
    } else if (sinceForgiven >= 6 && done.has(back(n + 1))) sinceForgiven = 0;
    else return streak;
  }
}

const key = (name: string, syllabus: string): string =>
  `kivex-recall-${syllabus}-${name.trim().toLowerCase()}`;
/** What this device has kept; nothing where it has none or cannot be read. */
export function readKept(name: string, syllabus: string): Kept {
  try {
    const raw = JSON.parse(localStorage.getItem(key(name, syllabus)) ?? 'null') as Partial<Kept> | null;
    if (!raw || typeof raw.facts !== 'object' || !Array.isArray(raw.days)) return nothingKept;
    return { ...nothingKept, ...raw } as Kept;
  } catch {
    return nothingKept;
  }
}
/** @returns false where the device keeps nothing. */
export function writeKept(name: string, syllabus: string, kept: Kept): boolean {
  try {
    localStorage.setItem(key(name, syllabus), JSON.stringify(kept));
    return true;
  } catch {
    return false;
  }
}
