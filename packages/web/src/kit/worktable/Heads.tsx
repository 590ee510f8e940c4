/** The heads of a worked table: of columns, which sort, and of groups of them. */
import { chakra, Table } from '@chakra-ui/react';
import { ArrowDown, ArrowUp, ChevronsUpDown } from 'lucide-react';
import { memo } from 'react';
import { Button } from '../Button.js';
import { Tip } from '../Tip.js';
import { stays } from './Cells.js';
import type { ColumnGroup, WorkColumn } from './columns.js';

type Sorted = false | 'asc' | 'desc';

interface HeadProps<Row> {
  readonly column: WorkColumn<Row>;
  readonly first: boolean;
  /** Begins a group of columns. */
  readonly begins: boolean;
  readonly dense: boolean;
  readonly sorted: Sorted;
  /** Sorts by the column of an id; undefined of a column that does not sort. */
  readonly sort: ((id: string, event: unknown) => void) | undefined;
}

function DrawnHead<Row>({ column, first, begins, dense, sorted, sort }: HeadProps<Row>) {
  return (
    <Table.ColumnHeader
      scope="col"
      aria-sort={sorted ? (sorted === 'asc' ? 'ascending' : 'descending') : undefined}
      px={dense ? '1' : '2'}
      {...(first ? { ...stays, zIndex: 3 } : {})}
      {...(column.centred ? { textAlign: 'center' as const } : {})}
      {...(begins ? { borderInlineStart: '2px solid', borderColor: 'slate.300' } : {})}
    >
      {sort ? (
        <Tip says={`${column.says}. Press to sort`}>
          <Button
            variant="quiet"
            size="small"
            px="0.5"
            gap="0.5"
            color="inherit"
            fontSize="inherit"
            lineHeight="1.15"
            textAlign="start"
            onClick={(event) => sort(column.id, event)}
          >
            <span>
              {column.head}
              <chakra.span srOnly> ({column.says})</chakra.span>
            </span>
            <SortSign sorted={sorted} />
          </Button>
        </Tip>
      ) : (
        <Tip says={column.says}>
          <span>
            {column.head}
            {column.head !== column.says && <chakra.span srOnly> ({column.says})</chakra.span>}
          </span>
        </Tip>
      )}
    </Table.ColumnHeader>
  );
}

/** A head is drawn anew when its column changes, or how it is sorted. */
export const Head = memo(DrawnHead) as typeof DrawnHead;

export function GroupHeads<Row>({ groups }: { readonly groups: readonly ColumnGroup<Row>[] }) {
  return (
    <Table.Row>
      {groups.map((group, i) =>
        !group.id ? (
          <Table.Cell
            key={`none ${i}`}
            colSpan={group.columns.length}
            borderTop="0"
            {...(i === 0 ? { ...stays, zIndex: 3 } : {})}
          />
        ) : (
          <Table.ColumnHeader
            key={`${group.id} ${i}`}
            colSpan={group.columns.length}
            scope="colgroup"
            color="ink"
            borderInlineStart="2px solid"
            borderColor="slate.300"
          >
            <Tip says={group.says}>
              <span>
                {group.head}
                <chakra.span srOnly> ({group.says})</chakra.span>
              </span>
            </Tip>
          </Table.ColumnHeader>
        ),
      )}
    </Table.Row>
  );
}

function SortSign({ sorted }: { readonly sorted: Sorted }) {
  const Sign = sorted === 'asc' ? ArrowUp : sorted === 'desc' ? ArrowDown : ChevronsUpDown;
  return <Sign size={13} aria-hidden style={{ flex: 'none', opacity: sorted ? 1 : 0.45 }} data-noprint />;
}
