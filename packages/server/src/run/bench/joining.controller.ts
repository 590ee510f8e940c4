/** Students join: lesson code, own name, own PIN. */
import type { JoinNames } from '@kivex/contract';
import { cleanName } from '@kivex/core/formats/clean-text';
import { Body, Controller, HttpCode, Req, Res, UseGuards } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import { InjectRepository } from '@nestjs/typeorm';
import { IsOptional, IsString, IsUUID, Matches, MaxLength } from 'class-validator';
import type { Request, Response } from 'express';
import pLimit from 'p-limit';
import { Repository } from 'typeorm';
import { Route } from '../../access/route.js';
import { AddressLimitGuard } from '../../access/address-limit.guard.js';
import { deviceOf, setFirst } from '../../access/device.js';
import { SecretsService } from '../../access/secrets.service.js';
import { SessionsService } from '../../access/sessions.service.js';
import { TriesService } from '../../access/tries.service.js';
import { Config } from '../../config/config.js';
import { Lesson, LessonSeat } from '../../records/lessons.entities.js';
import { writingHeader, writingIn } from '../../access/caller.js';
import { PinsService, wrongPin } from './pins.service.js';
import { badInput } from '../../problems/problems.js';
import { Clock } from '../../clock/clock.js';

const codeRule = { message: 'A lesson code is six digits; it is on the board.' };

class LessonCodeDto {
  @ApiProperty() @Matches(/^\d{6}$/, codeRule) code: string;
}

class JoinDto extends LessonCodeDto {
  @ApiProperty({ required: false, description: 'Chosen from the names, while the lesson is on' })
  @IsOptional()
  @IsUUID('all', { message: 'Choose your name.' })
  student?: string;

  @ApiProperty({ required: false, description: 'Typed, once the lesson has ended' })
  @IsOptional()
  @IsString({ message: 'Write your name as your teacher has it.' })
  @MaxLength(120, { message: 'A name has at most 120 letters.' })
  name?: string;

  @ApiProperty() @Matches(/^\d{4}$/, { message: 'A PIN is four digits; it is on your card.' }) pin: string;
}

/** Milliseconds after its end for which a lesson's code still lets its own students see their marks. */
const codeLasts = 60 * 24 * 60 * 60_000;

/** Joins worked on at once: a whole class types its PINs in the same minute, and taps go between. */
const joinsAtOnce = 2;

const isOn = (lesson: Lesson): boolean => lesson.state === 'planned' || lesson.state === 'running';

@Controller()
export class JoiningController {
  private readonly inTurn = pLimit(joinsAtOnce);

  constructor(
    private readonly clock: Clock,
    @InjectRepository(Lesson) private readonly lessons: Repository<Lesson>,
    @InjectRepository(LessonSeat) private readonly seats: Repository<LessonSeat>,
    private readonly secrets: SecretsService,
    private readonly tries: TriesService,
    private readonly pins: PinsService,
    private readonly sessions: SessionsService,
    private readonly config: Config,
  ) {}

  @Route('POST /api/join/names')
  @HttpCode(200)
  @UseGuards(AddressLimitGuard)
  async names(
    @Body() { code }: LessonCodeDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<JoinNames> {
    // The device is marked on its first step, so that its tries are counted as its own.
    deviceOf(request, response, this.config.KIVEX_SECURE);
    const lesson = await this.lessonOf(code);
    const { title } = lesson.practicalVersion.document;
    if (!isOn(lesson)) return { lesson: lesson.id, title, open: false, names: [] };
    const seats = await this.seats.find({ where: { lessonId: lesson.id }, relations: { student: true } });
    return {
      lesson: lesson.id,
      title,
      open: true,
      names: seats
        .filter((s) => !s.student.leftAt)
        .map((s) => ({ id: s.studentId, name: s.student.name }))
        .sort((a, b) => a.name.localeCompare(b.name)),
    };
  }

  @Route('POST /api/join')
  @HttpCode(204)
  @UseGuards(AddressLimitGuard)
  async join(
    @Body() joining: JoinDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    const device = deviceOf(request, response, this.config.KIVEX_SECURE);
    setFirst(response, await this.inTurn(() => this.joined(joining, device, request.headers.cookie)));
  }

  /** The cookie of a new session. @throws 422, 429 */
  private async joined(
    { code, student, name, pin }: JoinDto,
    device: string,
    cookies: string | undefined,
  ): Promise<string> {
    const lesson = await this.lessonOf(code);
    const seat = isOn(lesson)
      ? await this.chosen(lesson, student)
      : await this.typed(lesson, name, device, pin);
    await this.pins.prove(seat.student, pin, device);
    return this.sessions.open({ studentId: seat.studentId, lessonId: lesson.id }, '', cookies);
  }

  @Route('POST /api/join/leave')
  @HttpCode(204)
  async leave(@Req() request: Request, @Res({ passthrough: true }) response: Response): Promise<void> {
    response.append(
      'Set-Cookie',
      await this.sessions.leave(request.headers.cookie, writingIn(request.headers[writingHeader])),
    );
  }

  /** While the lesson is on: the name chosen from the list. @throws 422 */
  private async chosen(lesson: Lesson, student: string | undefined): Promise<LessonSeat> {
    if (student === undefined) throw badInput('Choose your name.', 'student');
    const seat = await this.seats.findOne({
      where: { lessonId: lesson.id, studentId: student },
      relations: { student: true },
    });
    if (!seat || seat.student.leftAt)
      throw badInput('You are not in a group for this lesson yet. Ask your teacher to add you.', 'student');
    if (!seat.student.pinHash) throw badInput('You have no PIN yet. Ask your teacher for a PIN card.', 'pin');
    return seat;
  }

  /** After its end: the name typed whole. Whether there is such a name is not told apart from a wrong PIN. @throws 422, 429 */
  private async typed(
    lesson: Lesson,
    name: string | undefined,
    device: string,
    pin: string,
  ): Promise<LessonSeat> {
    const wanted = cleanName(name ?? '').toLowerCase();
    if (!wanted)
      throw badInput(
        'This lesson has ended. To see your marks, write your name as your teacher has it.',
        'name',
      );
    const seats = await this.seats.find({ where: { lessonId: lesson.id }, relations: { student: true } });
    const seat = seats.find((s) => !s.student.leftAt && s.student.name.toLowerCase() === wanted);
    if (seat) return seat;
    const who = `stranger:${lesson.id} ${wanted}`;
    await this.tries.mayTry(who, device, false, 'pin');
    await this.secrets.isRight(pin, null);
    await this.tries.wrong(who, device, false);
    throw wrongPin();
  }

  private async lessonOf(code: string): Promise<Lesson> {
    const lesson = await this.lessons.findOne({
      where: { joinCode: code },
      relations: { practicalVersion: true },
    });
    if (!lesson) throw badInput('No lesson has this code. Check the six digits on the board.', 'code');
    const ended = lesson.endedAt?.getTime();
    if (!isOn(lesson) && ended !== undefined && this.clock.ms() - ended > codeLasts)
      throw badInput('The lesson of this code is long over. Ask your teacher for your marks.', 'code');
    return lesson;
  }
}
