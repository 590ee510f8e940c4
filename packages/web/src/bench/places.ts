/** Where one can be at a bench. */
export const places = [
  { id: 'tile', label: 'Tile' },
  { id: 'method', label: 'Method' },
  { id: 'log', label: 'Log' },
  { id: 'name', label: 'Name' },
  { id: 'hand-in', label: 'Hand in' },
] as const;
export type Place = (typeof places)[number]['id'];
