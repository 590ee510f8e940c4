/** The names a flame may bear: the values of the flame test's two attributes. */
export const flameNames = [
  'none',
  'crimson',
  'red',
  'brick-red',
  'orange-red',
  'yellow',
  'lilac',
  'apple-green',
  'blue-green',
  'pale-blue',
  'pale-green',
  'purple',
] as const;
export type FlameName = (typeof flameNames)[number];
