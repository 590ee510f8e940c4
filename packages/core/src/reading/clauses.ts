/** An answer's tokens cut into clauses, with what joins them. What the words mean is the business of the readers. */
import { isWord, tokensOf } from './tokens.js';

export interface Clause {
  readonly words: readonly string[];
  /** How this clause follows the one before it. */
  readonly joined: 'start' | 'and' | 'or' | 'then' | 'but' | 'stop';
  /** Said in brackets: a gloss on what stands before it. */
  readonly aside?: boolean;
}

const joins: ReadonlyMap<string, Clause['joined']> = new Map([
  ...['.', ';', ':', '!', '?', '\n', '(', ')'].map((sign) => [sign, 'stop'] as const),
  [',', 'and'],
  ['/', 'and'],
  ['and', 'and'],
  ['or', 'or'],
  ['then', 'then'],
  ['before', 'then'],
  ['afterwards', 'then'],
  ['later', 'then'],
  ['eventually', 'then'],
  ['finally', 'then'],
  ['but', 'but'],
  ['although', 'but'],
  ['however', 'but'],
  ['instead', 'but'],
  ['though', 'but'],
  ['whereas', 'but'],
]);
const rank: Record<Clause['joined'], number> = { start: 0, stop: 1, and: 2, or: 3, but: 4, then: 5 };

/**
 * The clauses of an answer in order. A full stop, semicolon or line end starts a new thought; a comma,
 * "and", "or", "then" and "but" start a clause and say how. "/" joins like "and" (`blue/green`).
 * @param tokens words and signs, as `tokensOf` gives them.
 */
export function clausesIn(tokens: readonly string[]): Clause[] {
  const clauses: Clause[] = [];
  let words: string[] = [];
  let joined: Clause['joined'] = 'start';
  let brackets = 0;
  const close = (next: Clause['joined'], aside: boolean) => {
    if (words.length) clauses.push({ words, joined, ...(aside ? { aside } : {}) });
    // Of several joins in a row ("red, but then …") the one that says most wins.
    else if (rank[joined] > rank[next]) next = joined;
    words = [];
    joined = next;
  };
  tokens.forEach((token, i) => {
    // "instead of" denies what follows, "however much" measures it; neither begins a clause.
    const leads =
      (token === 'instead' && tokens[i + 1] === 'of') ||
      (token === 'however' && /^(?:much|many|long)$/.test(tokens[i + 1] ?? ''));
    const join = leads ? undefined : joins.get(token);
    const aside = brackets > 0;
    if (token === '(') brackets++;
    else if (token === ')') brackets = Math.max(0, brackets - 1);
    if (join) close(join, aside);
    else if (isWord(token)) words.push(token);
  });
  close('stop', brackets > 0);
  return clauses;
}

/** The clauses of an answer as written, spelling and all. */
export const clausesOf = (answer: string): Clause[] => clausesIn(tokensOf(answer));
