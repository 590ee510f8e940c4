/** What a set of questions is called until its teacher says otherwise. */
import { shortTestName, speciesName, type QuestionSet } from '@kivex/core';
import { topicWords } from './topic-words.js';

/** By what it is about: a test, ions, topics; "All of it" where it is about everything. */
export function nameOf(
  { topics, test, about }: Pick<QuestionSet, 'topics' | 'test' | 'about'>,
  questions: number,
): string {
  const parts = [
    test ? shortTestName(test) : '',
    about.map(speciesName).join(', '),
    topics.map((t) => topicWords[t]).join(', '),
  ].filter(Boolean);
  return `${(parts.join(': ') || 'All of it').slice(0, 100)}, ${questions} ${questions === 1 ? 'question' : 'questions'}`;
}
