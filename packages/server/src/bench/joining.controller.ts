/** Students join: lesson code, own name, own PIN. */
import type { JoinNames } from '@kivex/contract';
import { Body, Controller, HttpCode, Post, Req, Res, UseGuards } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';

import { InjectRepository } from '@nestjs/typeorm';
import { IsUUID, Matches } from 'class-validator';
import type { Request, Response } from 'express';
import { Repository } from 'typeorm';
import { AllowedTo } from '../access/caller.js';
import { AddressLimitGuard } from '../access/address-limit.guard.js';
import { SecretsService } from '../access/secrets.service.js';
import { benchCookie, SessionsService } from '../access/sessions.service.js';
import { Lesson, LessonSeat } from '../lessons/lessons.entities.js';
import { badInput } from '../problems/problems.js';

const codeRule = { message: 'A lesson code is six digits; it is on the board.' };

class LessonCodeDto {
  @ApiProperty() @Matches(/^\d{6}$/, codeRule) code: string;
}
class JoinDto extends LessonCodeDto {
  @ApiProperty() @IsUUID('all', { message: 'Choose your name.' }) student: string;
  @ApiProperty() @Matches(/^\d{4}$/, { message: 'A PIN is four digits; it is on your card.' }) pin: string;
}

@Controller('api/join')
@UseGuards(AddressLimitGuard)
export class JoiningController {
  constructor(
    @InjectRepository(Lesson) private readonly lessons: Repository<Lesson>,
    @InjectRepository(LessonSeat) private readonly seats: Repository<LessonSeat>,
    private readonly secrets: SecretsService,
    private readonly sessions: SessionsService,
  ) {}

  @Post('names')
  @HttpCode(200)
  @AllowedTo('anyone')
  async names(@Body() { code }: LessonCodeDto): Promise<JoinNames> {
    const lesson = await this.lessonOf(code);
    const seats = await this.seats.find({ where: { lessonId: lesson.id }, relations: { student: true } });
    return {
      lesson: lesson.id,
      title: lesson.practicalVersion.document.title,
      className: lesson.class.name,
      names: seats
        .filter((s) => !s.student.leftAt)
        .map((s) => ({ id: s.studentId, name: s.student.name }))
        .sort((a, b) => a.name.localeCompare(b.name)),
    };
  }

  @Post()
  @HttpCode(204)
  @AllowedTo('anyone')
  async join(
    @Body() { code, student, pin }: JoinDto,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    const lesson = await this.lessonOf(code);
    const seat = await this.seats.findOne({
      where: { lessonId: lesson.id, studentId: student },
      relations: { student: true },
    });
    if (!seat || seat.student.leftAt)
      throw badInput('You are not in a group for this lesson yet. Ask your teacher to add you.', 'student');
    if (!seat.student.pinHash) throw badInput('You have no PIN yet. Ask your teacher for a PIN card.', 'pin');
    if (!(await this.secrets.check(`student:${student}`, pin, seat.student.pinHash))) {
      throw badInput(
        'That is not the PIN for this name. Check both; your teacher can make you a new PIN.',
        'pin',
      );
    }
    response.setHeader('Set-Cookie', await this.sessions.open({ studentId: student, lessonId: lesson.id }));
  }

  @Post('leave')
  @HttpCode(204)
  @AllowedTo('anyone')
  async leave(@Req() request: Request, @Res({ passthrough: true }) response: Response): Promise<void> {
    response.setHeader('Set-Cookie', await this.sessions.close(benchCookie, request.headers.cookie));
  }

  private async lessonOf(code: string): Promise<Lesson> {
    const lesson = await this.lessons.findOne({
      where: { joinCode: code },
      relations: { class: true, practicalVersion: true },
    });
    if (!lesson) throw badInput('No lesson has this code. Check the six digits on the board.', 'code');
    return lesson;
  }
}
