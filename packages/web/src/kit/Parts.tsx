/** Parts of a page side by side, one shown at a time; which one stands in the address, so that a reload stays. */
import { Tabs } from '@chakra-ui/react';
import { useEffect, useRef, type ReactNode } from 'react';
import { useSearchParams } from 'react-router';

export interface Part {
  readonly id: string;
  readonly name: string;
  readonly show: () => ReactNode;
}

/** Brings a name into the middle of a strip that is wider than its window: half of one is not readable. */
function bring(name: Element, strip: Element): void {
  const [own, all] = [name.getBoundingClientRect(), strip.getBoundingClientRect()];
  strip.scrollLeft += own.x + own.width / 2 - (all.x + all.width / 2);
}

export function Parts({ label, parts }: { readonly label: string; readonly parts: readonly Part[] }) {
  const [params, setParams] = useSearchParams();
  const chosen = parts.find((p) => p.id === params.get('part')) ?? parts[0]!;
  const strip = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const name = strip.current?.querySelector('[aria-selected=true]');
    if (name) bring(name, strip.current!);
  }, [chosen.id]);
  return (
    <Tabs.Root
      value={chosen.id}
      onValueChange={({ value }) => setParams({ part: value }, { replace: true })}
      lazyMount
      unmountOnExit
    >
      <Tabs.List
        ref={strip}
        data-noprint
        aria-label={label}
        onFocus={(e) => bring(e.target, e.currentTarget)}
      >
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
