/** What a column of a worktable is, and how neighbours of one group are headed together. */
import type { ReactNode } from 'react';

export interface WorkColumn<Row> {
  readonly id: string;
  /** Short, for the head of the column. */
  readonly head: ReactNode;
  /** Its whole name, said on pointing at the head and to screen readers. */
  readonly says: string;
  /** Columns next to each other with one group share a head above theirs. */
  readonly group?: { readonly id: string; readonly head: ReactNode; readonly says: string };
  /** What it is sorted and searched by; a column without is neither. */
  readonly value?: (row: Row) => string | number | undefined;
  /** @param chosen whether this cell is what the table is told to be chosen. */
  readonly show: (row: Row, chosen: boolean) => ReactNode;
  /** Numbers and marks stand in the middle of their column. */
  readonly centred?: boolean;
}

export interface ColumnGroup<Row> {
  readonly id: string;
  readonly head: ReactNode;
  readonly says: string;
  readonly columns: readonly WorkColumn<Row>[];
}

/** Columns in their order, neighbours of one group together; a column without group stands alone, with no head above it. */
export function grouped<Row>(columns: readonly WorkColumn<Row>[]): ColumnGroup<Row>[] {
  const groups: { id: string; head: ReactNode; says: string; columns: WorkColumn<Row>[] }[] = [];
  for (const column of columns) {
    const last = groups.at(-1);
    const id = column.group?.id ?? '';
    if (last && last.id === id) last.columns.push(column);
    else
      groups.push({ id, head: column.group?.head ?? '', says: column.group?.says ?? '', columns: [column] });
  }
  return groups;
}
