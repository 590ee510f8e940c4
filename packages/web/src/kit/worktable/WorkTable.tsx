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
import { ArrowDown, ArrowUp, ChevronsUpDown } from 'lucide-react';
import { useEffect, useLayoutEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { Button } from '../Button.js';
import { Input } from '../Input.js';
import { Tip } from '../Tip.js';
import { compared, fits } from './order.js';
import { grouped, type WorkColumn } from './columns.js';
import { usePrinting } from './printing.js';

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
  readonly isChosen?: (row: Row) => boolean;
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
  isChosen,
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

  // Heads and first column stay in view: what the keyboard goes to is brought out from beneath them.
  useLayoutEffect(() => {
    const box = place.current;
    const head = box?.querySelector('thead');
    const stayed = head?.querySelector<HTMLElement>('tr:last-child > :first-child');
    if (!box || !head || !stayed) return;
    box.style.scrollPaddingTop = `${head.offsetHeight}px`;
    box.style.scrollPaddingInlineStart = `${stayed.offsetWidth}px`;
  });
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
  const pad = dense ? { px: '1', py: '0' } : {};
  const stays = { position: 'sticky', left: '0', zIndex: 1, bg: 'porcelain' } as const;
  const headed = groups.some((g) => g.id);

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
            {headed && (
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
            )}
            <Table.Row>
              {table.getFlatHeaders().map((header, i) => {
                const column = byId.get(header.column.id)!;
                const sorted = header.column.getIsSorted();
                const first = headed && groups.some((g) => g.id && g.columns[0]?.id === column.id);
                return (
                  <Table.ColumnHeader
                    key={header.id}
                    scope="col"
                    aria-sort={sorted ? (sorted === 'asc' ? 'ascending' : 'descending') : undefined}
                    px={dense ? '1' : '2'}
                    {...(i === 0 ? { ...stays, zIndex: 3 } : {})}
                    {...(column.centred ? { textAlign: 'center' as const } : {})}
                    {...(first ? { borderInlineStart: '2px solid', borderColor: 'slate.300' } : {})}
                  >
                    {header.column.getCanSort() ? (
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
                          onClick={header.column.getToggleSortingHandler()}
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
              })}
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {above > 0 && <Gap height={above} />}
            {drawn.map(({ row, i }) => {
              const chosen = isChosen?.(row.original);
              return (
                <Table.Row
                  key={row.id}
                  aria-rowindex={i + 2}
                  data-index={i}
                  {...(whole ? {} : { ref: virtual.measureElement })}
                  {...(chosen ? { bg: 'slate.50' } : {})}
                >
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
                        {column.show(row.original)}
                      </Table.Cell>
                    ) : (
                      <Table.Cell
                        key={column.id}
                        {...pad}
                        {...(column.centred ? { textAlign: 'center' as const } : {})}
                        {...(groups.some((g) => g.id && g.columns[0]?.id === column.id)
                          ? { borderInlineStart: '2px solid', borderInlineStartColor: 'slate.200' }
                          : {})}
                      >
                        {column.show(row.original)}
                      </Table.Cell>
                    ),
                  )}
                </Table.Row>
              );
            })}
            {below > 0 && <Gap height={below} />}
          </Table.Body>
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

/** The room of the rows that are not drawn. */
function Gap({ height }: { readonly height: number }) {
  return (
    <tr aria-hidden>
      <td style={{ height, padding: 0 }} />
    </tr>
  );
}

function SortSign({ sorted }: { readonly sorted: false | 'asc' | 'desc' }) {
  const Sign = sorted === 'asc' ? ArrowUp : sorted === 'desc' ? ArrowDown : ChevronsUpDown;
  return <Sign size={13} aria-hidden style={{ flex: 'none', opacity: sorted ? 1 : 0.45 }} data-noprint />;
}
