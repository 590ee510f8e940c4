/** The teacher's board: the log of a lesson, answers to calls, and what is kept apart. */
import type { BoardLog, HeldEntries, WireEvent } from '@kivex/contract';
import { Body, Controller, HttpCode, Param, ParseUUIDPipe, Query, Res, StreamableFile } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import type { Response } from 'express';
import { ByStaff, type StaffCaller } from '../../access/caller.js';
import { Route } from '../../access/route.js';
import { AuditService } from '../../audit/audit.service.js';
import { pageSize, placeAfter, sayNext } from '../../paging/pages.js';
import { LessonViewsService } from '../../lessons/lesson-views.service.js';
import { LessonsService } from '../../lessons/lessons.service.js';
import { HeldEntriesService } from '../log/held-entries.service.js';
import { LessonLogService } from '../log/lesson-log.service.js';
import { PhotosService } from '../log/photos.service.js';
import { sendPhoto } from '../log/send-photo.js';
import { CallsService } from './calls.service.js';
import { CausesService } from './causes.service.js';
import { NoticesService } from './notices.service.js';

class HeldIdsDto {
  @ApiProperty({ type: [String] })
  @IsArray()
  @ArrayMinSize(1, { message: 'Choose at least one entry.' })
  @ArrayMaxSize(300, { message: 'Decide on at most 300 entries at once.' })
  @IsUUID('all', { each: true })
  ids: string[];
}

class NoticeDto {
  @ApiProperty({ enum: ['hint', 'stop'] })
  @IsIn(['hint', 'stop'], { message: 'Say whether it is a hint or a stop.' })
  level: 'hint' | 'stop';
  @ApiProperty()
  @IsString({ message: 'Write what the benches are to read.' })
  @Matches(/\S/, { message: 'Write what the benches are to read.' })
  @MaxLength(300, { message: 'Say it in at most 300 letters.' })
  text: string;
  @ApiProperty({ type: [String], required: false })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(60)
  @IsUUID('all', { each: true })
  groups?: string[];
}
class NoticesOverDto {
  @ApiProperty({ type: [String] })
  @IsArray()
  @ArrayMinSize(1, { message: 'Say what is over.' })
  @ArrayMaxSize(300, { message: 'End at most 300 at once.' })
  @IsUUID('all', { each: true })
  notices: string[];
}
class SignOffDto {
  @ApiProperty({ type: [String], description: 'Ids of the groups it is for' })
  @IsArray()
  @ArrayMinSize(1, { message: 'Say which bench it is for.' })
  @ArrayMaxSize(60)
  @IsUUID('all', { each: true })
  groups: string[];
  @ApiProperty() @IsString() @MaxLength(40, { message: 'The test is named by its id.' }) test: string;
  @ApiProperty({ required: false })
  @IsOptional()
  @IsInt({ message: 'A step is a whole number.' })
  @Min(0)
  @Max(100)
  step?: number;
  @ApiProperty() @IsBoolean({ message: 'Say whether it was good.' }) good: boolean;
  @ApiProperty({ required: false }) @IsOptional() @IsUUID('all') call?: string;
}
class LongerDto {
  @ApiProperty()
  @IsInt({ message: 'A wait is a whole number of seconds.' })
  @Min(1, { message: 'Lengthen it by a second at least.' })
  @Max(7200, { message: 'Lengthen it by two hours at most.' })
  seconds: number;
}
class OpenDto {
  @ApiProperty() @IsBoolean({ message: 'Say true or false.' }) open: boolean;
}
class CauseDto {
  @ApiProperty()
  @MaxLength(160, { message: 'A cause has at most 160 characters.' })
  @Matches(/^[a-z-]+(:[A-Za-z0-9-]+)+$/, { message: 'Name a cause as the class diagnosis does.' })
  cause: string;
  @ApiProperty() @IsBoolean({ message: 'Say true or false.' }) dismissed: boolean;
}

/** Entries of the log in one answer at most. */
const mostInPage = 2000;

@Controller()
export class BoardController {
  constructor(
    private readonly lessons: LessonsService,
    private readonly views: LessonViewsService,
    private readonly log: LessonLogService,
    private readonly held: HeldEntriesService,
    private readonly calls: CallsService,
    private readonly causes: CausesService,
    private readonly notices: NoticesService,
    private readonly photos: PhotosService,
    private readonly audit: AuditService,
  ) {}

  /** The log as it stands, a page at a time; where there is more, the header `Link` says where (RFC 8288). */
  @Route('GET /api/lessons/:lesson/events')
  async events(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Res({ passthrough: true }) response: Response,
    @Query('after') after?: string,
    @Query('limit') limit?: string,
  ): Promise<readonly WireEvent[]> {
    await this.lessons.own(staff.schoolId, id);
    const { events, next } = await this.log.pageOfLesson(id, placeAfter(after), pageSize(limit, mostInPage));
    if (next !== null) sayNext(response, `/api/lessons/${id}/events?after=${next}`);
    return events;
  }

  /** What a board starts from: of each group what still says something. Its size does not grow with the log. */
  @Route('GET /api/lessons/:lesson/board')
  async board(@ByStaff() staff: StaffCaller, @Param('lesson', ParseUUIDPipe) id: string): Promise<BoardLog> {
    await this.lessons.own(staff.schoolId, id);
    return this.log.forBoard((await this.views.groupsOf(id)).map((g) => g.id));
  }

  /** A picture that a bench took. */
  @Route('GET /api/lessons/:lesson/photos/:photo')
  async photo(
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('photo', ParseUUIDPipe) photo: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile> {
    return sendPhoto(response, await this.photos.ofLesson(id, photo));
  }

  /** Says that a call has been answered; answering it twice changes nothing. */
  @Route('POST /api/lessons/:lesson/calls/:call/answer')
  @HttpCode(204)
  async answer(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('call', ParseUUIDPipe) call: string,
  ): Promise<void> {
    await this.lessons.own(staff.schoolId, id);
    await this.calls.answer(staff, id, call);
  }

  /** Signs a step or a technique off, or says that it is not yet right. */
  @Route('POST /api/lessons/:lesson/sign-offs')
  @HttpCode(204)
  async signOff(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() wanted: SignOffDto,
  ): Promise<void> {
    await this.calls.signOff(staff, await this.lessons.own(staff.schoolId, id), wanted);
  }

  /** Lengthens a wait that a bench has begun. */
  @Route('POST /api/lessons/:lesson/timers/:timer/longer')
  @HttpCode(204)
  async longer(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('timer', ParseUUIDPipe) timer: string,
    @Body() { seconds }: LongerDto,
  ): Promise<void> {
    await this.lessons.own(staff.schoolId, id);
    await this.calls.lengthen(staff, id, timer, seconds);
  }

  /** Ends one bench's work before the others', or lets it go on. */
  @Route('PUT /api/lessons/:lesson/groups/:group/open')
  @HttpCode(204)
  async openBench(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('group', ParseUUIDPipe) group: string,
    @Body() { open }: OpenDto,
  ): Promise<void> {
    await this.notices.open(staff, await this.lessons.own(staff.schoolId, id), group, open);
  }

  /** Says something to benches: to some, or to the whole class. */
  @Route('POST /api/lessons/:lesson/notices')
  @HttpCode(204)
  async say(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() notice: NoticeDto,
  ): Promise<void> {
    const lesson = await this.lessons.own(staff.schoolId, id);
    await this.notices.say(staff, lesson, notice);
    if (notice.level === 'stop')
      await this.audit.add(staff, 'class-stopped', { subject: id, about: await this.views.nameOf(id) });
  }

  @Route('POST /api/lessons/:lesson/notices/over')
  @HttpCode(204)
  async sayOver(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() { notices }: NoticesOverDto,
  ): Promise<void> {
    await this.lessons.own(staff.schoolId, id);
    await this.notices.over(staff, id, notices);
  }

  /** Waves a cause of the class diagnosis away, or takes it up again. */
  @Route('PUT /api/lessons/:lesson/causes')
  @HttpCode(204)
  async cause(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() { cause, dismissed }: CauseDto,
  ): Promise<void> {
    await this.lessons.own(staff.schoolId, id);
    await this.causes.set(id, cause, dismissed);
  }

  /** Entries that came late or were handed over, and wait for a decision. */
  @Route('GET /api/lessons/:lesson/held')
  async waiting(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
  ): Promise<HeldEntries> {
    return this.held.waiting(await this.lessons.own(staff.schoolId, id));
  }

  @Route('POST /api/lessons/:lesson/held/take')
  @HttpCode(200)
  take(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() { ids }: HeldIdsDto,
  ): Promise<{ decided: number }> {
    return this.decide(staff, id, ids, true);
  }

  @Route('POST /api/lessons/:lesson/held/leave-out')
  @HttpCode(200)
  leaveOut(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() { ids }: HeldIdsDto,
  ): Promise<{ decided: number }> {
    return this.decide(staff, id, ids, false);
  }

  private async decide(
    staff: StaffCaller,
    id: string,
    ids: string[],
    take: boolean,
  ): Promise<{ decided: number }> {
    const decided = await this.held.decide(staff, await this.lessons.own(staff.schoolId, id), ids, take);
    if (decided)
      await this.audit.add(staff, take ? 'late-taken' : 'late-left-out', {
        subject: id,
        about: `${decided} ${decided === 1 ? 'entry' : 'entries'} of ${await this.views.nameOf(id)}`,
      });
    return { decided };
  }
}
