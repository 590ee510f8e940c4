/**
 * A free-text answer cut into clauses of plain lower-case words, with what joins them. What the words
 * mean is the business of the readers that use this.
 */
export interface Clause {
  readonly words: readonly string[];
  /** How this clause follows the one before it. */
  readonly joined: 'start' | 'and' | 'or' | 'then' | 'but' | 'stop';
}

/** Longest answer read; what is beyond is dropped, so that hostile input costs no time. */
export const longestAnswer = 2000;

const contractions: readonly (readonly [RegExp, string])[] = [
  [/\b(?:ain|wasn|isn|didn|doesn|don|won|wouldn|couldn|can|hasn|haven|weren|aren)['’]?t\b/g, ' not '],
  [/\bcannot\b/g, ' not '],
  [/\bit['’]s\b/g, 'it is'],
  [/\bw\/o\b/g, 'without'],
];

/** Two colour words run together: `brickred`, `bluegreen`. */
const runTogether =
  /\b(brick|apple|blue|orange|grey|gray|pale|light|dark|deep|brown|yellow|red|off|green|rusty|squeaky|lime)(red|green|blue|brown|orange|yellow|white|pop|pink|purple|grey|cream)\b/g;

/**
 * The answer in one spelling of characters: NFKC, lower case, hyphens and slashes told apart from
 * spaces, contractions of "not" written out.
 */
export function normalise(answer: string): string {
  let text = answer.length > longestAnswer ? answer.slice(0, longestAnswer) : answer;
  // Most answers are plain ASCII and need few of these: each is done only where there is something to do.
  if (beyondAscii.test(text)) text = text.normalize('NFKC').replace(/[‐-―−]/g, ' ');
  text = text.toLowerCase();
  if (text.includes('n') && hasContraction.test(text))
    for (const [from, to] of contractions) text = text.replace(from, to);
  if (arrows.test(text)) text = text.replace(/\s*(?:->|→|=>|⇒)\s*/g, ' then ');
  if (text.includes('col')) text = text.replace(/\bcolou?r(?:ed|s)?\b|\bcolord\b|\bcolourd\b/g, 'colour');
  if (text.includes('gr')) text = text.replace(/\bgr[ae]y\b/g, 'grey');
  text = text.replace(runTogether, '$1 $2');
  if (punctuated.test(text)) {
    text = text
      .replace(/-/g, ' ')
      .replace(/&|\+/g, ' and ')
      .replace(/[()[\]]/g, ' ; ')
      .replace(/['’"“”{}*_~^`]/g, ' ');
  }
  return text;
}
const beyondAscii = /[\u0080-\uffff]/;
const hasContraction = /n['’]?t\b|cannot|it['’]s|w\/o/;
const arrows = /[>→⇒]/;
const punctuated = /[-&+()[\]'’"“”{}*_~^`]/;

const joins: ReadonlyMap<string, Clause['joined']> = new Map([
  ...['.', ';', ':', '!', '?', '\n'].map((sign) => [sign, 'stop'] as const),
  [',', 'and'],
  ['/', 'and'],
  ['and', 'and'],
  ['or', 'or'],
  ['then', 'then'],
  ['before', 'then'],
  ['afterwards', 'then'],
  ['but', 'but'],
  ['although', 'but'],
  ['however', 'but'],
  ['instead', 'but'],
]);

/**
 * The clauses of an answer in order. A full stop, semicolon or line end starts a new thought; a comma,
 * "and", "or", "then" and "but" start a clause and say how. "/" joins like "and" (`blue/green`).
 */
export function clausesOf(answer: string): Clause[] {
  const tokens = normalise(answer).match(/[\p{L}\p{N}]+|[.;:!?\n,/]/gu) ?? [];
  const clauses: Clause[] = [];
  let words: string[] = [];
  let joined: Clause['joined'] = 'start';
  const close = (next: Clause['joined']) => {
    if (words.length) clauses.push({ words, joined });
    // Of several joins in a row ("red, but then …") the one that says most wins.
    else if (rank[joined] > rank[next]) next = joined;
    words = [];
    joined = next;
  };
  for (const token of tokens) {
    const join = joins.get(token);
    if (join) close(join);
    else words.push(token);
  }
  close('stop');
  return clauses;
}

const rank: Record<Clause['joined'], number> = { start: 0, stop: 1, and: 2, or: 3, but: 4, then: 5 };
