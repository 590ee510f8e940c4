/** A long list of choices that grows shorter as one types; formulas are shown as formulas. */
import { Box, Combobox as ChakraCombobox, createListCollection, Portal } from '@chakra-ui/react';
import { useMemo, useState, type ReactNode } from 'react';
import { wears } from './theme/wears.js';
import { matching, type Choice } from './matching.js';

type Shown = Choice & { readonly show?: ReactNode };

interface PartsProps {
  readonly placeholder?: string;
  readonly 'aria-label'?: string;
  readonly disabled?: boolean;
  readonly size?: 'small' | 'medium';
  readonly autoFocus?: boolean;
  /** Its list stands in the flow of the page, as in a dialog, rather than above it. */
  readonly inside?: boolean;
}
interface ComboboxProps<Id extends string> extends PartsProps {
  readonly choices: readonly (Shown & { readonly id: Id })[];
  /** What is chosen, '' when nothing is. */
  readonly value: Id | '';
  readonly onChoose: (id: Id) => void;
}

/** Most lines shown; the others come as one types on. */
const mostShown = 200;

const listed = (choices: readonly Shown[], typed: string) =>
  createListCollection({
    items: matching(choices, typed).slice(0, mostShown),
    itemToValue: (choice) => choice.id,
    itemToString: (choice) => choice.name,
    groupBy: (choice) => choice.group ?? '',
  });
type Listed = ReturnType<typeof listed>;

/** One is chosen; what is typed only searches. */
export function Combobox<Id extends string>({
  choices,
  value,
  onChoose,
  disabled = false,
  size = 'medium',
  ...parts
}: ComboboxProps<Id>) {
  const [typed, setTyped] = useState('');
  const collection = useMemo(() => listed(choices, typed), [choices, typed]);
  return (
    <ChakraCombobox.Root
      {...wears<{ size?: 'sm' }>({ size })}
      collection={collection}
      value={value === '' ? [] : [value]}
      onValueChange={({ value: [id] }) => id !== undefined && onChoose(id as Id)}
      onInputValueChange={({ inputValue, reason }) => setTyped(reason === 'input-change' ? inputValue : '')}
      onOpenChange={({ open }) => open || setTyped('')}
      openOnClick
      defaultOpen={parts.inside ?? false}
      selectionBehavior={value === '' ? 'clear' : 'replace'}
      inputBehavior="autohighlight"
      disabled={disabled}
      lazyMount
      unmountOnExit
    >
      <Inside collection={collection} {...parts} />
    </ChakraCombobox.Root>
  );
}

/** Anything may be typed; the list only suggests. */
export function Suggesting({
  choices,
  text,
  onText,
  disabled = false,
  size = 'medium',
  ...parts
}: PartsProps & {
  readonly choices: readonly Shown[];
  readonly text: string;
  readonly onText: (text: string) => void;
}) {
  const collection = useMemo(() => listed(choices, text), [choices, text]);
  return (
    <ChakraCombobox.Root
      {...wears<{ size?: 'sm' }>({ size })}
      collection={collection}
      value={[]}
      inputValue={text}
      onInputValueChange={({ inputValue }) => onText(inputValue)}
      onValueChange={({ items: [item] }) => item && onText(item.name)}
      allowCustomValue
      selectionBehavior="preserve"
      disabled={disabled}
      lazyMount
      unmountOnExit
    >
      <Inside collection={collection} {...parts} />
    </ChakraCombobox.Root>
  );
}

function Inside({
  collection,
  placeholder,
  'aria-label': label,
  autoFocus = false,
  inside = false,
}: PartsProps & { readonly collection: Listed }) {
  const list = (
    <ChakraCombobox.Content>
      <ChakraCombobox.Empty>Nothing here is called that.</ChakraCombobox.Empty>
      {collection.group().map(([group, items]) => (
        <ChakraCombobox.ItemGroup key={group}>
          {group !== '' && <ChakraCombobox.ItemGroupLabel>{group}</ChakraCombobox.ItemGroupLabel>}
          {items.map((item) => (
            <ChakraCombobox.Item key={item.id} item={item}>
              <ChakraCombobox.ItemText>{item.show ?? item.name}</ChakraCombobox.ItemText>
              <ChakraCombobox.ItemIndicator />
            </ChakraCombobox.Item>
          ))}
        </ChakraCombobox.ItemGroup>
      ))}
    </ChakraCombobox.Content>
  );
  return (
    <>
      <ChakraCombobox.Control>
        <ChakraCombobox.Input autoFocus={autoFocus} placeholder={placeholder} aria-label={label} />
        <ChakraCombobox.IndicatorGroup>
          <ChakraCombobox.Trigger />
        </ChakraCombobox.IndicatorGroup>
      </ChakraCombobox.Control>
      {inside ? (
        <Box mt="2">{list}</Box>
      ) : (
        <Portal>
          <ChakraCombobox.Positioner>{list}</ChakraCombobox.Positioner>
        </Portal>
      )}
    </>
  );
}
