/** Who is calling: worked out once a request, from its cookie. */
import type { StaffRole } from '@kivex/contract';
import { createParamDecorator, SetMetadata, type ExecutionContext } from '@nestjs/common';
import type { Request } from 'express';

export interface StaffCaller {
  readonly id: string;
  readonly name: string;
  readonly role: StaffRole;
  readonly schoolId: string;
}

/** A member of staff at a browser of theirs. */
export interface SignedInStaff extends StaffCaller {
  readonly sessionId: string;
  readonly expiresAt: Date;
  /** The password was set by somebody else: nothing but changing it is open. */
  readonly mustChangePassword: boolean;
}
/** A student at a bench of one lesson. */
export interface StudentCaller {
  readonly id: string;
  readonly name: string;
  readonly lessonId: string;
  readonly groupId: string;
  /** The session it calls by; what it logs is taken only while that lasts. */
  readonly sessionId: string;
  /** When that session ends by itself. */
  readonly expiresAt: Date;
  /** Others have written at this device since the PIN was typed: their own answers are not shown until it is again. */
  readonly locked: boolean;
  /** Ids of those of the group who have joined at this device. */
  readonly here: readonly string[];
}
/** Names the student who is writing, where several have joined at one device. */
export const writingHeader = 'x-kivex-student';
export const writingIn = (value: unknown): string | undefined =>
  typeof value === 'string' && /^[0-9a-f-]{36}$/i.test(value) ? value.toLowerCase() : undefined;

export interface CallerRequest extends Request {
  staff?: SignedInStaff;
  student?: StudentCaller;
}

/** The member of staff calling; only on routes allowed to staff. */
export const ByStaff = createParamDecorator(
  (_: unknown, context: ExecutionContext) => context.switchToHttp().getRequest<CallerRequest>().staff,
);
/** The student calling; only on routes allowed to students. */
export const ByStudent = createParamDecorator(
  (_: unknown, context: ExecutionContext) => context.switchToHttp().getRequest<CallerRequest>().student,
);

export const beforeNewPasswordKey = 'kivex:before-new-password';

/** Open even to one whose password was set by somebody else and is still to be changed. */
export const BeforeNewPassword = () => SetMetadata(beforeNewPasswordKey, true);
