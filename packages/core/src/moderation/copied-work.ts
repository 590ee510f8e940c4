/** Odd wording that groups at different benches share: a question to be asked, never a verdict. */
import { groupedBy } from '../numbers/grouped.js';
import { abbreviations } from '../reading/abbreviations.js';
import { standingOf } from '../reading/lexicon.js';
import { isWord, tokensOf } from '../reading/tokens.js';

export interface Written {
  readonly group: string;
  /** What was asked, in whatever form tells items apart. */
  readonly item: string;
  readonly answer: string;
}
export interface SharedWording {
  readonly answer: string;
  readonly item: string;
  /** Words that are written in no dictionary's way. */
  readonly odd: readonly string[];
}
export interface AlikeGroups {
  readonly groups: readonly [string, string];
  readonly shared: readonly SharedWording[];
}

const shortForms: ReadonlySet<string> = new Set(abbreviations.map((a) => a.form));

/** Words that stand in no dictionary and are no short forms of lessons: slips of one's own. */
export const oddWords = (answer: string): string[] =>
  tokensOf(answer).filter(
    (token) =>
      isWord(token) &&
      /^\p{L}{4,}$/u.test(token) &&
      !shortForms.has(token) &&
      standingOf(token) === 'unknown',
  );

/** Of a whole class, wording this many groups have is how the class speaks. */
const mostShare = 0.2;

/**
 * Pairs of groups that wrote the same odd words of the same thing, twice at least, or once with two odd words; most first.
 * What one group wrote more than once counts once.
 */
export function alikeGroups(all: readonly Written[]): AlikeGroups[] {
  const groups = new Set(all.map((w) => w.group)).size;
  const most = Math.max(2, Math.floor(groups * mostShare));
  const pairs = new Map<string, { groups: [string, string]; shared: SharedWording[] }>();
  const wordings = groupedBy(all, (w) => `${w.item}\u0001${tokensOf(w.answer).join(' ')}`);
  for (const same of wordings.values()) {
    const whose = [...new Set(same.map((w) => w.group))].sort();
    if (whose.length < 2 || whose.length > most) continue;
    const [{ answer, item }] = same as [Written, ...Written[]];
    const odd = oddWords(answer);
    if (!odd.length) continue;
    whose.forEach((a, i) =>
      whose.slice(i + 1).forEach((b) => {
        const key = `${a}\u0001${b}`;
        const pair = pairs.get(key) ?? { groups: [a, b], shared: [] };
        pair.shared.push({ answer, item, odd });
        pairs.set(key, pair);
      }),
    );
  }
  const weight = ({ shared }: AlikeGroups) => shared.reduce((n, s) => n + s.odd.length, 0);
  return [...pairs.values()].filter((pair) => weight(pair) >= 2).sort((a, b) => weight(b) - weight(a));
}
