/** Lets a request through only if its route says that its caller may call it. */
import type { RouteName } from '@kivex/contract';
import { Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { forbidden, joinFirst, signInFirst } from '../problems/problems.js';
import { beforeNewPasswordKey, writingHeader, writingIn, type CallerRequest } from './caller.js';
import { callersOf, routeKey } from './route.js';
import { SessionsService } from './sessions.service.js';

const changing = new Set(['POST', 'PUT', 'PATCH', 'DELETE']);

@Injectable()
export class AccessGuard implements CanActivate {
  constructor(
    private readonly reflector: Reflector,
    private readonly sessions: SessionsService,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    if (context.getType() !== 'http') return true;
    const request = context.switchToHttp().getRequest<CallerRequest>();
    // Another site's page can send our cookies nowhere (SameSite) and cannot set this header at all.
    if (changing.has(request.method)) {
      const site = request.headers['sec-fetch-site'];
      if (
        request.headers['x-kivex'] !== '1' ||
        (site !== undefined && site !== 'same-origin' && site !== 'none')
      ) {
        throw forbidden('This request did not come from a Kivex page.');
      }
    }
    const allowed = callersOf(this.reflector.get<RouteName | undefined>(routeKey, context.getHandler()));
    if (allowed.includes('anyone')) return true;
    if (allowed.includes('student')) {
      const student = await this.sessions.studentOf(
        request.headers.cookie,
        writingIn(request.headers[writingHeader]),
      );
      if (!student) throw joinFirst();
      request.student = student;
      return true;
    }
    const staff = await this.sessions.staffOf(request.headers.cookie);
    if (!staff) throw signInFirst();
    if (!allowed.includes(staff.role))
      throw forbidden(
        `This is not open to you as ${staff.role === 'head' ? 'head of department' : `a ${staff.role}`}.`,
      );
    const early = this.reflector.getAllAndOverride<boolean | undefined>(beforeNewPasswordKey, [
      context.getHandler(),
      context.getClass(),
    ]);
    if (staff.mustChangePassword && !early)
      throw forbidden('Choose a password of your own first: the one you have was set by somebody else.');
    request.staff = staff;
    return true;
  }
}
