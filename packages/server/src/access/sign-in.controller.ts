/** Staff sign in and out. */
import type { StaffMe } from '@kivex/contract';
import { Body, Controller, Get, HttpCode, Post, Req, Res, UseGuards } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';

import { InjectRepository } from '@nestjs/typeorm';
import { IsEmail, IsString, MaxLength, MinLength } from 'class-validator';
import type { Request, Response } from 'express';
import { Repository } from 'typeorm';
import { School, Staff } from '../people/people.entities.js';
import { badInput } from '../problems/problems.js';
import { AllowedTo, anyStaff, ByStaff, type StaffCaller } from './caller.js';
import { AddressLimitGuard } from './address-limit.guard.js';
import { SecretsService } from './secrets.service.js';
import { SessionsService, staffCookie } from './sessions.service.js';

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
}

@Controller('api/staff')
export class SignInController {
  constructor(
    @InjectRepository(Staff) private readonly staff: Repository<Staff>,
    @InjectRepository(School) private readonly schools: Repository<School>,
    private readonly secrets: SecretsService,
    private readonly sessions: SessionsService,
  ) {}

  @Post('sign-in')
  @HttpCode(200)
  @AllowedTo('anyone')
  @UseGuards(AddressLimitGuard)
  async signIn(
    @Body() { email, password }: SignInDto,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StaffMe> {
    const address = email.trim().toLowerCase();
    const person = await this.staff.findOneBy({ email: address });
    if (
      !(await this.secrets.check(`staff:${address}`.slice(0, 120), password, person?.passwordHash)) ||
      !person
    ) {
      throw badInput(
        'E-mail address and password do not belong together. Check both and try again.',
        'password',
      );
    }
    response.setHeader('Set-Cookie', await this.sessions.open({ staffId: person.id }));
    return this.describe(person);
  }

  @Get('me')
  @AllowedTo(...anyStaff)
  me(@ByStaff() caller: StaffCaller): Promise<StaffMe> {
    return this.describe(caller);
  }

  @Post('sign-out')
  @HttpCode(204)
  @AllowedTo(...anyStaff)
  async signOut(@Req() request: Request, @Res({ passthrough: true }) response: Response): Promise<void> {
    response.setHeader('Set-Cookie', await this.sessions.close(staffCookie, request.headers.cookie));
  }

  private async describe(person: {
    id: string;
    name: string;
    role: StaffMe['role'];
    schoolId: string;
  }): Promise<StaffMe> {
    const school = await this.schools.findOneByOrFail({ id: person.schoolId });
    return { id: person.id, name: person.name, role: person.role, school: school.name };
  }
}
