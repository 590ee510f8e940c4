/** Answers compared by what they say. */
import { denialWords } from '../reading/denials.js';
import { grammarWords } from '../reading/grammar-words.js';
import { readText } from '../reading/read-text.js';
import type { Strand } from '../schemes/strands.js';

/**
 * An answer's form for being compared: spelling mended, short forms written out, words that carry nothing left out.
 * Equations and techniques are compared as they are written, spaces and case apart from equations.
 */
export function readingForm(strand: Strand, answer: string): string {
  if (!answer.trim()) return '';
  if (strand === 'equation') return answer.replace(/\s+/g, '');
  if (strand === 'technique') return answer;
  const { words, clauses } = readText(answer);
  const carrying = words.filter((word) => !grammarWords.has(word) || denialWords.has(word));
  const joins = clauses
    .map((c) => (c.joined === 'then' || c.joined === 'but' || c.joined === 'or' ? c.joined : ''))
    .join('');
  return carrying.length ? `${carrying.join(' ')}|${joins}` : answer.trim().toLowerCase();
}
