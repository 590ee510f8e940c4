/** What a mark is for. */
export const strands = ['technique', 'observation', 'conclusion', 'equation'] as const;
export type Strand = (typeof strands)[number];
