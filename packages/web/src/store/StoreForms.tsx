/** Entering and changing items of the store and their batches. */
import { Box } from '@chakra-ui/react';
import type { StoreItemFields } from '@kivex/contract';
import { storeForms, type StoreForm, type StoreItem } from '@kivex/core';
import { Trash2 } from 'lucide-react';
import { Controller, useWatch } from 'react-hook-form';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { IconButton } from '../kit/IconButton.js';
import { Input } from '../kit/Input.js';
import { Notice } from '../kit/Notice.js';
import { NumberInput } from '../kit/NumberInput.js';
import { call } from '../kit/request/call.js';
import { useSentForm } from '../kit/request/use-sent-form.js';
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
const usualUnit = (form: StoreForm): StoreItem['unit'] =>
  form === 'solid' ? 'g' : form === 'solution' || form === 'liquid' ? 'mL' : 'pieces';

interface NewBatch {
  code: string;
  amount: number;
  opened: string;
  expires: string;
}

export function BatchForm({ item, done }: { readonly item: StoreItem; readonly done: () => void }) {
  const change = useStoreChange();
  const form = useSentForm<NewBatch>({
    defaults: { code: '', amount: 0, opened: '', expires: '' },
    fields: ['code', 'amount', 'opened', 'expires'],
    send: async (batch) => {
      await change.mutateAsync(() =>
        call('POST /api/store/items/:item/batches', {
          item: item.id,
          body: { ...batch, opened: batch.opened || null, expires: batch.expires || null },
        }),
      );
      done();
    },
  });
  return (
    <Form
      display="grid"
      gap="3"
      gridTemplateColumns="repeat(auto-fit, minmax(9rem, 1fr))"
      alignItems="end"
      onSubmit={form.submit}
    >
      <Field label="Batch mark" error={form.at('code')}>
        <Input maxLength={40} {...form.register('code')} />
      </Field>
      <Controller
        name="amount"
        control={form.control}
        render={({ field }) => (
          <Field label={`Amount, ${unitWords[item.unit]}`} error={form.at('amount')}>
            <NumberInput value={field.value} step={0.1} onValue={(n) => field.onChange(n ?? 0)} />
          </Field>
        )}
      />
      <Field label="Opened" error={form.at('opened')}>
        <Input type="date" {...form.register('opened')} />
      </Field>
      <Field label="Expires" error={form.at('expires')}>
        <Input type="date" {...form.register('expires')} />
      </Field>
      <Button type="submit" variant="go" loading={form.busy}>
        Enter the batch
      </Button>
      {form.problem && <Notice tone="stop">{form.problem}</Notice>}
    </Form>
  );
}

type ItemFields = { -readonly [K in keyof StoreItemFields]: StoreItemFields[K] };
const blank: ItemFields = {
  name: '',
  formula: '',
  form: 'solid',
  molarity: null,
  percent: null,
  density: null,
  unit: 'g',
  place: '',
  lowBelow: 0,
};
const fieldNames = Object.keys(blank) as (keyof ItemFields)[];

/** What the form holds of an item, and nothing else of it. */
const fieldsOf = (item: StoreItem): ItemFields =>
  Object.fromEntries(fieldNames.map((name) => [name, item[name] ?? blank[name]])) as unknown as ItemFields;

export function ItemForm({
  item,
  done,
}: {
  readonly item: StoreItem | undefined;
  readonly done: () => void;
}) {
  const change = useStoreChange();
  const removal = useStoreChange();
  const form = useSentForm<ItemFields>({
    defaults: item ? fieldsOf(item) : blank,
    fields: fieldNames,
    send: async (body) => {
      await change.mutateAsync(() =>
        item
          ? call('PUT /api/store/items/:item', { item: item.id, body })
          : call('POST /api/store/items', { body }),
      );
      done();
    },
  });
  const kind = useWatch({ control: form.control, name: 'form' });
  const figure = (label: string, name: 'molarity' | 'percent' | 'density' | 'lowBelow', max: number) => (
    <Controller
      key={name}
      name={name}
      control={form.control}
      render={({ field }) => (
        <Field label={label} error={form.at(name)}>
          <NumberInput
            value={field.value}
            optional={name !== 'lowBelow'}
            max={max}
            step={name === 'lowBelow' ? 1 : 0.01}
            onValue={(n) => field.onChange(name === 'lowBelow' ? (n ?? 0) : n)}
          />
        </Field>
      )}
    />
  );
  return (
    <Tile>
      <Form
        display="grid"
        gap="3"
        gridTemplateColumns="repeat(auto-fit, minmax(10rem, 1fr))"
        alignItems="end"
        onSubmit={form.submit}
      >
        <Field label="What it is" error={form.at('name')}>
          <Input maxLength={120} {...form.register('name')} />
        </Field>
        <Field label="Formula, hydrate too" error={form.at('formula')}>
          <Input maxLength={80} placeholder="CuSO4.5H2O" {...form.register('formula')} />
        </Field>
        <Field label="Form" error={form.at('form')}>
          <Select
            {...form.register('form', {
              onChange: (e: { target: { value: string } }) =>
                form.setValue('unit', usualUnit(e.target.value as StoreForm)),
            })}
          >
            {storeForms.map((f) => (
              <option key={f} value={f}>
                {formWords[f]}
              </option>
            ))}
          </Select>
        </Field>
        {(kind === 'solution' || kind === 'liquid') && [
          figure('mol/dm³', 'molarity', 40),
          figure('or percent', 'percent', 100),
          figure('and g/cm³', 'density', 25),
        ]}
        <Field label="Counted in" error={form.at('unit')}>
          <Select {...form.register('unit')}>
            {(['g', 'mL', 'pieces'] as const).map((u) => (
              <option key={u} value={u}>
                {unitWords[u]}
              </option>
            ))}
          </Select>
        </Field>
        {figure('Warn below', 'lowBelow', 1e6)}
        <Field label="Where it stands" error={form.at('place')}>
          <Input maxLength={80} {...form.register('place')} />
        </Field>
        <Box display="flex" gap="2">
          <Button type="submit" variant="go" loading={form.busy}>
            {item ? 'Save' : 'Add it'}
          </Button>
          <Button onClick={done}>Leave it</Button>
          {item && (
            <IconButton
              variant="stop"
              label={`Take ${item.name} out of the store`}
              onClick={() =>
                removal.mutate(() => call('DELETE /api/store/items/:item', { item: item.id }), {
                  onSuccess: done,
                })
              }
            >
              <Trash2 size={16} aria-hidden />
            </IconButton>
          )}
        </Box>
        {form.problem && <Notice tone="stop">{form.problem}</Notice>}
        {removal.error && <Notice tone="stop">{removal.error.message}</Notice>}
      </Form>
    </Tile>
  );
}
