/** Staff sign in and out. */
import type { StaffMe } from '@kivex/contract';
import { Body, Controller, HttpCode, Req, Res, UseGuards } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import { InjectRepository } from '@nestjs/typeorm';
import { IsEmail, IsOptional, IsString, Matches, MaxLength, MinLength } from 'class-validator';
import type { Request, Response } from 'express';
import { Repository } from 'typeorm';
import { Config } from '../config/config.js';
import { School, Staff } from '../records/people.entities.js';
import { AddressLimitGuard } from './address-limit.guard.js';
import { BeforeNewPassword, ByStaff, type SignedInStaff } from './caller.js';
import { Route } from './route.js';
import { deviceOf, deviceWords, setFirst } from './device.js';
import { SessionsService, staffCookie } from './sessions.service.js';
import { SignInService } from './sign-in.service.js';

class SignInDto {
  @ApiProperty()
  @IsEmail({}, { message: 'Write your e-mail address, such as name@school.example.' })
  @MaxLength(190)
  email: string;

  @ApiProperty()
  @IsString()
  @MinLength(1, { message: 'Write your password.' })
  @MaxLength(200, { message: 'A password has at most 200 characters.' })
  password: string;

  @ApiProperty({
    required: false,
    description: 'Six digits of the authenticator, where a second factor is on',
  })
  @IsOptional()
  @IsString()
  @Matches(/^\d{6}$/, { message: 'The code is six digits.' })
  code?: string;
}

@Controller()
export class SignInController {
  constructor(
    @InjectRepository(Staff) private readonly staff: Repository<Staff>,
    @InjectRepository(School) private readonly schools: Repository<School>,
    private readonly who: SignInService,
    private readonly sessions: SessionsService,
    private readonly config: Config,
  ) {}

  @Route('POST /api/staff/sign-in')
  @HttpCode(200)
  @UseGuards(AddressLimitGuard)
  async signIn(
    @Body() { email, password, code }: SignInDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StaffMe> {
    const device = deviceOf(request, response, this.config.KIVEX_SECURE);
    const person = await this.who.staffBy(email, password, code, device);
    setFirst(response, await this.sessions.open({ staffId: person.id }, deviceWords(request)));
    return this.describe(person);
  }

  @Route('GET /api/staff/me')
  @BeforeNewPassword()
  async me(@ByStaff() caller: SignedInStaff): Promise<StaffMe> {
    return this.describe(await this.staff.findOneByOrFail({ id: caller.id }));
  }

  @Route('POST /api/staff/sign-out')
  @HttpCode(204)
  @BeforeNewPassword()
  async signOut(@Req() request: Request, @Res({ passthrough: true }) response: Response): Promise<void> {
    response.append('Set-Cookie', await this.sessions.close(staffCookie, request.headers.cookie));
  }

  private async describe(person: Staff): Promise<StaffMe> {
    const school = await this.schools.findOneByOrFail({ id: person.schoolId });
    return {
      id: person.id,
      name: person.name,
      role: person.role,
      school: school.name,
      mustChangePassword: person.mustChangePassword,
      secondFactor: person.totpOn,
    };
  }
}
