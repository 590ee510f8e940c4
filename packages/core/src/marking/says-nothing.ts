/** Answers that are no answers: blank, "idk", a keyboard run over, markup, words to the marker. They earn nothing, decided. */
import { keptByText } from '../reading/kept.js';
import { standingOf } from '../reading/lexicon.js';
import { isWord, longestAnswer, tokensOf } from '../reading/tokens.js';
import type { Reason } from '../reading/reason.js';

const noIdea =
  /^(?:idk+|i ?dk|dunno|dont know|do not know|not sure|no idea|no clue|unsure|pass|skip|na|n a|none of your business|help|what|huh|sorry|forgot|cant remember|can not remember|didnt do (?:it|this|that)|was absent|absent|ran out of time|no time|not done|i|really|have|just|the|answer|do|not|know|this|that|one|it|a|got|sir|miss|lol|tbh|even|remember|did|we|it)(?: |$)/;
const toTheMarker =
  /\b(?:full marks?|ignore (?:the|all|previous|any|your)|mark scheme|award|give me|system prompt|instructions?|as an ai|correct answer|marks? please|you must|select|drop table|script|alert|onclick|href|http)\b/;

const readable = (word: string): boolean => standingOf(word) !== 'unknown';
/** Letters as no word has them: a run of one letter or of keys, no vowel, far too long. */
const isMash = (word: string): boolean =>
  word.length > 24 ||
  /(.)\1{3,}/.test(word) ||
  (word.length > 5 && !/[aeiouy]/.test(word)) ||
  /(?:asdf|sdfg|dfgh|fghj|ghjk|hjkl|qwer|wert|erty|rtyu|uiop|zxcv|xcvb|cvbn|jkj|lkj|fdsa|jfj|dfd|sdf|kjh)/.test(
    word,
  );

/** Why an answer is none, as a kind sentence; undefined where it says something. */
export const saysNothing = keptByText((answer): Reason | undefined => {
  const kind = (code: string, text: string): Reason => ({ code, text });
  const short = answer.slice(0, longestAnswer);
  if (!/[\p{L}\p{N}]/u.test(short))
    return kind('blank', answer.trim() ? 'No words were written.' : 'Nothing was written.');
  const tokens = tokensOf(short).filter(isWord);
  const text = tokens.join(' ');
  if (/<\/?[a-z][^>]*>/i.test(short) || /--\s*$|;\s*drop\s/i.test(short))
    return kind('no-answer', 'This is code rather than an answer.');
  if (/^[^\p{L}\p{N}]*([\p{L}\p{N}])\1{5,}[^\p{L}\p{N}]*$/u.test(short))
    return kind('no-answer', 'These are not words; nothing can be marked.');
  if (toTheMarker.test(text) && /\b(?:marks?|ignore|award|prompt|instructions?|script|drop)\b/.test(text))
    return kind('no-answer', 'This speaks to the marker; it does not answer the question.');
  let rest = text;
  for (let guard = 0; guard < 20 && noIdea.test(rest); guard++) rest = rest.replace(noIdea, '').trim();
  if (
    !rest &&
    /idk|dunno|know|idea|clue|sure|pass|skip|help|what|huh|sorry|forgot|remember|absent|time|na|i dk/.test(
      text,
    )
  )
    return kind('no-answer', 'It says that it does not know; nothing can be marked.');
  const odd = tokens.filter((word) => /[a-z]/.test(word) && isMash(word));
  if (odd.length && !tokens.some((word) => word.length > 1 && readable(word) && !isMash(word)))
    return kind('no-answer', 'These are not words; nothing can be marked.');
  return undefined;
});
