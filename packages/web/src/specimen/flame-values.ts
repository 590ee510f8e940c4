import { testOf } from '@kivex/core';
import type { WellProps } from '../kit/well/Well.js';

/** The flame colours of the core as wells with their words. */
export const flameValues: readonly (readonly [string, WellProps])[] = testOf(
  'flame',
).attributes[0]!.values.map((v) => [v.label, { look: v.look }] as const);
