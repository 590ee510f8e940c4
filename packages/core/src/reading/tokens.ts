/** An answer cut into words and signs, in one spelling of characters. */
import { keptByText } from './kept.js';

/** Longest answer read; what is beyond is dropped, so that hostile input costs no time. */
export const longestAnswer = 2000;

/** `didnt`, `dosent`, `wasn t`: verbs run together with "not", as they are typed. */
const notForms =
  /\b(d[io]d|do+es|dose|dos|doe|do|di|is|was|wo|wou?ld|wud|cou?ld|cud|ca|has|have|had|were|are|shou?ld|shud|ai|must|need|dud)(?:e|i|s|d)?n(?:o|e)?t\b|\b(did|does|do|is|was|wo|would|could|ca|has|have|had|were|are|should|ai)n t\b|\b(did|does|is|was|would|could|has|have|had|were|are|should)n\b/g;
const verbOf: Readonly<Record<string, string>> = {
  wo: 'will',
  ca: 'can',
  ai: 'is',
  dose: 'does',
  dos: 'does',
  doe: 'does',
  di: 'did',
  dud: 'did',
  dod: 'did',
  cud: 'could',
  wud: 'would',
  shud: 'should',
};
const colourPart = `brick|apple|blue|orange|grey|gray|pale|light|dark|deep|brown|yellow|red|off|green|rusty|squeaky|lime|creamy|milky|cloudy|murky|dirty|reddish|bluish|greenish`;
/** Two colour words run together: `brickred`, `bluegreen`. */
const runTogether = new RegExp(
  `\\b(${colourPart})(red|green|blue|brown|orange|yellow|white|pop|pink|purple|grey|cream)\\b`,
  'g',
);

/** Chat that says nothing. */
const chat: readonly (readonly [RegExp, string])[] = [
  [
    /\b(?:i (?:think|guess|suppose|reckon)|lo+l|lmao|omg|haha+|tbh|ngl|imo|thanks|thank you|thx|please|pls|obviously|obvs|basically|yay|bruh|bro)\b/gi,
    ' ',
  ],
  [/(?<!\blit )\b(?:sir|miss)\b(?! (?:said|says|told|thinks|thought))/gi, ' '],
];
/** An answer without the chat in it. */
export const withoutChat = (answer: string): string =>
  chat.reduce((text, [from, to]) => text.replace(from, to), answer);

/** Words glued or split by hasty typing, short forms with a stroke, and forms of one word. */
const oneForm: readonly (readonly [RegExp, string])[] = [
  [
    /\bre[\s-]+(lights?|lites?|lited|lit|lighted|lighting|ignites?|ignited|kindles?|dissolves?|dissolved)\b/g,
    're$1',
  ],
  [/\blime[\s-]+(?:water|watter|warter)\b/g, 'limewater'],
  [/\bl\s?\/\s?w\b/g, 'limewater'],
  [/\bwater\s+of\s+lime\b/g, 'limewater'],
  [/\br\s?\/\s?b\s+(?=p|solid)/g, 'red brown '],
  [/\boff[\s-]*whit(e|ish)\b/g, 'off white'],
  [/\bw\/o\b/g, 'without'],
  [/\bw\/(?=\s)/g, 'with '],
  // "Green w blue bits": between two colours it joins them; alone before a solid it is white.
  [
    /(?<=\b(?:red|green|blue|brown|orange|yellow|white|pink|purple|lilac|cream|grey)\s+)w(?=\s+(?:\w+\s+){0,2}(?:red|green|blue|brown|orange|yellow|white|pink|purple|lilac|cream|grey)\b)/g,
    'with',
  ],
  [/\bcan not\b|\bcannot\b/g, 'can not'],
  [/\bcolou?r(?:ed|s)?\b|\bcolord\b|\bcolourd\b|\bcoulou?rs?\b|\bcoler\b|\bcolur\b/g, 'colour'],
  [/\bcolou?r[\s-]*less\b|\bcoulou?rless\b/g, 'colourless'],
  [/\bgr[ae]y\b/g, 'grey'],
  [/\bdid(?:n'?t|\s+not)\s+half\b/g, 'really'],
  // `lilac-y`, `pink-ish`: of that colour.
  [/\b([a-z]{3,})-(?:y|ey|ish|coloured|colored)\b/g, '$1'],
  [/\bany more\b/g, 'anymore'],
  [/\bno[\s-]+one\b/g, 'noone'],
  [/\bdiss\b/g, 'dissolve'],
  // A solid falling out, as notes draw it.
  [/\s*↓+/g, ' ppt '],
  [/\b(red|blue)\s+lit\b(?!\s+(?:splint|spill|match))/g, '$1 litmus'],
  [/\bx{2,}\b/g, ' scrap that '],
  [/\bn\s*\/\s*c\b/g, 'no change'],
  [/\bn\s*\/\s*r\b/g, 'no reaction'],
  // "A solid of the same colour" says what colour it is, not that nothing changed.
  [/(?<=[a-z] )of\s+(?:the\s+)?same\s+colour\b/g, ' '],
  [/\bnot un(changed|affected)\b/g, 'changed'],
  // `couldt`, `doest`: the letter before the last slipped out.
  [/\b(could|would|should|did|does|was|were|had|have)t\b/g, '$1 not'],
  ...chat,
];

/** Characters in one form: NFKC, lower case, apostrophes dropped, "not" written out, arrows as "then". */
export function inOneForm(answer: string): string {
  let text = answer.length > longestAnswer ? answer.slice(0, longestAnswer) : answer;
  if (beyondAscii.test(text))
    text = text
      .normalize('NFKC')
      .replace(/[‐-―−]/g, '-')
      .replace(/[’‘´]/g, "'");
  text = text.toLowerCase().replace(/([a-hj-wyz])\1{2,}/g, '$1$1');
  for (const [from, to] of oneForm) text = text.replace(from, to);
  if (text.includes("'") || text.includes('`')) text = text.replace(/(?<=[a-z])['`](?=[a-z])/g, '');
  if (hasNot.test(text))
    text = text.replace(notForms, (all: string, a?: string, b?: string, c?: string) => {
      const verb = a ?? b ?? c ?? '';
      // "dont" and its kin only: "want", "cent" and "dent" are words.
      return all === 'do' ? all : `${verbOf[verb] ?? verb} not`;
    });
  if (/[>→⇒=]/.test(text))
    text = text.replace(/\s*(?:-+>|→|=+>|⇒|>)\s*/g, ' then ').replace(/\s*=+\s*/g, ' : ');
  text = text.replace(runTogether, '$1 $2');
  return text;
}
const beyondAscii = /[\u0080-\uffff]/;
const hasNot = /n(?:o|e)? ?t\b|(?:did|does|is|was|would|could|has|have|had|were|are|should)n\b/;

/**
 * Words and signs of an answer in order: `.` `,` `:` `;` `!` `?` `/` `(` `)` and line ends stand for themselves; a dash
 * between spaces is `;`, other marks are dropped.
 */
export const tokensOf = keptByText((answer): readonly string[] => {
  const text = inOneForm(answer)
    .replace(/\s-+\s/g, ' ; ')
    .replace(/(?<=[\p{L}\p{N}])-+(?=[\p{L}\p{N}])/gu, ' ')
    .replace(/[&+]/g, ' and ')
    .replace(/[[{]/g, '(')
    .replace(/[\]}]/g, ')')
    .replace(/\.(?=\d)/g, '');
  return text.match(/[\p{L}\p{N}]+|[.;:!?\n,/()]/gu) ?? [];
});
export const isWord = (token: string): boolean => /^[\p{L}\p{N}]/u.test(token);
