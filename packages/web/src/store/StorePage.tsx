/** The reagent store: what there is, what runs low or out of date; every change with who and why. */
import { Box, chakra } from '@chakra-ui/react';
import type { Store } from '@kivex/contract';
import { stockWarnings, type StoreItem } from '@kivex/core';
import { PackagePlus, Plus } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { dayAndTime } from '../kit/moments.js';
import { Empty, Failed, Loading, Notice } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { Parts } from '../kit/Parts.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';
import { Follows, Surface } from '../lessons/Follows.js';
import { amountText, today, type unitWords, useStore, useStoreChange } from './store-queries.js';
import { StockTable } from './StockTable.js';
import { ItemForm } from './StoreForms.js';
import { StoreSheets } from './StoreSheets.js';
import { call } from '../kit/request/call.js';

export default function StorePage() {
  const store = useStore();
  const change = useStoreChange();
  const [editing, setEditing] = useState<StoreItem | 'new'>();
  if (store.isPending) return <Loading what="the store" />;
  if (isLacking(store)) return <Failed error={store.error} again={() => void store.refetch()} />;
  const { items } = store.data;
  const warnings = stockWarnings(items, today()).filter(
    (w) => w.kind !== 'none' || items.find((i) => i.id === w.item)!.batches.length > 0,
  );
  return (
    <Surface
      follows={
        <Follows
          consequences={[
            ...warnings.slice(0, 12).map((w) => ({
              key: `${w.kind} ${w.item} ${w.batch}`,
              tone: w.kind === 'expired' ? ('stop' as const) : ('look' as const),
              text: w.text,
            })),
            ...(warnings.length > 12
              ? [
                  {
                    key: 'more',
                    tone: 'look' as const,
                    text: `${warnings.length - 12} more things run low or out of date.`,
                  },
                ]
              : []),
            ...(!warnings.length && items.length
              ? [
                  {
                    key: 'fine',
                    tone: 'go' as const,
                    text: 'Nothing counted runs low or has passed its date.',
                  },
                ]
              : []),
          ]}
        />
      }
    >
      <Box display="flex" gap="2" flexWrap="wrap" alignItems="center">
        <chakra.h1 fontSize="xl">Store</chakra.h1>
        <Box flex="1" />
        <Button variant="go" onClick={() => setEditing('new')}>
          <Plus size={18} aria-hidden /> New item
        </Button>
      </Box>
      {change.error && <Notice tone="stop">{change.error.message}</Notice>}
      {editing && (
        <ItemForm
          key={editing === 'new' ? 'new' : editing.id}
          item={editing === 'new' ? undefined : editing}
          done={() => setEditing(undefined)}
        />
      )}
      <Parts
        label="Parts of the store"
        parts={[
          {
            id: 'stock',
            name: `Stock (${items.length})`,
            show: () =>
              !items.length ? (
                <Tile>
                  <Empty title="The store is empty">
                    <Button
                      variant="go"
                      disabled={change.isPending}
                      onClick={() => change.mutate(() => call('POST /api/store/usual'))}
                    >
                      <PackagePlus size={18} aria-hidden /> Enter what a school usually holds
                    </Button>
                    <chakra.p mt="2">
                      Names and formulas only; you count the bottles. Or bring in a sheet.
                    </chakra.p>
                  </Empty>
                </Tile>
              ) : (
                <StockTable items={items} change={change} edit={setEditing} />
              ),
          },
          { id: 'moves', name: 'What came and went', show: () => <Moves moves={store.data.moves} /> },
          { id: 'sheets', name: 'Sheets in and out', show: () => <StoreSheets /> },
        ]}
      />
    </Surface>
  );
}

function Moves({ moves }: { readonly moves: Store['moves'] }) {
  return (
    <Tile>
      {!moves.length ? (
        <Empty title="Nothing has come or gone yet">
          Batches entered and amounts taken are listed here, with who and why.
        </Empty>
      ) : (
        <Table label="What came and went" heads={['When', 'What', 'Batch', 'Amount', 'Why', 'Who']}>
          {moves.map((m) => (
            <Row key={m.id}>
              <Cell whiteSpace="nowrap">{dayAndTime(m.at)}</Cell>
              <Cell>{m.item}</Cell>
              <Cell>{m.batch}</Cell>
              <Cell whiteSpace="nowrap">
                {m.amount > 0 ? '+' : '−'}
                {amountText(Math.abs(m.amount), m.unit as keyof typeof unitWords)}
              </Cell>
              <Cell>{m.reason}</Cell>
              <Cell>{m.by}</Cell>
            </Row>
          ))}
        </Table>
      )}
    </Tile>
  );
}
