/** Members of staff as the head of department keeps them, and everybody's own account. */
import type { SecondFactorSetUp, StaffMember, StaffSession } from '@kivex/contract';
import { Body, Controller, HttpCode, Param, ParseUUIDPipe, Req, Res, UseGuards } from '@nestjs/common';
import type { Request, Response } from 'express';
import { AddressLimitGuard } from '../access/address-limit.guard.js';
import { BeforeNewPassword, ByStaff, type SignedInStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { deviceOf } from '../access/device.js';
import { SecondFactorService } from '../access/second-factor.service.js';
import { SessionsService } from '../access/sessions.service.js';
import { SignInService } from '../access/sign-in.service.js';
import { AuditService } from '../audit/audit.service.js';
import { Config } from '../config/config.js';
import { badInput, malformed, notFound } from '../problems/problems.js';
import {
  ChangePasswordDto,
  ChangeStaffDto,
  CodeDto,
  FirstSchoolDto,
  NewStaffDto,
  OwnPasswordDto,
} from './staff.dto.js';
import { StaffService } from './staff.service.js';

@Controller()
export class StaffController {
  constructor(private readonly staff: StaffService) {}

  @Route('GET /api/people/staff')
  list(@ByStaff() caller: StaffCaller): Promise<StaffMember[]> {
    return this.staff.list(caller.schoolId);
  }

  @Route('POST /api/people/staff')
  add(@ByStaff() caller: StaffCaller, @Body() wanted: NewStaffDto): Promise<StaffMember> {
    return this.staff.add(caller, wanted);
  }

  /** Locks or unlocks an account, or changes its role. */
  @Route('PATCH /api/people/staff/:person')
  @HttpCode(204)
  change(
    @ByStaff() caller: SignedInStaff,
    @Param('person', ParseUUIDPipe) id: string,
    @Body() wanted: ChangeStaffDto,
  ): Promise<void> {
    if (wanted.locked === undefined && wanted.role === undefined)
      throw malformed('Say what is to change: locked, or the role.');
    return this.staff.change(caller, id, wanted);
  }

  @Route('DELETE /api/people/staff/:person')
  @HttpCode(204)
  remove(@ByStaff() caller: SignedInStaff, @Param('person', ParseUUIDPipe) id: string): Promise<void> {
    return this.staff.remove(caller, id);
  }

  /** A new password for somebody, shown this once and changed at their next signing in. */
  @Route('POST /api/people/staff/:person/password')
  async resetPassword(
    @ByStaff() caller: SignedInStaff,
    @Param('person', ParseUUIDPipe) id: string,
  ): Promise<{ password: string }> {
    return { password: await this.staff.resetPassword(caller, id) };
  }

  @Route('DELETE /api/people/staff/:person/second-factor')
  @HttpCode(204)
  removeSecondFactor(
    @ByStaff() caller: SignedInStaff,
    @Param('person', ParseUUIDPipe) id: string,
  ): Promise<void> {
    return this.staff.removeSecondFactor(caller, id);
  }
}

@Controller()
export class OwnAccountController {
  constructor(
    private readonly staff: StaffService,
    private readonly sessions: SessionsService,
    private readonly signIn: SignInService,
    private readonly factor: SecondFactorService,
    private readonly audit: AuditService,
    private readonly config: Config,
  ) {}

  @Route('POST /api/staff/password')
  @HttpCode(204)
  @BeforeNewPassword()
  @UseGuards(AddressLimitGuard)
  changePassword(
    @ByStaff() caller: SignedInStaff,
    @Body() { current, next }: ChangePasswordDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    return this.staff.changePassword(
      caller,
      current,
      next,
      deviceOf(request, response, this.config.KIVEX_SECURE),
    );
  }

  @Route('GET /api/staff/sessions')
  ownSessions(@ByStaff() caller: SignedInStaff): Promise<StaffSession[]> {
    return this.sessions.ofStaff(caller);
  }

  @Route('DELETE /api/staff/sessions/:session')
  @HttpCode(204)
  async endSession(
    @ByStaff() caller: SignedInStaff,
    @Param('session', ParseUUIDPipe) id: string,
  ): Promise<void> {
    if (!(await this.sessions.closeOwn(caller, id))) throw notFound('session of yours');
  }

  /** Ends all sessions of one's own but this one. */
  @Route('DELETE /api/staff/sessions')
  @HttpCode(204)
  async endOthers(@ByStaff() caller: SignedInStaff): Promise<void> {
    const ended = await this.sessions.closeAllOfStaff(caller.id, caller.sessionId);
    await this.audit.add(caller, 'sessions-ended', {
      subject: caller.id,
      about: `${ended} of ${caller.name}`,
    });
  }

  /** Makes the secret of a second factor; it is asked for once a code of it was given. */
  @Route('POST /api/staff/second-factor')
  @UseGuards(AddressLimitGuard)
  async beginSecondFactor(
    @ByStaff() caller: SignedInStaff,
    @Body() { password }: OwnPasswordDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<SecondFactorSetUp> {
    const device = deviceOf(request, response, this.config.KIVEX_SECURE);
    const person = await this.signIn.confirmOwn(caller.id, password, device, 'password');
    if (person.totpOn) throw badInput('Your second factor is on already. Switch it off first.', 'password');
    return this.factor.begin(caller.id);
  }

  @Route('POST /api/staff/second-factor/confirm')
  @HttpCode(204)
  @UseGuards(AddressLimitGuard)
  async confirmSecondFactor(@ByStaff() caller: SignedInStaff, @Body() { code }: CodeDto): Promise<void> {
    if (!(await this.factor.confirm(caller.id, code)))
      throw badInput(
        'That is not the code of this moment. Check the time on your phone and try the next one.',
        'code',
      );
    await this.audit.add(caller, 'second-factor-on', { subject: caller.id, about: caller.name });
  }

  @Route('POST /api/staff/second-factor/off')
  @HttpCode(204)
  @UseGuards(AddressLimitGuard)
  async endSecondFactor(
    @ByStaff() caller: SignedInStaff,
    @Body() { password }: OwnPasswordDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    const device = deviceOf(request, response, this.config.KIVEX_SECURE);
    await this.signIn.confirmOwn(caller.id, password, device, 'password');
    await this.factor.switchOff(caller.id);
    await this.audit.add(caller, 'second-factor-off', { subject: caller.id, about: caller.name });
  }
}

@Controller()
export class FirstSchoolController {
  constructor(private readonly staff: StaffService) {}

  @Route('GET /api/first-school')
  async empty(): Promise<{ empty: boolean }> {
    return { empty: await this.staff.empty() };
  }

  @Route('POST /api/first-school')
  @HttpCode(204)
  @UseGuards(AddressLimitGuard)
  first(@Body() wanted: FirstSchoolDto): Promise<void> {
    return this.staff.first(wanted);
  }
}
