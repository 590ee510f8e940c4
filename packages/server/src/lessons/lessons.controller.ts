import type { Lesson, LessonPlanning, LessonHead } from '@kivex/contract';
import { Body, Controller, HttpCode, Param, ParseUUIDPipe, Query, Res } from '@nestjs/common';
import type { Response } from 'express';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { pageSize, sayNext } from '../paging/pages.js';
import { LessonViewsService } from './lesson-views.service.js';
import {
  BenchPlaceDto,
  ChangeLessonDto,
  DealingDto,
  NewLessonDto,
  PrepPlanningDto,
  RotaPlanningDto,
  SeatDto,
} from './lessons.dto.js';
import { LessonsService } from './lessons.service.js';

const mostInPage = 100;

@Controller()
export class LessonsController {
  constructor(
    private readonly lessons: LessonsService,
    private readonly views: LessonViewsService,
  ) {}

  /** Newest first; where there are more, the header `Link` says where (RFC 8288). */
  @Route('GET /api/lessons')
  async list(
    @ByStaff() staff: StaffCaller,
    @Res({ passthrough: true }) response: Response,
    @Query('before', new ParseUUIDPipe({ optional: true })) before?: string,
    @Query('limit') limit?: string,
  ): Promise<LessonHead[]> {
    const most = pageSize(limit, mostInPage);
    const lessons = await this.views.list(staff.schoolId, most, before);
    if (lessons.length === most) sayNext(response, `/api/lessons?before=${lessons.at(-1)!.id}`);
    return lessons;
  }
  @Route('POST /api/lessons')
  async create(@ByStaff() staff: StaffCaller, @Body() wanted: NewLessonDto): Promise<Lesson> {
    return this.views.show(staff.schoolId, await this.lessons.create(staff, wanted));
  }
  @Route('GET /api/lessons/:lesson')
  show(@ByStaff() staff: StaffCaller, @Param('lesson', ParseUUIDPipe) id: string): Promise<Lesson> {
    return this.views.show(staff.schoolId, id);
  }
  @Route('PATCH /api/lessons/:lesson')
  @HttpCode(204)
  change(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() wanted: ChangeLessonDto,
  ): Promise<void> {
    return this.lessons.change(staff, id, wanted);
  }
  @Route('DELETE /api/lessons/:lesson')
  @HttpCode(204)
  remove(@ByStaff() staff: StaffCaller, @Param('lesson', ParseUUIDPipe) id: string): Promise<void> {
    return this.lessons.remove(staff, id);
  }
  @Route('PUT /api/lessons/:lesson/seats/:student')
  @HttpCode(204)
  seat(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('student', ParseUUIDPipe) student: string,
    @Body() { group }: SeatDto,
  ): Promise<void> {
    return this.lessons.seat(staff, id, student, group);
  }
  /** Takes a student who is absent out of the lesson. */
  @Route('DELETE /api/lessons/:lesson/seats/:student')
  @HttpCode(204)
  unseat(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('student', ParseUUIDPipe) student: string,
  ): Promise<void> {
    return this.lessons.unseat(staff, id, student);
  }
  /** Keeps stations, slots set by hand and the rota. Answers with the planning as it is then. */
  @Route('PUT /api/lessons/:lesson/planning/rota')
  planRota(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() { from, schedule, ...part }: RotaPlanningDto,
  ): Promise<LessonPlanning> {
    return this.lessons.plan(staff, id, 'rota', from, { ...part, schedule: schedule ?? null });
  }
  /** Keeps surplus, drop and plate. Answers with the planning as it is then. */
  @Route('PUT /api/lessons/:lesson/planning/preparation')
  planPreparation(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() { from, ...part }: PrepPlanningDto,
  ): Promise<LessonPlanning> {
    return this.lessons.plan(staff, id, 'preparation', from, part);
  }
  /** Samples somebody of each group has had before, by group id. */
  @Route('GET /api/lessons/:lesson/met')
  met(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
  ): Promise<Record<string, readonly string[]>> {
    return this.lessons.met(staff, id);
  }
  /** Deals the unknowns anew, with what is set by hand. */
  @Route('PUT /api/lessons/:lesson/dealing')
  async deal(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() { pinned }: DealingDto,
  ): Promise<Lesson> {
    await this.lessons.deal(staff, id, pinned);
    return this.views.show(staff.schoolId, id);
  }
  /** Moves a group to another bench, changing places with whoever stands there. */
  @Route('PUT /api/lessons/:lesson/groups/:group/bench')
  @HttpCode(204)
  moveBench(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('group', ParseUUIDPipe) group: string,
    @Body() place: BenchPlaceDto,
  ): Promise<void> {
    return this.lessons.moveBench(staff, id, group, place);
  }
}

/** Where the QR code on a jar or a labelled salt leads. */
@Controller()
export class JarsController {
  constructor(private readonly views: LessonViewsService) {}

  @Route('GET /api/jars/:jar')
  find(@ByStaff() staff: StaffCaller, @Param('jar', ParseUUIDPipe) id: string): Promise<{ id: string }> {
    return this.views.lessonOfSample(staff.schoolId, id);
  }
}
