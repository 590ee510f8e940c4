/** Parts of a page side by side, one shown at a time; which one stands in the address, so that a reload stays. */
import { Tabs } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { useSearchParams } from 'react-router';

export interface Part {
  readonly id: string;
  readonly name: string;
  readonly show: () => ReactNode;
}

export function Parts({ label, parts }: { readonly label: string; readonly parts: readonly Part[] }) {
  const [params, setParams] = useSearchParams();
  const chosen = parts.find((p) => p.id === params.get('part')) ?? parts[0]!;
  return (
    <Tabs.Root
      value={chosen.id}
      onValueChange={({ value }) => setParams({ part: value }, { replace: true })}
      lazyMount
      unmountOnExit
    >
      <Tabs.List data-noprint aria-label={label}>
        {parts.map(({ id, name }) => (
          <Tabs.Trigger key={id} value={id}>
            {name}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {parts.map(({ id, show }) => (
        <Tabs.Content key={id} value={id}>
          {id === chosen.id && show()}
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
}
