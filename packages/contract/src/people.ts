/** People as they cross the wire. */
export const staffRoles = ['teacher', 'technician', 'head'] as const;
export type StaffRole = (typeof staffRoles)[number];
export type Role = StaffRole | 'student';

export interface StaffMe {
  readonly id: string;
  readonly name: string;
  readonly role: StaffRole;
  readonly school: string;
}
export interface StaffMember {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  readonly role: StaffRole;
}
export interface StudentName {
  readonly id: string;
  readonly name: string;
}
export interface ClassHead {
  readonly id: string;
  readonly name: string;
  readonly students: number;
}
export interface ClassRoster {
  readonly id: string;
  readonly name: string;
  readonly students: readonly (StudentName & { readonly hasPin: boolean })[];
}
/** A PIN in the clear: shown once, when it is made, to be printed; never stored. */
export interface PinCard {
  readonly student: string;
  readonly name: string;
  readonly pin: string;
}
export interface RosterRow {
  readonly line: number;
  readonly name: string;
  readonly problem: string | null;
}
export interface RosterPreview {
  readonly rows: readonly RosterRow[];
  readonly problem: string | null;
}
