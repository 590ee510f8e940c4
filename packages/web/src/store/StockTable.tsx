/** What the store holds: sorted, searched; batches come in and go out by dialogs of their own. */
import { Box, chakra } from '@chakra-ui/react';
import { isExpired, type StoreBatch, type StoreItem } from '@kivex/core';
import { PackagePlus, Pencil, Scale, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Dialog } from '../kit/Dialog.js';
import { Field } from '../kit/Field.js';
import { IconButton } from '../kit/IconButton.js';
import { day } from '../kit/moments.js';
import { NumberInput } from '../kit/NumberInput.js';
import { FormulaText } from '../kit/Species.js';
import { Tile } from '../kit/Tile.js';
import type { WorkColumn } from '../kit/worktable/columns.js';
import { WorkTable } from '../kit/worktable/WorkTable.js';
import { amountText, today, type StoreChange } from './store-queries.js';
import { BatchForm, formWords } from './StoreForms.js';
import { WeighOut } from './WeighOut.js';
import { call } from '../kit/request/call.js';

interface StockTableProps {
  readonly items: readonly StoreItem[];
  readonly change: StoreChange;
  readonly edit: (item: StoreItem) => void;
}

const strengthOf = ({ molarity, percent, density }: StoreItem): string =>
  molarity !== null ? `${molarity} mol/dm³` : percent !== null ? `${percent} %, ${density} g/cm³` : '';
const held = (item: StoreItem): number => item.batches.reduce((sum, b) => sum + Math.max(0, b.amount), 0);

export function StockTable({ items, change, edit }: StockTableProps) {
  const [adding, setAdding] = useState<StoreItem>();
  const [weighing, setWeighing] = useState<{ item: StoreItem; batch: StoreBatch; wanted: number }>();
  const move = (batch: StoreBatch, amount: number, reason: string) =>
    change.mutate(() =>
      call('POST /api/store/batches/:batch/moves', { batch: batch.id, body: { amount, reason } }),
    );
  const columns: WorkColumn<StoreItem>[] = [
    {
      id: 'what',
      head: 'What',
      says: 'Name and formula',
      value: (item) => `${item.name} ${item.formula}`,
      show: (item) => (
        <>
          {item.name}
          {item.formula && (
            <chakra.div fontSize="sm" fontWeight="400" color="ink.soft">
              <FormulaText formula={item.formula} />
            </chakra.div>
          )}
        </>
      ),
    },
    {
      id: 'strength',
      head: 'Strength',
      says: 'Form and strength',
      value: (item) => `${formWords[item.form]} ${strengthOf(item)}`,
      show: (item) => `${formWords[item.form]} ${strengthOf(item)}`,
    },
    { id: 'where', head: 'Where', says: 'Where it stands', value: (i) => i.place, show: (i) => i.place },
    {
      id: 'batches',
      head: 'Batches',
      says: 'Amounts by batch',
      value: held,
      show: (item) =>
        held(item) > 0 ? (
          item.batches
            .filter((b) => b.amount > 0)
            .map((b) => (
              <Batch
                key={b.id}
                item={item}
                batch={b}
                weigh={() => setWeighing({ item, batch: b, wanted: Math.min(5, b.amount) })}
                throwOut={() => move(b, -b.amount, 'thrown out')}
              />
            ))
        ) : (
          <chakra.span color="ink.faint">none counted</chakra.span>
        ),
    },
    {
      id: 'do',
      head: '',
      says: 'What can be done with it',
      show: (item) => (
        <Box whiteSpace="nowrap" textAlign="end">
          <Button size="small" aria-label={`New batch of ${item.name}`} onClick={() => setAdding(item)}>
            <PackagePlus size={16} aria-hidden /> Batch
          </Button>{' '}
          <IconButton size="small" variant="plain" label={`Edit ${item.name}`} onClick={() => edit(item)}>
            <Pencil size={16} aria-hidden />
          </IconButton>
        </Box>
      ),
    },
  ];
  return (
    <Tile p="3">
      <WorkTable
        label="Stock"
        rows={items}
        rowId={(item) => item.id}
        columns={columns}
        find="Find in the store"
        nothing="Nothing is called that."
      />
      <Dialog
        open={adding !== undefined}
        close={() => setAdding(undefined)}
        title={`New batch: ${adding?.name ?? ''}`}
        first="input"
      >
        {adding && <BatchForm item={adding} done={() => setAdding(undefined)} />}
      </Dialog>
      <Dialog
        open={weighing !== undefined}
        close={() => setWeighing(undefined)}
        title={`Weigh out ${weighing?.item.name ?? ''}`}
      >
        {weighing && (
          <>
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
              what={weighing.item.name}
              wanted_g={weighing.wanted}
              cancel={() => setWeighing(undefined)}
              done={(mass) => {
                move(weighing.batch, -mass, 'weighed out');
                setWeighing(undefined);
              }}
            />
          </>
        )}
      </Dialog>
    </Tile>
  );
}

interface BatchProps {
  readonly item: StoreItem;
  readonly batch: StoreBatch;
  readonly weigh: () => void;
  readonly throwOut: () => void;
}

function Batch({ item, batch, weigh, throwOut }: BatchProps) {
  const expired = isExpired(batch, today());
  return (
    <Box display="flex" gap="1" alignItems="center" py="0.5">
      <span>
        <b>{amountText(batch.amount, item.unit)}</b> in {batch.code}
        {batch.expires && (
          <chakra.span color={expired ? 'cinnabar' : 'ink.soft'} fontWeight={expired ? '700' : '400'}>
            {expired ? ', expired ' : ', until '}
            {day(batch.expires)}
          </chakra.span>
        )}
      </span>
      {item.unit === 'g' && (
        <IconButton size="small" label={`Weigh out ${item.name} from ${batch.code}`} onClick={weigh}>
          <Scale size={14} aria-hidden />
        </IconButton>
      )}
      <IconButton
        size="small"
        label={`Throw batch ${batch.code} of ${item.name} out`}
        tip="It was thrown out"
        onClick={throwOut}
      >
        <Trash2 size={14} aria-hidden />
      </IconButton>
    </Box>
  );
}
