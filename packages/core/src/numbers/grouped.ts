/** The members of a list by a key, in their order; keys in the order they are first met. */
export function groupedBy<K, T>(list: Iterable<T>, keyOf: (member: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const member of list) {
    const key = keyOf(member);
    const own = groups.get(key);
    if (own) own.push(member);
    else groups.set(key, [member]);
  }
  return groups;
}
