/** The cells of a row of a worked table: the first heads it and stays in view. */
import { Table } from '@chakra-ui/react';
import type { WorkColumn } from './columns.js';

/** How the first column stays. */
export const stays = { position: 'sticky', left: '0', zIndex: 1, bg: 'porcelain' } as const;

interface CellsProps<Row> {
  readonly row: Row;
  readonly columns: readonly WorkColumn<Row>[];
  /** Ids of the columns that begin a group. */
  readonly begins: ReadonlySet<string>;
  readonly dense: boolean;
  readonly chosen: boolean | undefined;
}

export function Cells<Row>({ row, columns, begins, dense, chosen }: CellsProps<Row>) {
  const pad = dense ? { px: '1', py: '0' } : {};
  return (
    <>
      {columns.map((column, c) =>
        c === 0 ? (
          <Table.Cell
            key={column.id}
            as="th"
            {...{ scope: 'row' }}
            textAlign="start"
            fontWeight="600"
            {...pad}
            {...stays}
            {...(chosen ? { bg: 'slate.50' } : {})}
          >
            {column.show(row)}
          </Table.Cell>
        ) : (
          <Table.Cell
            key={column.id}
            {...pad}
            {...(column.centred ? { textAlign: 'center' as const } : {})}
            {...(begins.has(column.id)
              ? { borderInlineStart: '2px solid', borderInlineStartColor: 'slate.200' }
              : {})}
          >
            {column.show(row)}
          </Table.Cell>
        ),
      )}
    </>
  );
}

/** The room of the rows that are not drawn. */
export function Gap({ height }: { readonly height: number }) {
  return (
    <tr aria-hidden>
      <td style={{ height, padding: 0 }} />
    </tr>
  );
}
