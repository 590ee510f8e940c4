/** Comments on answers: a place for what each student wrote, and ready-made ones by what the answer lacks. */
import type { Strand } from '../schemes/strands.js';

/** Stands for what the student wrote, in a comment that many are given. */
export const answerPlace = '{answer}';
/** Letters of an answer that go into a comment. */
const mostOfAnswer = 80;
/** Letters a comment is kept in. */
const mostOfComment = 500;

/** A comment with the student's own words in their place; of no answer, "nothing". */
export function filledComment(comment: string, answer: string): string {
  const own = answer.trim().replace(/\s+/g, ' ');
  const shown = own.length > mostOfAnswer ? `${own.slice(0, mostOfAnswer - 1)}…` : own || 'nothing';
  return comment.trim().replaceAll(answerPlace, shown).slice(0, mostOfComment);
}

interface Commented {
  readonly strand: Strand;
  readonly attribute: string;
  /** One of the ways it was written. */
  readonly answer: string;
  /** What was to be seen, in words; none of names and equations. */
  readonly seen: readonly string[];
}
const says = (answer: string, words: RegExp): boolean => words.test(answer.toLowerCase());

/** Comments that fit an answer, the most telling first. */
export function readyComments({ strand, attribute, answer, seen }: Commented): string[] {
  const comments: string[] = [];
  if (strand === 'observation') {
    if (says(answer, /\bclear\b/) && seen.some((s) => /colourless|no colour/i.test(s)))
      comments.push('“Clear” tells nothing of the colour: a solution without colour is colourless.');
    if (attribute === 'precipitate' && answer.trim() && !says(answer, /precip|ppt|solid|cloud/))
      comments.push(`You wrote “${answerPlace}”; say that a solid falls out: a precipitate.`);
    if (attribute === 'excess' && !says(answer, /excess|dissol|more|stay|insol|sol/))
      comments.push('Say what happens in excess: does it dissolve, or stay?');
    if (says(answer, /purple/) && seen.some((s) => /lilac/i.test(s)))
      comments.push('“Purple” is not enough here: potassium’s flame is lilac.');
    if (seen.length) comments.push(`You wrote “${answerPlace}”; to be seen: ${seen.join(' or ')}.`);
  }
  if (strand === 'conclusion')
    comments.push(`You named “${answerPlace}”: look again at what each test rules out.`);
  if (strand === 'equation')
    comments.push(`“${answerPlace}”: check formulas, charges and balance, in this order.`);
  return comments;
}
