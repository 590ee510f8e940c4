/** Words in a row as one says them: “a”, “a and b”, “a, b and c”; of none, nothing. */
export const listed = (words: readonly string[]): string =>
  words.length > 1 ? `${words.slice(0, -1).join(', ')} and ${words.at(-1)}` : (words[0] ?? '');
