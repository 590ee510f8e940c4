/**
 * The rows of a worked table: the first cell of each heads it and stays in view. Cells are plain, told apart by what they say
 * of themselves and dressed by the body that holds them: a class and its marks are a thousand of them.
 */
import { Table, useTableStyles, type SystemStyleObject } from '@chakra-ui/react';
import { memo, type ReactNode, type Ref } from 'react';
import type { WorkColumn } from './columns.js';

/** How the first column stays. */
export const stays = { position: 'sticky', left: '0', zIndex: 1, bg: 'porcelain' } as const;

/** The body of the table: how its cells look. */
export function Rows({ dense, children }: { readonly dense: boolean; readonly children: ReactNode }) {
  const { cell = {} } = useTableStyles();
  const look: SystemStyleObject = {
    '& > tr > *': { ...cell, ...(dense ? { px: '1', py: '0' } : {}) },
    '& > tr > th': { textAlign: 'start', fontWeight: '600', ...stays },
    '& > tr > [data-centred]': { textAlign: 'center' },
    '& > tr > [data-begins]': { borderInlineStart: '2px solid', borderInlineStartColor: 'slate.200' },
    '& > tr[data-chosen], & > tr[data-chosen] > th': { bg: 'slate.50' },
  };
  return <Table.Body css={look}>{children}</Table.Body>;
}

interface WorkRowProps<Row> {
  readonly row: Row;
  readonly index: number;
  readonly columns: readonly WorkColumn<Row>[];
  /** Ids of the columns that begin a group. */
  readonly begins: ReadonlySet<string>;
  /** Is it the chosen row: its chosen column, or none of it; undefined of every other. */
  readonly chosen: string | undefined;
  readonly measure: Ref<HTMLTableRowElement> | undefined;
}

function DrawnRow<Row>({ row, index, columns, begins, chosen, measure }: WorkRowProps<Row>) {
  return (
    <tr
      ref={measure}
      aria-rowindex={index + 2}
      data-index={index}
      data-chosen={chosen === undefined ? undefined : ''}
    >
      {columns.map((column, c) =>
        c === 0 ? (
          <th key={column.id} scope="row">
            {column.show(row, chosen === column.id)}
          </th>
        ) : (
          <td
            key={column.id}
            data-centred={column.centred ? '' : undefined}
            data-begins={begins.has(column.id) ? '' : undefined}
          >
            {column.show(row, chosen === column.id)}
          </td>
        ),
      )}
    </tr>
  );
}
/** A row is drawn anew when it, or what is chosen of it, changes. */
export const WorkRow = memo(DrawnRow) as typeof DrawnRow;

/** The room of the rows that are not drawn. */
export function Gap({ height }: { readonly height: number }) {
  return (
    <tr aria-hidden>
      <td style={{ height, padding: 0 }} />
    </tr>
  );
}
