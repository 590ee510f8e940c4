/** Deals a class into groups at benches, evenly, in the order of the list. */
export interface DraftGroup {
  readonly row: number;
  readonly column: number;
  readonly students: readonly string[];
}

/**
 * Splits students into as few groups of at most `size` as there can be, as even as can be, placed row
 * by row with `perRow` benches to a row.
 */
export function dealGroups(students: readonly string[], size: number, perRow: number): DraftGroup[] {
  if (!students.length) return [];
  const count = Math.ceil(students.length / size);
  const fewest = Math.floor(students.length / count);
  const larger = students.length % count;
  let from = 0;
  return Array.from({ length: count }, (_, i) => {
    const take = fewest + (i < larger ? 1 : 0);
    const own = students.slice(from, from + take);
    from += take;
    return { row: Math.floor(i / perRow), column: i % perRow, students: own };
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
