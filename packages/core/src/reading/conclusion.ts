/**
 * The part of an answer that names something: corrections made ("potassium no wait sodium"), reasons and the reagents of
 * tests left out ("sulfate because it went white with barium chloride").
 */
import { abbreviations } from './abbreviations.js';
import { alike } from './likeness.js';
import { standingOf } from './lexicon.js';

/** Words an answer turns on: a slip in one must not hide it. */
const hinges = ['because', 'actually', 'instead', 'therefore', 'sorry', 'correction'];
const correction =
  /(?:^|[\s.,;:!?(\u2013-])(?:no wait|wait no|oh wait|no sorry|sorry no|no i mean|i mean|i meant|no actually|actually no|actually|scrap that|strike that|ignore that|correction|edit|oops|whoops|or rather|make that|sorry|hang on|hold on|no its|no it is|no it was|no|nope|wait|on second thoughts|changed my mind)(?=[\s.,;:!?)]|$)(?!(?<=\bno)\s+\w+\s+(?:as|because|since|cos|present|there|in it|seen|found|visible|shown|detected|at all)\b)/gi;
const writtenFirst =
  /\b(?:i |we )?(?:said|thought|put|wrote|guessed|expected|first thought|had)\b[^.;]*?\b(?:but|actually|however|though)\b/i;
const reason =
  /(?:^|[\s,;(])(?:because|becuase|becasue|becase|becos|bcos|bcus|bcoz|cos|coz|cuz|bc|due to|seeing as|given that|as it|as the|since|so it can ?'?t|so cant|so not|it can ?'?t|cant be|can't be|could ?n'?t be|which|rather than|as opposed to|(?<!(?:is|was|are|were|been)\s)(?:ruled out|ruling out|eliminated|eliminating|excluding)|instead of|unlike|not like)(?=[\s,])/i;
const conclusion =
  /(?:^|[\s,;(.])(?:so|therefore|hence|thus|meaning|which means|must be|has to be|must contain|shows its|means its|=>|->|→)(?=\s)/gi;
const reagent =
  /\b(?:with|w|in|to|of|added?|adding|using|use|and then|when|after|from)\s+(?:the\s+|some\s+|dilute\s+|aqueous\s+|acidified\s+)*(?:barium (?:chloride|nitrate)|silver nitrate|sodium hydroxide|ammonia(?: solution)?|naoh|bacl2|agno3|hcl|nh3|hno3|hydrochloric acid|nitric acid|sulf?ph?uric acid|lime ?water|acid|litmus)\b/gi;

/** "Bcz", "wiv": short forms of what an answer turns on. */
const shortHinges = new Map(
  abbreviations.filter((a) => a.meant === 'because' || a.meant === 'with').map((a) => [a.form, a.meant]),
);

/** Pieces of an answer to read names in, best first; the whole of it comes last. @param names does a piece name something? */
export function concluding(answer: string, names: (piece: string) => boolean): string {
  let text = answer.replace(/(?<!\S)[a-z]{2,6}(?!\S)/gi, (word) => shortHinges.get(word) ?? word);
  text = text.replace(/[a-z]{5,}/gi, (word) =>
    standingOf(word.toLowerCase()) === 'unknown'
      ? (alike(word.toLowerCase(), hinges)[0]?.cost ?? 9) <= 1
        ? alike(word.toLowerCase(), hinges)[0]!.word
        : word
      : word,
  );
  // The last word counts, where it names something.
  const parts = text.split(correction).map((p) => p.trim());
  if (parts.length > 1) {
    const last = parts.findLastIndex((p) => p && names(p));
    // "no, sodium" and "not sodium" are no corrections of nothing.
    const end = parts.at(-1)!;
    // What was put in its place may be misspelt beyond reading: a person looks at that, not at what was taken back.
    if (
      last >= 0 &&
      last < parts.length - 1 &&
      /^[a-z]{5,}$/i.test(end) &&
      standingOf(end.toLowerCase()) === 'unknown'
    )
      text = end;
    else if (last > 0 && parts.slice(0, last).some((p) => names(p))) text = parts.slice(last).join(' ');
  }
  const first = writtenFirst.exec(text);
  if (first) {
    const rest = text.slice(first.index + first[0].length);
    if (names(rest)) text = rest;
  }
  const without = text.replace(reagent, ' ');
  if (names(without)) text = without;
  const why = reason.exec(text);
  if (why) {
    const before = text.slice(0, why.index);
    if (names(before)) return before;
  }
  const ends = [...text.matchAll(conclusion)];
  for (const end of ends.reverse()) {
    const after = text.slice(end.index + end[0].length);
    if (names(after)) return after;
  }
  return text;
}
