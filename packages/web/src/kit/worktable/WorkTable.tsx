/**
 * A table that is worked in: sorted by its heads, searched, its first column and heads in view however far one scrolls,
 * thousands of rows drawn as they come into view, and all of them on paper.
 */
import { Box, Table, chakra } from '@chakra-ui/react';
import {
  createColumnHelper,
  createFilteredRowModel,
  createSortedRowModel,
  globalFilteringFeature,
  rowSortingFeature,
  columnFilteringFeature,
  tableFeatures,
  useTable,
  type SortingState,
} from '@tanstack/react-table';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useCallback, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { Input } from '../Input.js';
import { compared, fits } from './order.js';
import { Gap, Rows, WorkRow } from './Cells.js';
import { grouped, type WorkColumn } from './columns.js';
import { GroupHeads, Head } from './Heads.js';
import { usePrinting } from './printing.js';
import { useRoomForHeads } from './room-for-heads.js';

interface WorkTableProps<Row> {
  readonly label: string;
  readonly rows: readonly Row[];
  readonly rowId: (row: Row) => string;
  /** The first one stays in view and heads its row. */
  readonly columns: readonly WorkColumn<Row>[];
  /** Rows and columns closer together. */
  readonly dense?: boolean;
  /** Words in the box that searches; without them there is none. */
  readonly find?: string;
  /** Beside the box that searches. */
  readonly tools?: ReactNode;
  /** Said where the search finds nothing. */
  readonly nothing?: string;
  /** What is chosen: a row, by its id, and a column of it. */
  readonly chosen?: { readonly row: string; readonly column: string } | undefined;
  /** Told which rows stand in which order, as they are sorted and searched. */
  readonly onOrder?: (rows: readonly Row[]) => void;
}

/** Rows beyond which only those in view are drawn. */
const drawnWhole = 80;
const rowHeight = 44;
const features = tableFeatures({
  columnFilteringFeature,
  globalFilteringFeature,
  rowSortingFeature,
  sortedRowModel: createSortedRowModel(),
  filteredRowModel: createFilteredRowModel(),
});

export function WorkTable<Row extends object>({
  label,
  rows,
  rowId,
  columns,
  dense = false,
  find,
  tools,
  nothing = 'Nothing here fits what you look for.',
  chosen,
  onOrder,
}: WorkTableProps<Row>) {
  const [sorting, setSorting] = useState<SortingState>([]);
  const [sought, setSought] = useState('');
  const place = useRef<HTMLDivElement>(null);
  const printing = usePrinting();
  const byId = useMemo(() => new Map(columns.map((c) => [c.id, c])), [columns]);
  const groups = useMemo(() => grouped(columns), [columns]);
  const defined = useMemo(() => {
    const helper = createColumnHelper<typeof features, Row>();
    return helper.columns(
      columns.map((column) =>
        helper.accessor((row) => column.value?.(row), {
          id: column.id,
          enableSorting: column.value !== undefined,
          sortFn: (a, b) => compared(column.value?.(a.original), column.value?.(b.original)),
          sortUndefined: 'last',
        }),
      ),
    );
  }, [columns]);
  const table = useTable({
    features,
    columns: defined,
    data: rows,
    getRowId: rowId,
    state: { sorting, globalFilter: sought },
    onSortingChange: setSorting,
    onGlobalFilterChange: setSought,
    getColumnCanGlobalFilter: () => true,
    // One search goes over the whole row, so that words may stand in different columns.
    globalFilterFn: (row, _id, words: string) =>
      fits(
        columns.map((column) => column.value?.(row.original)),
        words,
      ),
  });
  const shown = table.getRowModel().rows;
  useEffect(() => onOrder?.(shown.map((r) => r.original)), [onOrder, shown]);

  useRoomForHeads(place);
  const virtual = useVirtualizer({
    count: shown.length,
    getScrollElement: () => place.current,
    estimateSize: () => rowHeight,
    overscan: 12,
  });
  const whole = printing || shown.length <= drawnWhole;
  const items = whole ? [] : virtual.getVirtualItems();
  const drawn = whole
    ? shown.map((row, i) => ({ row, i }))
    : items.map(({ index: i }) => ({ row: shown[i]!, i }));
  const above = items[0]?.start ?? 0;
  const below = whole ? 0 : virtual.getTotalSize() - (items.at(-1)?.end ?? 0);
  const headed = groups.some((g) => g.id);
  const begins = useMemo(
    () => new Set(groups.flatMap((g) => (g.id ? (g.columns[0]?.id ?? []) : []))),
    [groups],
  );
  const sort = useCallback(
    (id: string, event: unknown) => table.getColumn(id)?.getToggleSortingHandler()?.(event),
    [table],
  );

  return (
    <Box display="grid" gap="3" gridTemplateColumns="minmax(0, 1fr)">
      {(find !== undefined || tools) && (
        <Box data-noprint display="flex" gap="3" flexWrap="wrap" alignItems="center">
          {find !== undefined && (
            <Box width="16rem">
              <Input
                type="search"
                aria-label={find}
                placeholder={find}
                value={sought}
                onChange={(e) => setSought(e.target.value)}
              />
            </Box>
          )}
          {tools}
        </Box>
      )}
      <Box
        ref={place}
        // What is there for screen readers alone is placed within it, and widens no page.
        position="relative"
        overflow="auto"
        maxH="calc(100vh - 9rem)"
        tabIndex={0}
        role="region"
        aria-label={label}
        _print={{ overflow: 'visible', maxHeight: 'none' }}
      >
        <Table.Root fontSize={dense ? 'sm' : 'md'} aria-rowcount={shown.length + 1}>
          <Table.Header position="sticky" top="0" zIndex={2} bg="porcelain" _print={{ position: 'static' }}>
            {headed && <GroupHeads groups={groups} />}
            <Table.Row>
              {table.getFlatHeaders().map(({ id, column }, i) => (
                <Head
                  key={id}
                  column={byId.get(column.id)!}
                  first={i === 0}
                  begins={headed && begins.has(column.id)}
                  dense={dense}
                  sorted={column.getIsSorted()}
                  sort={column.getCanSort() ? sort : undefined}
                />
              ))}
            </Table.Row>
          </Table.Header>
          <Rows dense={dense}>
            {above > 0 && <Gap height={above} />}
            {drawn.map(({ row, i }) => (
              <WorkRow
                key={row.id}
                row={row.original}
                index={i}
                columns={columns}
                begins={begins}
                chosen={chosen?.row === row.id ? chosen.column : undefined}
                measure={whole ? undefined : virtual.measureElement}
              />
            ))}
            {below > 0 && <Gap height={below} />}
          </Rows>
        </Table.Root>
        {!shown.length && (
          <chakra.p role="status" py="4" px="2" color="ink.soft">
            {nothing}
          </chakra.p>
        )}
      </Box>
    </Box>
  );
}
