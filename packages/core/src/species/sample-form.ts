/** The form a sample comes in. */
export type SampleForm = 'solid' | 'solution' | 'gas' | 'metal';
