/**
 * What an answer still says once its writer has had the last word: what is taken back ("cream.. no wait, white"), what
 * was only expected, written first or said by somebody else ("i thought it would be red but it was green") and what
 * is said of another sample ("not like sodium, which was yellow") is cut out, where something else stands in its place.
 */
import type { Clause } from './clauses.js';
import { phraseAt, type Phrase } from './phrases.js';

/** Things of which only one can be meant: a later one takes the place of an earlier one. */
const families: Readonly<Partial<Record<Phrase['kind'], string>>> = {
  colour: 'colour',
  precipitate: 'solid',
  solution: 'solid',
  cloudy: 'clarity',
  milky: 'clarity',
  clear: 'clarity',
  dissolve: 'excess',
  insoluble: 'excess',
  disappear: 'excess',
  stays: 'excess',
  fizz: 'fizz',
  lit: 'splint',
  glowing: 'splint',
  pop: 'splint result',
  relight: 'splint result',
  out: 'splint result',
  brighter: 'splint result',
  damp: 'damp',
  dry: 'damp',
  hot: 'warmth',
  cold: 'warmth',
  vigorous: 'rate',
  steady: 'rate',
  slow: 'rate',
  pungent: 'smell',
  odourless: 'smell',
  bleach: 'colour',
  nothing: 'nothing',
};
const markers =
  `no wait|wait no|oh wait no|oh wait|oh no|oh no wait|no actually|actually no|no sorry|sorry no|scrap that|crossed out|crossed that out|crossed it out|struck out|strike that|ignore that|forget that|delete that|cross that out|not that|
  i mean|i meant|no i mean|no i meant|meant to say|mean to say|meant to put|sorry i mean|sorry i meant|sorry|whoops|oops|correction|edit|or rather|make that|should say|my mistake|my bad|nope|no no|hang on|hold on|hang on no|wait|no its|no it is|no it was|no it|no thats wrong|thats wrong|changed my mind|on second thoughts|second thoughts|no i think|wait actually|actually wait|no hang on|no hold on|wait sorry|sorry wait|typo|wait yes|oh yes`
    .split('|')
    .map((marker) => marker.trim().split(/\s+/))
    .sort((a, b) => b.length - a.length);
const markersBy = new Map<string, string[][]>();
for (const marker of markers) markersBy.set(marker[0]!, [...(markersBy.get(marker[0]!) ?? []), marker]);
/** What is told of other benches: "the next table got red". */
const ofOtherBenches = new RegExp(
  String.raw`\b(?:(?:other|next|another|neighbouring) (?:group|table|bench|pair|team|class|lot|people|kids)s?|(?:group|table|bench|people|lot)s? (?:next to|beside|near|behind|opposite|by) us|next door|every(?:one|body) else|(?:they|others) (?:all )?(?:got|get|had|have|saw|see|said|say|wrote|put|reckoned|reckon))\b`,
);
/** Said of what came first, before what stands: "i put red but …", "my partner said green but …". */
const reported =
  /\b(?:thought|expected|expecting|supposed|predicted|hoped|assumed|hypothesis|prediction|said|says|wrote|written|put down|i put|had down|reckons?|book|textbook|sheet|partners?|mates?|friends?|teacher|everyone else|others|should (?:have|be)|was going to|meant to (?:be|go|turn)|would be|would go)\b/;
const ofAnother =
  /^(?:unlike|not like|compared (?:to|with)|different (?:to|from)|than|the other one|the last one|other ones?)\b|\b(?:unlike|not like|compared (?:to|with)|different (?:to|from)|the other one|the last one|the previous one|the one before)\b/;
const denialWords = new Set(['not', 'no', 'never', 'without']);

interface Spot {
  readonly at: number;
  readonly length: number;
  readonly kind: Phrase['kind'];
  readonly family: string;
  /** A colour that says which paper or splint is meant rather than what it became. */
  readonly carrier: boolean;
}
function spotsIn(words: readonly string[]): Spot[] {
  const spots: Spot[] = [];
  for (let i = 0; i < words.length;) {
    const phrase = phraseAt(words, i);
    const family = phrase && families[phrase.kind];
    if (phrase && family)
      spots.push({
        at: i,
        length: phrase.words.length,
        kind: phrase.kind,
        family,
        carrier: phrase.kind === 'colour' && /^(?:litmus|paper)$/.test(words[i + phrase.words.length] ?? ''),
      });
    i += phrase?.words.length ?? 1;
  }
  return spots;
}

interface Loose {
  words: string[];
  joined: Clause['joined'];
  aside?: boolean;
}

/** Words of a clause without a stretch, and without a denial that belonged to it. */
function cut(words: string[], at: number, length: number): void {
  let from = at;
  for (let k = at - 1; k >= 0 && k >= at - 3; k--) if (denialWords.has(words[k]!)) from = k;
  words.splice(from, at + length - from, ...Array.from({ length: at + length - from }, () => ''));
}

/** Takes out of the clauses before `upTo` what the spots after a correction take the place of. */
function takeBack(before: Loose[], after: readonly Spot[]): boolean {
  let taken = false;
  const done = new Set<string>();
  for (const { family, carrier } of after) {
    const key = `${family}${carrier}`;
    if (done.has(key)) continue;
    done.add(key);
    let going = false;
    for (let c = before.length - 1; c >= 0; c--) {
      const clause = before[c]!;
      const mine = spotsIn(clause.words).filter(
        (s) => s.carrier === carrier && (s.family === family || (s.family === 'nothing' && !going)),
      );
      if (!mine.length) {
        if (going) break;
        continue;
      }
      for (const s of mine) cut(clause.words, s.at, s.length);
      taken = true;
      going = true;
      // "yellow or orange, no wait, lilac" takes both back; two thoughts apart stay apart.
      if (clause.joined !== 'or' && clause.joined !== 'and') break;
    }
  }
  return taken;
}

/** What was done rather than what came of it: a splint is lit, paper is damp. */
const done: ReadonlySet<string> = new Set(['splint', 'damp']);
/** Takes out all that was said to have come of it before "just …": nothing of it stands. What was done stays done. */
function onlyThat(before: readonly Loose[], after: readonly Spot[]): boolean {
  const families = new Set(after.map((s) => s.family));
  let taken = false;
  for (const clause of before)
    for (const s of spotsIn(clause.words))
      if (!families.has(s.family) && !done.has(s.family) && !s.carrier) {
        cut(clause.words, s.at, s.length);
        taken = true;
      }
  return taken;
}

/** "It bubbled? No. It didn't.": a clause that only denies belongs to what it denies. */
function withDenials(clauses: readonly Clause[]): Loose[] {
  const out: Loose[] = [];
  for (const [i, c] of clauses.entries()) {
    const before = out.at(-1);
    const next = clauses[i + 1];
    if (
      before &&
      next &&
      c.words.length === 1 &&
      /^(?:no|nope|nah)$/.test(c.words[0]!) &&
      onlyDenies(next.words)
    )
      continue;
    // "I didn't think it fizzed but it did", "… doesn't dissolve. Edit: it does": what was denied is so.
    const denied = out.findLast((o) => !markersBy.has(o.words[0] ?? '') || o.words.length > 1);
    if (denied && onlyAffirms(c.words)) {
      const at = denied.words.findLastIndex((w) => w === 'not' || w === 'never');
      if (at >= 0) {
        denied.words.splice(at, 1);
        out.splice(out.indexOf(denied) + 1);
        continue;
      }
    }
    if (before && !before.aside && onlyDenies(c.words)) {
      if (c.words.includes('not') || c.words.includes('never')) before.words.push('did', 'not');
    } else out.push({ ...c, words: [...c.words] });
  }
  return out;
}
const onlyAffirms = (words: readonly string[]): boolean =>
  words.length >= 2 &&
  words.every((w) =>
    /^(?:it|they|that|yes|yeah|did|does|do|was|is|were|actually|really|though|so|then|now)$/.test(w),
  ) &&
  /^(?:did|does|do|was|is|were)$/.test(
    words.findLast((w) => !/^(?:actually|really|though|now)$/.test(w)) ?? '',
  );
const onlyDenies = (words: readonly string[]): boolean =>
  words.length >= 2 &&
  words.every((w) =>
    /^(?:it|they|that|there|this|no|nope|did|does|do|was|is|were|not|never|so|actually|happen|really)$/.test(
      w,
    ),
  ) &&
  words.some((w) => w === 'not' || w === 'never') &&
  !words.includes('sure');

/** Where in a clause a correction begins, and how many words it is. */
function markerIn(clause: Loose, first: boolean, alone: boolean): { at: number; length: number } | undefined {
  const { words } = clause;
  if (!first && alone && words.length === 1 && words[0] === 'no') return { at: 0, length: 1 };
  for (let i = 0; i < words.length; i++) {
    if (first && i === 0) continue;
    const marker = markersBy.get(words[i]!)?.find((m) => m.every((w, k) => words[i + k] === w));
    if (!marker) continue;
    // "i mean" and "sorry" before anything was said correct nothing; "wait" in mid-sentence is a verb.
    if (
      marker.length === 1 &&
      /^(?:wait|sorry|edit|typo)$/.test(marker[0]!) &&
      i > 0 &&
      i < words.length - 1 &&
      marker[0] === 'wait'
    )
      continue;
    return { at: i, length: marker.length };
  }
  // "green no blue ppt": one for the other.
  for (let i = 1; i < words.length - 1; i++)
    if (words[i] === 'no') {
      const [before] = spotsIn(words.slice(0, i)).slice(-1);
      const after = phraseAt(words, i + 1);
      // "Yellow solution no solid" says what there was and what there was not.
      const kindOfThing = before?.family === 'solid' || before?.family === 'clarity';
      if (
        before &&
        !kindOfThing &&
        before.at + before.length === i &&
        after &&
        before.family === families[after.kind]
      )
        return { at: i, length: 1 };
    }
  // "cream … actually white": what it actually was.
  const actually = words.indexOf('actually');
  if (actually === 0 && !first) return { at: 0, length: 1 };
  return undefined;
}

/** Cuts the clauses at the words of a correction, so that what stands before and after it are clauses of their own. */
function corrected(clauses: Loose[]): { clauses: Loose[]; marks: Set<Loose> } {
  const out: Loose[] = [];
  const marks = new Set<Loose>();
  clauses.forEach((clause, i) => {
    let rest = clause;
    for (let guard = 0; guard < 6; guard++) {
      const marker = markerIn(rest, out.length === 0 && i === 0, true);
      if (!marker) break;
      const before = rest.words.slice(0, marker.at);
      const after = rest.words.slice(marker.at + marker.length);
      if (before.length) out.push({ ...rest, words: before });
      rest = { ...rest, words: after, joined: before.length ? 'stop' : rest.joined };
      marks.add(rest);
      if (!after.length) break;
    }
    out.push(rest);
  });
  return { clauses: out, marks };
}

/** Is all that is said to have come of it what other benches had? @param clauses as they stand. */
export function isHearsay(clauses: readonly Clause[]): boolean {
  const telling = clauses.filter((c) => spotsIn(c.words).length > 0);
  return telling.length > 0 && telling.every((c) => ofOtherBenches.test(c.words.join(' ')));
}

/** Seen, but not to count, in its writer's own words: "so we're not counting it". */
const notCounted =
  /\b(?:not|never) (?:to )?(?:count(?:ed|ing|s)?|trust(?:ed|ing)?)\b|\bnot (?:a )?(?:valid|proper|real|fair) (?:result|test|reading|one)\b|\b(?:ignor(?:e|ed|ing|es)|disregard(?:ed|ing)?|discount(?:ed|ing)?) (?:it|that|this|those|the result)\b/;
/** Does its writer not count what is told? */
export const isNotCounted = (clauses: readonly Clause[]): boolean =>
  clauses.some((c) => notCounted.test(c.words.join(' ')));

/** The clauses with what no longer stands cut out. Clauses left empty are gone. */
export function whatStands(all: readonly Clause[]): { clauses: readonly Clause[]; corrected: boolean } {
  if (all.length === 0) return { clauses: all, corrected: false };
  const loose = withDenials(all);
  const denied = loose.length < all.length;
  const { clauses, marks } = corrected(loose);
  let changed = false;
  clauses.forEach((clause, i) => {
    if (!marks.has(clause)) return;
    // What follows the correction, up to the end of its thought.
    const after: Spot[] = [];
    for (let k = i; k < clauses.length && after.length < 4; k++) {
      if (k > i && clauses[k]!.joined === 'stop' && after.length) break;
      after.push(...spotsIn(clauses[k]!.words));
    }
    if (takeBack(clauses.slice(0, i), after)) changed = true;
    // "White ppt, no wait, just fizz": nothing else came.
    if (/^(?:just|only)$/.test(clause.words[0] ?? '') && after.length && onlyThat(clauses.slice(0, i), after))
      changed = true;
  });
  // What was expected or said by others gives way where the answer says what it was.
  const others = clauses.map((c) => {
    const text = c.words.join(' ');
    return reported.test(text) || ofAnother.test(text) || ofOtherBenches.test(text);
  });
  if (others.some(Boolean) && !others.every(Boolean)) {
    const own = new Set(clauses.flatMap((c, i) => (others[i] ? [] : spotsIn(c.words).map((s) => s.family))));
    clauses.forEach((clause, i) => {
      if (!others[i]) return;
      const gone = spotsIn(clause.words).filter(
        (s) => own.has(s.family) || (s.family === 'nothing' && own.size > 0),
      );
      for (const s of gone) cut(clause.words, s.at, s.length);
      if (gone.length) changed = true;
    });
  }
  if (!changed && !marks.size && !denied) return { clauses: all, corrected: false };
  return {
    clauses: clauses.map((c) => ({ ...c, words: c.words.filter(Boolean) })).filter((c) => c.words.length > 0),
    corrected: changed,
  };
}
