/** The places of Kivex that staff go to from the bar, by role. */
import type { StaffMe } from '@kivex/contract';

export interface BarPlace {
  readonly to: string;
  readonly name: string;
}

const places: readonly (BarPlace & { readonly teaching?: true })[] = [
  { to: '/lessons', name: 'Lessons' },
  { to: '/review', name: 'Results', teaching: true },
  { to: '/practise/class', name: 'Practise', teaching: true },
  { to: '/practicals', name: 'Practicals' },
  { to: '/syllabuses', name: 'Syllabuses', teaching: true },
  { to: '/store', name: 'Store' },
  { to: '/rooms', name: 'Rooms' },
  { to: '/classes', name: 'Classes', teaching: true },
  { to: '/school', name: 'School' },
];

/** Technicians prepare; they neither teach classes nor set what earns. */
export const barPlaces = (role: StaffMe['role']): readonly BarPlace[] =>
  places.filter((place) => role !== 'technician' || !place.teaching);

export const roleNames: Readonly<Record<StaffMe['role'], string>> = {
  teacher: 'teacher',
  technician: 'technician',
  head: 'head of department',
};
