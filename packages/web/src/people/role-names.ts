import type { StaffRole } from '@kivex/contract';

/** What the roles of staff are called. */
export const roleNames: Readonly<Record<StaffRole, string>> = {
  teacher: 'Teacher',
  technician: 'Technician',
  head: 'Head of department',
};
