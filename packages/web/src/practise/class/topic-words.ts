import type { RecallTopic, Strictness } from '@kivex/core';

/** Topics of recall as staff read them. */
export const topicWords: Readonly<Record<RecallTopic, string>> = {
  results: 'What you see',
  meaning: 'What it means',
  'gas-tests': 'Gas tests',
  reasons: 'Why',
  equations: 'Equations',
};

/** How strictly it is marked, as an adverb. */
export const markedWords: Readonly<Record<Strictness, string>> = {
  strict: 'strictly',
  standard: 'as usual',
  generous: 'generously',
};
