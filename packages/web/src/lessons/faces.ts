/** The five faces of a lesson, and which of them are a person's. */
import type { StaffMe } from '@kivex/contract';

export const faces = [
  { path: 'plan', name: 'Plan' },
  { path: 'prepare', name: 'Prepare' },
  { path: 'run', name: 'Run' },
  { path: 'mark', name: 'Mark' },
  { path: 'review', name: 'Review' },
] as const;
const technicianFaces: readonly string[] = ['plan', 'prepare'];

export const facesOf = (role: StaffMe['role'] | undefined) =>
  faces.filter((face) => role !== 'technician' || technicianFaces.includes(face.path));
