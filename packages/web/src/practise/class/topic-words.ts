import type { RecallTopic } from '@kivex/core';

/** Topics of recall as staff read them. */
export const topicWords: Readonly<Record<RecallTopic, string>> = {
  results: 'What you see',
  meaning: 'What it means',
  'gas-tests': 'Gas tests',
  reasons: 'Why',
  equations: 'Equations',
};
