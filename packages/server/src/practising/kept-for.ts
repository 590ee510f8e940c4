/** Milliseconds for which questions to classes and sets given to them are kept, with their answers: thirty days. */
export const keptFor = 30 * 24 * 60 * 60_000;
