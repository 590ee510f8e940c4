/** What questions of recall are about. */
export const recallTopics = ['results', 'meaning', 'gas-tests', 'reasons', 'equations'] as const;
export type RecallTopic = (typeof recallTopics)[number];
