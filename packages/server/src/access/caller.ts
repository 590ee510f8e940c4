/** Who is calling: worked out once a request, from its cookie. */
import type { Role, StaffRole } from '@kivex/contract';
import { createParamDecorator, SetMetadata, type ExecutionContext } from '@nestjs/common';
import type { Request } from 'express';

export interface StaffCaller {
  readonly id: string;
  readonly name: string;
  readonly role: StaffRole;
  readonly schoolId: string;
}
/** A student at a bench of one lesson. */
export interface StudentCaller {
  readonly id: string;
  readonly name: string;
  readonly lessonId: string;
  readonly groupId: string;
  /** The session it calls by; what it logs is taken only while that lasts. */
  readonly sessionId: string;
}
export interface CallerRequest extends Request {
  staff?: StaffCaller;
  student?: StudentCaller;
}

export const allowedToKey = 'kivex:allowed-to';
/** Declares who may call a route; a route that declares nothing can be called by nobody. */
export const AllowedTo = (...who: readonly (Role | 'anyone')[]) => SetMetadata(allowedToKey, who);
export const teaching = ['teacher', 'head'] as const;
export const anyStaff = ['teacher', 'technician', 'head'] as const;

/** The member of staff calling; only on routes allowed to staff. */
export const ByStaff = createParamDecorator(
  (_: unknown, context: ExecutionContext) => context.switchToHttp().getRequest<CallerRequest>().staff,
);
/** The student calling; only on routes allowed to students. */
export const ByStudent = createParamDecorator(
  (_: unknown, context: ExecutionContext) => context.switchToHttp().getRequest<CallerRequest>().student,
);
