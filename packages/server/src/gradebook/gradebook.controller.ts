import { standInModes, type Gradebook, type GradebookDifference, type StandInMode } from '@kivex/contract';
import { Body, Controller, HttpCode, Param, ParseUUIDPipe } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import { IsIn } from 'class-validator';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { LessonsService } from '../lessons/lessons.service.js';
import { notFound } from '../problems/problems.js';
import { GradebookClient } from './gradebook-client.js';
import { GradebookService } from './gradebook.service.js';

class ModeDto {
  @ApiProperty({ enum: standInModes })
  @IsIn(standInModes, { message: `It can be told to be one of ${standInModes.join(', ')}.` })
  mode: StandInMode;
}

@Controller()
export class GradebookController {
  constructor(
    private readonly gradebook: GradebookService,
    private readonly client: GradebookClient,
    private readonly lessons: LessonsService,
  ) {}

  @Route('GET /api/lessons/:lesson/gradebook')
  async show(@ByStaff() staff: StaffCaller, @Param('lesson', ParseUUIDPipe) id: string): Promise<Gradebook> {
    return this.gradebook.of(await this.lessons.own(staff.schoolId, id));
  }

  @Route('POST /api/lessons/:lesson/gradebook')
  @HttpCode(200)
  async send(@ByStaff() staff: StaffCaller, @Param('lesson', ParseUUIDPipe) id: string): Promise<Gradebook> {
    return this.gradebook.send(staff, await this.lessons.own(staff.schoolId, id));
  }

  @Route('POST /api/lessons/:lesson/gradebook/stop')
  @HttpCode(200)
  async stop(@ByStaff() staff: StaffCaller, @Param('lesson', ParseUUIDPipe) id: string): Promise<Gradebook> {
    return this.gradebook.stop(await this.lessons.own(staff.schoolId, id));
  }

  @Route('POST /api/lessons/:lesson/gradebook/again')
  @HttpCode(200)
  async again(@ByStaff() staff: StaffCaller, @Param('lesson', ParseUUIDPipe) id: string): Promise<Gradebook> {
    return this.gradebook.again(await this.lessons.own(staff.schoolId, id));
  }

  @Route('GET /api/lessons/:lesson/gradebook/differences')
  async differences(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
  ): Promise<readonly GradebookDifference[]> {
    return this.gradebook.differences(await this.lessons.own(staff.schoolId, id));
  }

  @Route('PUT /api/lessons/:lesson/gradebook/agreed/:student')
  @HttpCode(204)
  async agree(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('student', ParseUUIDPipe) student: string,
  ): Promise<void> {
    await this.gradebook.agree(staff, await this.lessons.own(staff.schoolId, id), student);
  }

  @Route('DELETE /api/lessons/:lesson/gradebook/agreed/:student')
  @HttpCode(204)
  async keepOwn(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('student', ParseUUIDPipe) student: string,
  ): Promise<void> {
    await this.gradebook.keepOwn(staff, await this.lessons.own(staff.schoolId, id), student);
  }

  /** How the gradebook that ships behaves. @throws 404 where another is set up. */
  @Route('GET /api/gradebook/stand-in')
  async standIn(): Promise<{ mode: StandInMode }> {
    const standIn = await this.client.standIn();
    if (!standIn) throw notFound('gradebook to try with');
    return { mode: standIn.mode };
  }

  @Route('PUT /api/gradebook/stand-in')
  @HttpCode(204)
  async tell(@Body() { mode }: ModeDto): Promise<void> {
    const standIn = await this.client.standIn();
    if (!standIn) throw notFound('gradebook to try with');
    standIn.mode = mode;
  }
}
