/**
 * Text as people type it, without signs that cannot be seen but change what is: controls that turn the direction of
 * writing, so that a name shows as another, and control characters.
 */

/** Marks, embeddings, overrides and isolates of direction; zero-width joins that no name needs at its ends. */
const hidden = /[\u061C\u200E\u200F\u202A-\u202E\u2066-\u2069\uFEFF]/gu;

/** Without hidden controls; line ends and tabs stay. Composed, so that equal names are equal. */
export const cleanText = (text: string): string =>
  text
    // Half a letter, which JSON can say and nothing else can.
    .replace(/\p{Surrogate}/gu, '\uFFFD')
    .normalize('NFC')
    .replace(hidden, '')
    .replace(/\p{Cc}/gu, (sign) => (sign === '\n' || sign === '\t' ? sign : sign === '\r' ? '' : ' '));

/** A name on one line: clean, single spaces, none at its ends. */
export const cleanName = (text: string): string => cleanText(text).replace(/\s+/gu, ' ').trim();
