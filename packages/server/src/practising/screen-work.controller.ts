import type { OwnScreenWork, ScreenRunMarked, ScreenWorkTable, StudentRun } from '@kivex/contract';
import { Body, Controller, HttpCode, Param, ParseUUIDPipe } from '@nestjs/common';
import { ByStaff, ByStudent, type StaffCaller, type StudentCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { NewScreenWorkDto, ScreenRunDto } from './practising.dtos.js';
import { ScreenWorkService } from './screen-work.service.js';

@Controller()
export class ScreenWorkController {
  constructor(private readonly work: ScreenWorkService) {}

  @Route('GET /api/lessons/:lesson/screen-work')
  table(@Param('lesson', ParseUUIDPipe) id: string): Promise<ScreenWorkTable> {
    return this.work.table(id);
  }
  @Route('PUT /api/lessons/:lesson/screen-work')
  set(
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() wanted: NewScreenWorkDto,
  ): Promise<ScreenWorkTable> {
    return this.work.set(id, wanted);
  }
  @Route('DELETE /api/lessons/:lesson/screen-work')
  @HttpCode(204)
  remove(@Param('lesson', ParseUUIDPipe) id: string): Promise<void> {
    return this.work.remove(id);
  }
  @Route('PUT /api/lessons/:lesson/screen-work/waived/:student')
  waive(
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('student', ParseUUIDPipe) student: string,
  ): Promise<ScreenWorkTable> {
    return this.work.waive(id, student);
  }
  /** Takes what the runs show of slips into the school's rate. */
  @Route('PUT /api/lessons/:lesson/screen-work/slips')
  agree(@ByStaff() staff: StaffCaller, @Param('lesson', ParseUUIDPipe) id: string): Promise<ScreenWorkTable> {
    return this.work.agree(staff, id, true);
  }
  @Route('DELETE /api/lessons/:lesson/screen-work/slips')
  disagree(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
  ): Promise<ScreenWorkTable> {
    return this.work.agree(staff, id, false);
  }
  @Route('GET /api/lessons/:lesson/screen-work/runs')
  runs(@Param('lesson', ParseUUIDPipe) id: string): Promise<StudentRun[]> {
    return this.work.runsOf(id);
  }
  @Route('GET /api/bench/screen-work')
  own(@ByStudent() student: StudentCaller): Promise<OwnScreenWork> {
    return this.work.ofStudent(student);
  }
  @Route('POST /api/bench/screen-work')
  @HttpCode(200)
  take(@ByStudent() student: StudentCaller, @Body() run: ScreenRunDto): Promise<ScreenRunMarked> {
    return this.work.take(student, run);
  }
}
