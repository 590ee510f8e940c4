import { allTests } from '@kivex/core';
import type { WellProps } from '../kit/well/Well.js';

/** Every value of every test as wells with their words, one row an attribute; alike rows once. */
export const resultsOfTests: readonly {
  readonly title: string;
  readonly wells: readonly (readonly [string, WellProps])[];
}[] = (() => {
  const rows = new Map<string, { title: string; wells: (readonly [string, WellProps])[] }>();
  for (const { name, attributes } of allTests) {
    for (const { question, values, reads } of attributes) {
      if (!values.length) continue;
      const wells = values.map((v) => [v.label, { look: v.look, glass: reads === 'glass-colour' }] as const);
      const key = JSON.stringify(wells);
      const known = rows.get(key);
      if (known) known.title = `${known.title} · ${name}`;
      else rows.set(key, { title: `${question} ${name}`, wells });
    }
  }
  return [...rows.values()];
})();
