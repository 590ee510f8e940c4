/** What was read once of a text is kept: a class gives the same answers again and again. */

/** A reading that keeps its last results by text. @param most how many; beyond that all are dropped and begun again. */
export function keptByText<Read>(read: (text: string) => Read, most = 4000): (text: string) => Read {
  const results = new Map<string, Read>();
  return (text) => {
    const before = results.get(text);
    if (before !== undefined || results.has(text)) return before as Read;
    const now = read(text);
    if (results.size >= most) results.clear();
    results.set(text, now);
    return now;
  };
}
