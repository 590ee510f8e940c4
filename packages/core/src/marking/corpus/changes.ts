/**
 * Changes to an answer whose effect on its points is known: a slip of the hand changes nothing, a denial does. They are how
 * the reader is tried on a hundred thousand answers nobody wrote.
 */
import { seededRandom } from '../../numbers/random.js';
import { abbreviations } from '../../reading/abbreviations.js';
import { mishearings } from '../../reading/mishearings.js';
import type { PurposeId } from '../../syllabus/purpose.js';
import type { CorpusLine } from './read-corpus.js';
import { turnedRound } from './turned-round.js';

/** What may become of the points: `keeps` them, or `loses` some where the answer earned all; a person may always look. */
export type Effect = 'keeps' | 'loses';
export interface Change {
  readonly kind: string;
  readonly effect: Effect;
  /** The changed answer; undefined where the change does not apply. */
  readonly to: (line: CorpusLine, random: () => number) => string | undefined;
}

const pick = <T>(from: readonly T[], random: () => number): T | undefined =>
  from[Math.floor(random() * from.length)];
const wordsOf = (answer: string): string[] => answer.split(/(?<=\s)|(?=\s)/);

/** One word of an answer changed, where any can be. */
function inOneWord(
  answer: string,
  random: () => number,
  may: (word: string) => boolean,
  to: (word: string) => string,
): string | undefined {
  const words = wordsOf(answer);
  const places = words.flatMap((word, i) => (may(word) ? [i] : []));
  const at = pick(places, random);
  if (at === undefined) return undefined;
  const changed = to(words[at]!);
  if (changed === words[at]) return undefined;
  return [...words.slice(0, at), changed, ...words.slice(at + 1)].join('');
}
const longWord = (word: string): boolean => /^[a-z]{6,}$/i.test(word);
const rows = ['qwertyuiop', 'asdfghjkl', 'zxcvbnm'];
function neighbour(letter: string, random: () => number): string {
  const row = rows.find((r) => r.includes(letter));
  if (!row) return letter;
  const at = row.indexOf(letter);
  return row[at === 0 ? 1 : at === row.length - 1 ? at - 1 : at + (random() < 0.5 ? 1 : -1)]!;
}
const inner = (word: string, random: () => number): number => 1 + Math.floor(random() * (word.length - 2));

/** One phrase changed for another that says the same, as whole words. */
function inOnePhrase(
  answer: string,
  random: () => number,
  pairs: readonly (readonly [string, string])[],
): string | undefined {
  const fitting = pairs.filter(([from]) => new RegExp(`\\b${from}\\b`).test(answer));
  const pair = pick(fitting, random);
  return pair && answer.replace(new RegExp(`\\b${pair[0]}\\b`), pair[1]);
}
/** Words a voice keyboard writes that are no words of these lessons themselves. */
const heard = mishearings
  .filter((m) => !m.beside && /^[a-z ]+$/.test(m.form) && /^[a-z]+$/.test(m.meant) && m.meant.length > 4)
  .map((m) => [m.meant, m.form] as const);
const short = abbreviations
  .filter((a) => !a.beside && a.form.length > 1 && /^[a-z]+$/.test(a.meant))
  .map((a) => [a.meant, a.form] as const);
/** Spellings of those who write as it sounds. */
const asItSounds: readonly (readonly [string, string])[] = [
  ['white', 'wite'],
  ['yellow', 'yello'],
  ['green', 'grene'],
  ['orange', 'orenge'],
  ['purple', 'perple'],
  ['lilac', 'lylac'],
  ['brown', 'broun'],
  ['cream', 'creem'],
  ['precipitate', 'presipitate'],
  ['precipitate', 'precipitat'],
  ['dissolves', 'disolves'],
  ['dissolves', 'desolves'],
  ['insoluble', 'insolable'],
  ['excess', 'exess'],
  ['excess', 'eksess'],
  ['bubbles', 'bubels'],
  ['cloudy', 'clowdy'],
  ['milky', 'milkey'],
  ['squeaky', 'sqweaky'],
  ['splint', 'splynt'],
  ['glowing', 'gloing'],
  ['relights', 'relites'],
  ['litmus', 'litmis'],
  ['bleached', 'bleeched'],
  ['solution', 'solushun'],
  ['solid', 'sollid'],
  ['colourless', 'colerless'],
  ['sodium', 'soduim'],
  ['potassium', 'potasium'],
  ['calcium', 'calsium'],
  ['carbonate', 'carbonat'],
  ['chloride', 'cloride'],
  ['sulfate', 'sulfat'],
  ['copper', 'coper'],
  ['poisonous', 'poisenous'],
  ['contaminate', 'contaminat'],
];
const openings = [
  'um ',
  'so basically ',
  'i think ',
  'we saw ',
  'ok so ',
  'the answer is ',
  'it was ',
  'you get ',
  'well ',
  'Sir, ',
];
const closings = [' lol', ' i think', ' thanks', ' miss', ' !!', ' :)', '.', ' obviously', ' haha', ' tbh'];

/** Reasons and names are sentences of their own: "it was because …" is no harm, "we saw sodium" is. */
const isObserved = (line: CorpusLine): boolean => line.item.kind === 'observation';

const flameWords =
  'yellow|lilac|crimson|brick red|apple green|orange red|orange-red|blue green|blue-green|scarlet';
const otherFlame: Readonly<Record<string, string>> = {
  yellow: 'lilac',
  lilac: 'yellow',
  crimson: 'green',
  scarlet: 'green',
};
const otherSolid: Readonly<Record<string, string>> = {
  white: 'green',
  green: 'white',
  blue: 'brown',
  brown: 'blue',
  cream: 'green',
  yellow: 'blue',
};
const full = (line: CorpusLine): boolean => line.points > 0;
/** An answer without a word that denies, takes back or hesitates. */
const plain = (answer: string): boolean =>
  !/\b(no|not|never|without|isnt|wasnt|didnt|doesnt|dont|wont|cant|nothing|none|neither|nor|or|actually|wait|sorry|mean|thought|nope|oops|instead|rather|than|but|un\w+|in\w*soluble|insol\w*)\b|n't|n’t/i.test(
    answer,
  ) && !/\bstays?\b|\bsame\b|\bremain/.test(answer);

export const changes: readonly Change[] = [
  {
    kind: 'two letters swapped',
    effect: 'keeps',
    to: ({ answer }, random) =>
      inOneWord(answer, random, longWord, (word) => {
        const at = inner(word, random);
        return at + 1 < word.length
          ? word.slice(0, at) + word[at + 1]! + word[at]! + word.slice(at + 2)
          : word;
      }),
  },
  {
    kind: 'a neighbouring key',
    effect: 'keeps',
    to: ({ answer }, random) =>
      inOneWord(answer, random, longWord, (word) => {
        const at = inner(word, random);
        return word.slice(0, at) + neighbour(word[at]!, random) + word.slice(at + 1);
      }),
  },
  {
    kind: 'a letter left out',
    effect: 'keeps',
    to: ({ answer }, random) =>
      inOneWord(answer, random, longWord, (word) => {
        const at = inner(word, random);
        return word.slice(0, at) + word.slice(at + 1);
      }),
  },
  {
    kind: 'a letter doubled',
    effect: 'keeps',
    to: ({ answer }, random) =>
      inOneWord(answer, random, longWord, (word) => {
        const at = inner(word, random);
        return word.slice(0, at) + word[at]! + word.slice(at);
      }),
  },
  {
    kind: 'spelt as it sounds',
    effect: 'keeps',
    to: ({ answer }, random) => inOnePhrase(answer, random, asItSounds),
  },
  { kind: 'misheard', effect: 'keeps', to: ({ answer }, random) => inOnePhrase(answer, random, heard) },
  { kind: 'shortened', effect: 'keeps', to: ({ answer }, random) => inOnePhrase(answer, random, short) },
  {
    kind: 'capitals and spaces',
    effect: 'keeps',
    to: (line, random) => {
      if (line.item.kind === 'identify') return undefined;
      const how = Math.floor(random() * 3);
      return how === 0
        ? line.answer.toUpperCase()
        : how === 1
          ? `  ${line.answer.replaceAll(' ', '  ')} `
          : line.answer.slice(0, 1).toUpperCase() + line.answer.slice(1);
    },
  },
  {
    kind: 'something said before',
    effect: 'keeps',
    to: (line, random) => (isObserved(line) ? `${pick(openings, random)!}${line.answer}` : undefined),
  },
  {
    kind: 'something said after',
    effect: 'keeps',
    to: (line, random) => (line.answer.trim() ? `${line.answer}${pick(closings, random)!}` : undefined),
  },
  {
    kind: 'the result before the test',
    effect: 'keeps',
    to: (line) => {
      if (line.item.kind !== 'gas-test') return undefined;
      const parts = line.answer.split(', ');
      return parts.length === 2 && plain(line.answer) && !/\b(then|goes|turns|it)\b/.test(parts[1]!)
        ? `${parts[1]} with ${parts[0]}`
        : undefined;
    },
  },
  {
    kind: 'another colour',
    effect: 'loses',
    to: (line) => {
      if (!full(line) || !isObserved(line) || !plain(line.answer)) return undefined;
      const { item } = line;
      // What earned may have been the excess alone.
      if (line.points === 1 && /dissolv|soluble|excess|xs|more|extra/.test(line.answer)) return undefined;
      const others = item.kind === 'observation' && item.test === 'flame' ? otherFlame : otherSolid;
      if (item.kind !== 'observation' || !['flame', 'naoh', 'sulfate', 'halide-silver'].includes(item.test))
        return undefined;
      if (item.attribute !== undefined && item.attribute !== 'precipitate' && item.attribute !== 'colour')
        return undefined;
      const found = Object.keys(others).filter((word) => new RegExp(`\\b${word}\\b`).test(line.answer));
      const allColours = line.answer.match(
        /\b(white|green|blue|brown|cream|yellow|lilac|crimson|scarlet|red|orange|purple|pink|rust\w*|off|milky|grey|clear|colourless|bluey?|greeny)\b/g,
      );
      return found.length === 1 && allColours?.length === 1
        ? line.answer.replace(new RegExp(`\\b${found[0]}\\b`), others[found[0]!]!)
        : undefined;
    },
  },
  {
    kind: 'denied',
    effect: 'loses',
    to: (line) => {
      if (!full(line) || !isObserved(line) || !plain(line.answer)) return undefined;
      if (/\bxx|^its\b/i.test(line.answer)) return undefined;
      const one = /^(?:(?:a|an|it|the) )?(?:(?:goes|went|turns|turned|is|was) )?([a-z -]+)$/.exec(
        line.answer.toLowerCase(),
      );
      return one &&
        one[1]!.split(' ').length <= 3 &&
        new RegExp(flameWords + '|ppt|precipitate|solid|bubbles|fizz|pop').test(one[1]!)
        ? `there was no ${one[1]}`
        : undefined;
    },
  },
  {
    kind: 'taken back at the end',
    effect: 'loses',
    to: (line, random) => {
      if (
        !full(line) ||
        !plain(line.answer) ||
        line.item.kind !== 'observation' ||
        line.item.test !== 'flame'
      )
        return undefined;
      const word = Object.keys(otherFlame).find((w) => new RegExp(`\\b${w}\\b`).test(line.answer));
      return (
        word &&
        `${line.answer} ${pick(['no wait', 'sorry i mean', '- actually', 'oops, i mean'], random)!} ${otherFlame[word]!}`
      );
    },
  },
  {
    kind: 'mended at the end',
    effect: 'keeps',
    to: (line, random) => {
      if (
        line.item.kind !== 'observation' ||
        line.item.test !== 'flame' ||
        !full(line) ||
        !plain(line.answer)
      )
        return undefined;
      const word = Object.keys(otherFlame).find((w) => new RegExp(`\\b${w}\\b`).test(line.answer));
      if (!word || line.answer.split(' ').length > 4) return undefined;
      return `${otherFlame[word]!} ${pick(['no wait', 'sorry i mean', '- actually', 'oops, i mean'], random)!} ${line.answer}`;
    },
  },
  {
    kind: 'another ion',
    effect: 'loses',
    to: (line) => {
      if (line.item.kind !== 'identify' || line.item.seen || !full(line) || !plain(line.answer))
        return undefined;
      // The reagent of a reason is no name.
      if (/\b(?:because|cos|with)\b/.test(line.answer)) return undefined;
      const swaps: readonly (readonly [RegExp, string])[] = [
        [/\bsodium\b/i, 'lithium'],
        [/\bpotassium\b/i, 'barium'],
        [/\bcalcium\b/i, 'barium'],
        [/\bcopper\b/i, 'magnesium'],
        [/\bsulph?fate\b/i, 'nitrate'],
        [/\bchloride\b/i, 'iodide'],
        [/\bcarbonate\b/i, 'sulfate'],
        [/\bbromide\b/i, 'chloride'],
      ];
      const swap = swaps.find(([from]) => from.test(line.answer));
      return swap && !/[A-Z][a-z]?\d|[+⁺-]$/.test(line.answer)
        ? line.answer.replace(new RegExp(swap[0].source, 'gi'), swap[1])
        : undefined;
    },
  },
  {
    kind: 'the wrong way round',
    effect: 'loses',
    to: (line) => {
      if (line.item.kind !== 'purpose' || !full(line) || !plain(line.answer)) return undefined;
      const turns: readonly (readonly [RegExp, string])[] = [
        [
          /\biron\(?(?: ?ii|2)\)? (?:is oxidised|oxidises|turns|goes) (?:to|into) iron\(?(?: ?iii|3)\)?/i,
          'iron(III) is oxidised to iron(II)',
        ],
        [/\b(?:removes?|gets? rid of|destroys) (?:any |the )?carbonates?\b/i, 'removes chloride'],
        [/\b(?:blocks?|absorbs?|filters out|hides?|cuts out) (?:the )?yellow\b/i, 'blocks the lilac'],
        [/\b(?:contains?|has|adds) (?:chloride|sulfate)\b/i, 'removes $&'],
      ];
      const turn = turns.find(([from]) => from.test(line.answer));
      if (!turn) return undefined;
      const to = turn[1].startsWith('removes $')
        ? /(chloride|sulfate)/i.exec(line.answer)?.[1] === 'chloride'
          ? 'contains no chloride'
          : 'contains no sulfate'
        : turn[1];
      return line.answer.replace(turn[0], to);
    },
  },
  {
    kind: 'what it tells apart turned round',
    effect: 'loses',
    to: ({ item, answer, points }) =>
      item.kind === 'purpose' && points > 0 ? turnedRound(item.of as PurposeId, answer) : undefined,
  },
];

export interface Changed {
  readonly change: Change;
  readonly line: CorpusLine;
  readonly answer: string;
}

/**
 * Changed answers, the kinds in turn.
 * @param lines answers marked rightly as they stand; the effect of a change is told against their points.
 * @param rounds how often each change is tried on each line.
 */
export function* changedAnswers(lines: readonly CorpusLine[], rounds: number, seed = 1): Generator<Changed> {
  const random = seededRandom(seed);
  for (let round = 0; round < rounds; round++)
    for (const line of lines)
      for (const change of changes) {
        const answer = change.to(line, random);
        if (answer !== undefined) yield { change, line, answer };
      }
}
