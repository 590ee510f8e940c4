/** People as they cross the wire. */
export const staffRoles = ['teacher', 'technician', 'head'] as const;
export type StaffRole = (typeof staffRoles)[number];
export type Role = StaffRole | 'student';

export interface StaffMe {
  readonly id: string;
  readonly name: string;
  readonly role: StaffRole;
  readonly school: string;
  /** Their password was set by somebody else: it is changed before anything else. */
  readonly mustChangePassword: boolean;
  readonly secondFactor: boolean;
}
/** One of a member of staff's own sessions. */
export interface StaffSession {
  readonly id: string;
  /** What kind of browser, in a word or two. */
  readonly device: string;
  /** ISO 8601. */
  readonly since: string | null;
  readonly until: string;
  /** Is it the one that asks? */
  readonly here: boolean;
}
/** A second factor about to be set up: its secret for an authenticator. */
export interface SecondFactorSetUp {
  /** Base32. */
  readonly secret: string;
  /** `otpauth:` address, to be shown as a QR code. */
  readonly uri: string;
}
export interface StaffMember {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  readonly role: StaffRole;
  readonly locked: boolean;
  readonly secondFactor: boolean;
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
  readonly students: readonly (StudentName & {
    readonly hasPin: boolean;
    /** Too many wrong PINs were tried for them, here or there. */
    readonly shutOut: boolean;
  })[];
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
/** Signing in: the code where a second factor is on. */
export interface SignIn {
  readonly email: string;
  readonly password: string;
  readonly code?: string;
}
interface NewPerson {
  readonly name: string;
  readonly email: string;
  readonly password: string;
}
export interface NewStaff extends NewPerson {
  readonly role: StaffRole;
}
/** The first school of a server and its head of department. */
export interface FirstSchool extends NewPerson {
  readonly school: string;
  /** Stands where Kivex was started. */
  readonly setUpCode: string;
}
