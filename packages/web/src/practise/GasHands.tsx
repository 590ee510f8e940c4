/** Where the gas of a vessel goes: through a liquid, into a jar over water, up or down into a dry one, into a pipette. */
import type { Action } from '@kivex/core';
import { Button } from '../kit/Button.js';
import { Section } from './Section.js';

export function GasHands({
  from,
  other,
  fresh,
  act,
}: {
  readonly from: string;
  readonly other: readonly string[];
  /** Id of a jar that is not there yet. */
  readonly fresh: () => string;
  readonly act: (action: Action) => boolean;
}) {
  const last = other.at(-1);
  const collect = (over: 'water' | 'upward' | 'downward') => act({ do: 'connect', from, to: fresh(), over });
  return (
    <Section title={`Lead gas from ${from}`}>
      {other.map((to) => (
        <Button key={to} onClick={() => act({ do: 'bubble', from, to, seconds: 30 })}>
          Bubble through {to}
        </Button>
      ))}
      {other.map((to) => (
        <Button key={`c${to}`} onClick={() => act({ do: 'connect', from, to })}>
          Tube to {to}
        </Button>
      ))}
      <Button onClick={() => collect('water')}>Over water into a jar</Button>
      <Button onClick={() => collect('upward')}>Upward into a jar</Button>
      <Button onClick={() => collect('downward')}>Downward into a jar</Button>
      {last && (
        <Button onClick={() => act({ do: 'draw-gas', from, to: last, times: 3 })}>
          Pipette gas to {last}
        </Button>
      )}
      <Button onClick={() => act({ do: 'disconnect', from })}>Take the tube out</Button>
    </Section>
  );
}
