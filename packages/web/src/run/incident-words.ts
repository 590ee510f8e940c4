import type { IncidentKind } from '@kivex/contract';

/** Kinds of incident as staff read them. */
export const incidentWords: Readonly<Record<IncidentKind, string>> = {
  cut: 'Cut',
  burn: 'Burn',
  splash: 'Splash',
  'breathed-in': 'Breathed in',
  spill: 'Spill',
  breakage: 'Breakage',
  fire: 'Fire',
  other: 'Other',
};
