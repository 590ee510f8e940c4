/** Entering and changing items of the store and their batches. */
import { Box, chakra } from '@chakra-ui/react';
import { storeForms, type StoreForm, type StoreItem } from '@kivex/core';
import { Trash2 } from 'lucide-react';
import { useState, type FormEvent } from 'react';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Input } from '../kit/Input.js';
import { Notice } from '../kit/Notice.js';
import { NumberInput } from '../kit/NumberInput.js';
import { RequestProblem } from '../kit/request/request.js';
import { Select } from '../kit/Select.js';
import { Tile } from '../kit/Tile.js';
import { unitWords, useStoreChange } from './store-queries.js';

export const formWords: Readonly<Record<StoreForm, string>> = {
  solid: 'solid',
  solution: 'solution',
  liquid: 'liquid',
  metal: 'metal',
  other: 'other',
};

function useFormSend(path: string, method: 'POST' | 'PUT', done: () => void) {
  const change = useStoreChange();
  const at = (field: string) =>
    change.error instanceof RequestProblem
      ? change.error.fields.find((f) => f.field === field)?.detail
      : undefined;
  const send = (event: FormEvent, body: object) => {
    event.preventDefault();
    change.mutate({ method, path, body }, { onSuccess: done });
  };
  const elsewhere =
    change.error && !(change.error instanceof RequestProblem && change.error.fields.length)
      ? change.error.message
      : undefined;
  return { at, send, elsewhere, busy: change.isPending, change };
}

export function BatchForm({ item, done }: { readonly item: StoreItem; readonly done: () => void }) {
  const [batch, setBatch] = useState({ code: '', amount: 0, opened: '', expires: '' });
  const form = useFormSend(`items/${item.id}/batches`, 'POST', done);
  return (
    <chakra.form
      noValidate
      display="grid"
      gap="3"
      gridTemplateColumns="repeat(auto-fit, minmax(9rem, 1fr))"
      alignItems="end"
      onSubmit={(e) =>
        form.send(e, { ...batch, opened: batch.opened || null, expires: batch.expires || null })
      }
    >
      <Field label="Batch mark" error={form.at('code')}>
        <Input
          value={batch.code}
          maxLength={40}
          onChange={(e) => setBatch({ ...batch, code: e.target.value })}
        />
      </Field>
      <Field label={`Amount, ${unitWords[item.unit]}`} error={form.at('amount')}>
        <NumberInput
          value={batch.amount}
          step={0.1}
          onValue={(n) => setBatch({ ...batch, amount: n ?? 0 })}
        />
      </Field>
      <Field label="Opened" error={form.at('opened')}>
        <Input
          type="date"
          value={batch.opened}
          onChange={(e) => setBatch({ ...batch, opened: e.target.value })}
        />
      </Field>
      <Field label="Expires" error={form.at('expires')}>
        <Input
          type="date"
          value={batch.expires}
          onChange={(e) => setBatch({ ...batch, expires: e.target.value })}
        />
      </Field>
      <Button type="submit" variant="go" disabled={form.busy}>
        Enter the batch
      </Button>
      {form.elsewhere && <Notice tone="stop">{form.elsewhere}</Notice>}
    </chakra.form>
  );
}

export function ItemForm({
  item,
  done,
}: {
  readonly item: StoreItem | undefined;
  readonly done: () => void;
}) {
  const [fields, setFields] = useState({
    name: item?.name ?? '',
    formula: item?.formula ?? '',
    form: item?.form ?? ('solid' as StoreForm),
    molarity: item?.molarity ?? null,
    percent: item?.percent ?? null,
    density: item?.density ?? null,
    unit: item?.unit ?? ('g' as StoreItem['unit']),
    place: item?.place ?? '',
    lowBelow: item?.lowBelow ?? 0,
  });
  const set = (part: Partial<typeof fields>) => setFields({ ...fields, ...part });
  const form = useFormSend(item ? `items/${item.id}` : 'items', item ? 'PUT' : 'POST', done);
  const figure = (label: string, key: 'molarity' | 'percent' | 'density', max: number) => (
    <Field label={label} error={form.at(key)}>
      <NumberInput value={fields[key]} optional max={max} step={0.01} onValue={(n) => set({ [key]: n })} />
    </Field>
  );
  return (
    <Tile>
      <chakra.form
        noValidate
        display="grid"
        gap="3"
        gridTemplateColumns="repeat(auto-fit, minmax(10rem, 1fr))"
        alignItems="end"
        onSubmit={(e) => form.send(e, fields)}
      >
        <Field label="What it is" error={form.at('name')}>
          <Input value={fields.name} maxLength={120} onChange={(e) => set({ name: e.target.value })} />
        </Field>
        <Field label="Formula, hydrate too" error={form.at('formula')}>
          <Input
            value={fields.formula}
            maxLength={80}
            placeholder="CuSO4.5H2O"
            onChange={(e) => set({ formula: e.target.value })}
          />
        </Field>
        <Field label="Form">
          <Select
            value={fields.form}
            onChange={(e) => {
              const next = e.target.value as StoreForm;
              set({
                form: next,
                unit: next === 'solid' ? 'g' : next === 'solution' || next === 'liquid' ? 'mL' : 'pieces',
              });
            }}
          >
            {storeForms.map((f) => (
              <option key={f} value={f}>
                {formWords[f]}
              </option>
            ))}
          </Select>
        </Field>
        {(fields.form === 'solution' || fields.form === 'liquid') && (
          <>
            {figure('mol/dm³', 'molarity', 40)}
            {figure('or percent', 'percent', 100)}
            {figure('and g/cm³', 'density', 25)}
          </>
        )}
        <Field label="Counted in" error={form.at('unit')}>
          <Select value={fields.unit} onChange={(e) => set({ unit: e.target.value as StoreItem['unit'] })}>
            {(['g', 'mL', 'pieces'] as const).map((u) => (
              <option key={u} value={u}>
                {unitWords[u]}
              </option>
            ))}
          </Select>
        </Field>
        <Field label="Warn below">
          <NumberInput value={fields.lowBelow} onValue={(n) => set({ lowBelow: n ?? 0 })} />
        </Field>
        <Field label="Where it stands">
          <Input value={fields.place} maxLength={80} onChange={(e) => set({ place: e.target.value })} />
        </Field>
        <Box display="flex" gap="2">
          <Button type="submit" variant="go" disabled={form.busy}>
            {item ? 'Save' : 'Add it'}
          </Button>
          <Button onClick={done}>Leave it</Button>
          {item && (
            <Button
              variant="stop"
              aria-label={`Take ${item.name} out of the store`}
              onClick={() =>
                form.change.mutate({ method: 'DELETE', path: `items/${item.id}` }, { onSuccess: done })
              }
            >
              <Trash2 size={16} aria-hidden />
            </Button>
          )}
        </Box>
        {form.elsewhere && <Notice tone="stop">{form.elsewhere}</Notice>}
      </chakra.form>
    </Tile>
  );
}
