/** The reagent store: what there is, what runs low or out of date; every change with who and why. */
import { Box, chakra } from '@chakra-ui/react';
import type { Store } from '@kivex/contract';
import { isExpired, stockWarnings, type StoreBatch, type StoreItem } from '@kivex/core';
import { PackagePlus, Pencil, Plus, Scale, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Input } from '../kit/Input.js';
import { dayAndTime } from '../kit/moments.js';
import { Empty, Failed, Loading, Notice } from '../kit/Notice.js';
import { NumberInput } from '../kit/NumberInput.js';
import { Parts } from '../kit/Parts.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';
import { Follows, Surface } from '../lessons/Follows.js';
import {
  amountText,
  today,
  type unitWords,
  useStore,
  useStoreChange,
  type StoreChange,
} from './store-queries.js';
import { BatchForm, formWords, ItemForm } from './StoreForms.js';
import { StoreSheets } from './StoreSheets.js';
import { WeighOut } from './WeighOut.js';

export default function StorePage() {
  const store = useStore();
  const change = useStoreChange();
  const [find, setFind] = useState('');
  const [editing, setEditing] = useState<StoreItem | 'new'>();
  if (store.isPending) return <Loading what="the store" />;
  if (store.error) return <Failed error={store.error} again={() => void store.refetch()} />;
  const { items } = store.data;
  const words = find.toLowerCase().split(/\s+/).filter(Boolean);
  const shown = items.filter((i) =>
    words.every((w) => `${i.name} ${i.formula} ${i.place}`.toLowerCase().includes(w)),
  );
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
        <Box width="14rem">
          <Input
            aria-label="Find in the store"
            placeholder="Find"
            value={find}
            onChange={(e) => setFind(e.target.value)}
          />
        </Box>
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
                      onClick={() => change.mutate({ method: 'POST', path: 'usual', body: {} })}
                    >
                      <PackagePlus size={18} aria-hidden /> Enter what a school usually holds
                    </Button>
                    <chakra.p mt="2">
                      Names and formulas only; you count the bottles. Or bring in a sheet.
                    </chakra.p>
                  </Empty>
                </Tile>
              ) : (
                <Tile>
                  <Table label="Stock" heads={['What', 'Strength', 'Where', 'Batches', '']}>
                    {shown.map((item) => (
                      <ItemRow key={item.id} item={item} change={change} edit={() => setEditing(item)} />
                    ))}
                  </Table>
                  {!shown.length && <chakra.p py="3">Nothing is called that.</chakra.p>}
                </Tile>
              ),
          },
          { id: 'moves', name: 'What came and went', show: () => <Moves moves={store.data.moves} /> },
          { id: 'sheets', name: 'Sheets in and out', show: () => <StoreSheets /> },
        ]}
      />
    </Surface>
  );
}

const strengthOf = ({ molarity, percent, density }: StoreItem): string =>
  molarity !== null ? `${molarity} mol/dm³` : percent !== null ? `${percent} %, ${density} g/cm³` : '';

function ItemRow({
  item,
  change,
  edit,
}: {
  readonly item: StoreItem;
  readonly change: StoreChange;
  readonly edit: () => void;
}) {
  const [adding, setAdding] = useState(false);
  const [weighing, setWeighing] = useState<{ batch: StoreBatch; wanted: number }>();
  return (
    <>
      <Row>
        <Cell>
          <b>{item.name}</b>
          {item.formula && (
            <chakra.div fontFamily="mono" fontSize="sm" color="ink.soft">
              {item.formula}
            </chakra.div>
          )}
        </Cell>
        <Cell>
          {formWords[item.form]} {strengthOf(item)}
        </Cell>
        <Cell>{item.place}</Cell>
        <Cell>
          {item.batches
            .filter((b) => b.amount > 0)
            .map((b) => (
              <Box key={b.id} display="flex" gap="2" alignItems="center" py="0.5">
                <span>
                  <b>{amountText(b.amount, item.unit)}</b> in {b.code}
                  {b.expires && (
                    <chakra.span
                      color={isExpired(b, today()) ? 'cinnabar' : 'ink.soft'}
                      fontWeight={isExpired(b, today()) ? '700' : '400'}
                    >
                      {isExpired(b, today()) ? ', expired ' : ', until '}
                      {b.expires}
                    </chakra.span>
                  )}
                </span>
                {item.unit === 'g' && (
                  <Button
                    size="small"
                    aria-label={`Weigh out ${item.name} from ${b.code}`}
                    onClick={() => setWeighing({ batch: b, wanted: Math.min(5, b.amount) })}
                  >
                    <Scale size={14} aria-hidden />
                  </Button>
                )}
                <Button
                  size="small"
                  aria-label={`Throw batch ${b.code} of ${item.name} out`}
                  title="Thrown out"
                  onClick={() =>
                    change.mutate({
                      method: 'POST',
                      path: `batches/${b.id}/moves`,
                      body: { amount: -b.amount, reason: 'thrown out' },
                    })
                  }
                >
                  <Trash2 size={14} aria-hidden />
                </Button>
              </Box>
            ))}
          {!item.batches.some((b) => b.amount > 0) && (
            <chakra.span color="ink.faint">none counted</chakra.span>
          )}
        </Cell>
        <Cell whiteSpace="nowrap">
          <Button size="small" onClick={() => setAdding(!adding)}>
            <PackagePlus size={16} aria-hidden /> Batch
          </Button>{' '}
          <Button size="small" aria-label={`Edit ${item.name}`} onClick={edit}>
            <Pencil size={16} aria-hidden />
          </Button>
        </Cell>
      </Row>
      {adding && (
        <Row>
          <Cell colSpan={5}>
            <BatchForm item={item} done={() => setAdding(false)} />
          </Cell>
        </Row>
      )}
      {weighing && (
        <Row>
          <Cell colSpan={5}>
            <Field label="Wanted, g" width="7rem" mb="2">
              <NumberInput
                value={weighing.wanted}
                min={0.01}
                max={weighing.batch.amount}
                step={0.01}
                onValue={(n) => setWeighing({ ...weighing, wanted: n ?? 1 })}
              />
            </Field>
            <WeighOut
              what={item.name}
              wanted_g={weighing.wanted}
              cancel={() => setWeighing(undefined)}
              done={(mass) => {
                change.mutate({
                  method: 'POST',
                  path: `batches/${weighing.batch.id}/moves`,
                  body: { amount: -mass, reason: 'weighed out' },
                });
                setWeighing(undefined);
              }}
            />
          </Cell>
        </Row>
      )}
    </>
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
