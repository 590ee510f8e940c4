/** Deals a class into groups at benches, evenly, in the order of the list. */
export interface DraftGroup {
  readonly row: number;
  readonly column: number;
  readonly students: readonly string[];
}

/**
 * Splits students into as few groups of at most `size` as there can be, as even as can be, placed row
 * by row with `perRow` benches to a row, or at the benches of a room from the front.
 */
export function dealGroups(
  students: readonly string[],
  size: number,
  perRow: number,
  benches: readonly { readonly row: number; readonly column: number }[] = [],
): DraftGroup[] {
  if (!students.length) return [];
  const count = Math.ceil(students.length / size);
  const fewest = Math.floor(students.length / count);
  const larger = students.length % count;
  const spots = [...benches].sort((a, b) => a.row - b.row || a.column - b.column);
  const lastRow = Math.max(-1, ...spots.map((b) => b.row));
  // Groups for which the room has no bench stand in rows behind it.
  const spotOf = (i: number) =>
    spots[i] ?? {
      row: lastRow + 1 + Math.floor((i - spots.length) / perRow),
      column: (i - spots.length) % perRow,
    };
  let from = 0;
  return Array.from({ length: count }, (_, i) => {
    const take = fewest + (i < larger ? 1 : 0);
    const own = students.slice(from, from + take);
    from += take;
    return { ...spotOf(i), students: own };
  });
}

/** Moves a student to another group; a group left empty goes. */
export function moveStudent(groups: readonly DraftGroup[], student: string, to: number): DraftGroup[] {
  return groups
    .map((group, i) => ({
      ...group,
      students:
        i === to
          ? [...group.students.filter((s) => s !== student), student]
          : group.students.filter((s) => s !== student),
    }))
    .filter((group) => group.students.length > 0);
}
