import type { Decided, MarkCell, MarkTable, NewDecision, OpenAnswers } from '@kivex/contract';
import { Body, Controller, Param, ParseUUIDPipe } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsInt,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateIf,
} from 'class-validator';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { LessonsService } from '../lessons/lessons.service.js';
import { AbsenceService } from './absence.service.js';
import { DecisionsService } from './decisions.service.js';
import { MarksService } from './marks.service.js';
import { OpenAnswersService } from './open-answers.service.js';
import { ReleasesService } from './releases.service.js';

class ChangeMarkDto {
  @ApiProperty()
  @IsInt({ message: 'Points are whole numbers.' })
  @Min(0, { message: 'Points are 0 or more.' })
  @Max(20)
  points: number;
  @ApiProperty()
  @IsString()
  @Matches(/\S.*\S/s, { message: 'Say why, in a few words: the reason is kept with the mark.' })
  @MaxLength(500, { message: 'A reason has at most 500 letters.' })
  reason: string;
}

/** Marks decided at once, at most: a class of forty with fifty points. */
const mostAtOnce = 2000;

class DecisionDto implements NewDecision {
  @ApiProperty({ type: [String] })
  @IsArray()
  @ArrayMinSize(1, { message: 'Choose at least one mark.' })
  @ArrayMaxSize(mostAtOnce)
  @IsUUID('all', { each: true })
  marks: string[];
  @ApiProperty({ nullable: true, type: Number })
  @ValidateIf((_, points) => points !== null)
  @IsInt({ message: 'Points are whole numbers.' })
  @Min(0, { message: 'Points are 0 or more.' })
  @Max(20)
  points: number | null;
  @ApiProperty()
  @IsString()
  @Matches(/\S.*\S/s, { message: 'Say why, in a few words: the reason is kept with the mark.' })
  @MaxLength(500, { message: 'A reason has at most 500 letters.' })
  reason: string;
}

class AbsentDto {
  @ApiProperty() @IsBoolean() absent: boolean;
}

class StudentsDto {
  @ApiProperty({ type: [String] })
  @IsArray()
  @ArrayMinSize(1, { message: 'Choose at least one student.' })
  @ArrayMaxSize(200)
  @IsUUID('all', { each: true })
  students: string[];
}

@Controller()
export class MarksController {
  constructor(
    private readonly marks: MarksService,
    private readonly decisions: DecisionsService,
    private readonly absence: AbsenceService,
    private readonly releases: ReleasesService,
    private readonly open: OpenAnswersService,
    private readonly lessons: LessonsService,
  ) {}

  @Route('GET /api/lessons/:lesson/marks')
  async table(@ByStaff() staff: StaffCaller, @Param('lesson', ParseUUIDPipe) id: string): Promise<MarkTable> {
    return this.marks.table(await this.lessons.own(staff.schoolId, id));
  }

  @Route('GET /api/marks/open')
  openAnswers(@ByStaff() staff: StaffCaller): Promise<OpenAnswers> {
    return this.open.of(staff);
  }

  @Route('POST /api/lessons/:lesson/marks/:mark/changes')
  async change(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('mark', ParseUUIDPipe) mark: string,
    @Body() { points, reason }: ChangeMarkDto,
  ): Promise<MarkCell> {
    return this.decisions.change(staff, await this.lessons.own(staff.schoolId, id), mark, points, reason);
  }

  @Route('POST /api/lessons/:lesson/marks/decisions')
  async decide(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() decision: DecisionDto,
  ): Promise<Decided> {
    return this.decisions.decide(staff, await this.lessons.own(staff.schoolId, id), decision);
  }

  @Route('POST /api/lessons/:lesson/marks/decisions/:decision/undo')
  async undo(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('decision', ParseUUIDPipe) decision: string,
  ): Promise<Decided> {
    return this.decisions.undo(staff, await this.lessons.own(staff.schoolId, id), decision);
  }

  @Route('PUT /api/lessons/:lesson/marks/absent/:student')
  async absent(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('student', ParseUUIDPipe) student: string,
    @Body() { absent }: AbsentDto,
  ): Promise<void> {
    await this.absence.set(staff, await this.lessons.own(staff.schoolId, id), student, absent);
  }

  @Route('POST /api/lessons/:lesson/marks/release')
  async release(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() { students }: StudentsDto,
  ): Promise<{ students: number }> {
    const lesson = await this.lessons.own(staff.schoolId, id);
    return { students: await this.releases.give(staff, lesson, students) };
  }

  @Route('POST /api/lessons/:lesson/marks/withdraw')
  async withdraw(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() { students }: StudentsDto,
  ): Promise<{ students: number }> {
    const lesson = await this.lessons.own(staff.schoolId, id);
    return { students: await this.releases.withdraw(staff, lesson, students) };
  }
}
