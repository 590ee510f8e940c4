/** Incidents of a lesson, and the samples kept of it. */
import { incidentKinds, type Incident, type IncidentKind, type KeptSample } from '@kivex/contract';
import { Body, Controller, Param, ParseUUIDPipe, Req, Res, StreamableFile } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import {
  IsBoolean,
  IsIn,
  IsInt,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateIf,
} from 'class-validator';
import type { Request, Response } from 'express';
import { ByStaff, type StaffCaller } from '../../access/caller.js';
import { Route } from '../../access/route.js';
import { AuditService } from '../../audit/audit.service.js';
import { goneSignal } from '../../heavy/gone-signal.js';
import { HeavyService } from '../../heavy/heavy.service.js';
import { originOf } from '../../input/origin.js';
import { attachment } from '../../sheets/attachment.js';
import { LessonViewsService } from '../../lessons/lesson-views.service.js';
import { LessonsService } from '../../lessons/lessons.service.js';
import { badInput } from '../../problems/problems.js';
import { IncidentsService } from './incidents.service.js';
import { KeptSamplesService } from './kept-samples.service.js';

class IncidentDto {
  @ApiProperty({ enum: incidentKinds })
  @IsIn(incidentKinds, { message: 'Say what kind of incident it was.' })
  kind: IncidentKind;
  @ApiProperty() @IsBoolean({ message: 'Say whether it was a near miss.' }) nearMiss: boolean;
  @ApiProperty({ type: String, nullable: true })
  @ValidateIf((_, value) => value !== null)
  @IsUUID('all', { message: 'Say at which bench, or at none.' })
  group: string | null;
  @ApiProperty({ type: String, nullable: true })
  @ValidateIf((_, value) => value !== null)
  @IsUUID('all', { message: 'Say who, or nobody.' })
  student: string | null;
  @ApiProperty()
  @IsString()
  @MaxLength(500, { message: 'Say what happened in at most 500 letters.' })
  what: string;
  @ApiProperty()
  @IsString()
  @MaxLength(500, { message: 'Say what was done in at most 500 letters.' })
  done: string;
}
class KeepDto {
  @ApiProperty() @IsUUID('all', { message: 'Say whose it is.' }) group: string;
  @ApiProperty() @IsUUID('all', { message: 'Choose the sample.' }) sample: string;
  @ApiProperty()
  @Matches(/\S/, { message: 'Say where it stands.' })
  @MaxLength(80, { message: 'Say where it stands in at most 80 letters.' })
  place: string;
  @ApiProperty() @IsString() @MaxLength(200, { message: 'A note has at most 200 letters.' }) note: string;
  @ApiProperty()
  @IsInt({ message: 'Days are a whole number.' })
  @Min(1, { message: 'It stands for a day at least.' })
  @Max(60, { message: 'It stands for 60 days at most.' })
  days: number;
}
class GoneDto {
  @ApiProperty() @IsBoolean({ message: 'Say true or false.' }) gone: boolean;
}

/** Reference cards that go on a page. */
const cardsOnPage = 4;

@Controller()
export class RoomRecordsController {
  constructor(
    private readonly lessons: LessonsService,
    private readonly views: LessonViewsService,
    private readonly incidents: IncidentsService,
    private readonly kept: KeptSamplesService,
    private readonly heavy: HeavyService,
    private readonly audit: AuditService,
  ) {}

  @Route('GET /api/lessons/:lesson/incidents')
  list(@Param('lesson', ParseUUIDPipe) id: string): Promise<Incident[]> {
    return this.incidents.list(id);
  }
  @Route('POST /api/lessons/:lesson/incidents')
  async add(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() wanted: IncidentDto,
  ): Promise<Incident> {
    const incident = await this.incidents.add(staff, id, wanted);
    await this.audit.add(staff, 'incident-logged', { subject: id, about: await this.views.nameOf(id) });
    return incident;
  }
  @Route('PUT /api/lessons/:lesson/incidents/:incident')
  async change(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('incident', ParseUUIDPipe) incident: string,
    @Body() wanted: IncidentDto,
  ): Promise<Incident> {
    const changed = await this.incidents.change(id, incident, wanted);
    await this.audit.add(staff, 'incident-changed', { subject: id, about: await this.views.nameOf(id) });
    return changed;
  }
  @Route('GET /api/lessons/:lesson/incidents/csv')
  async csv(
    @Param('lesson', ParseUUIDPipe) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<string> {
    attachment(response, 'kivex-incidents.csv', 'text/csv; charset=utf-8');
    return this.incidents.csv(id);
  }

  @Route('GET /api/lessons/:lesson/kept')
  keptOf(@Param('lesson', ParseUUIDPipe) id: string): Promise<KeptSample[]> {
    return this.kept.list(id);
  }
  @Route('POST /api/lessons/:lesson/kept')
  async keep(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() wanted: KeepDto,
  ): Promise<KeptSample> {
    return this.kept.keep(staff, await this.lessons.own(staff.schoolId, id), wanted);
  }
  @Route('GET /api/lessons/:lesson/kept/labels.pdf')
  async labels(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile> {
    const labels = await this.kept.labels(await this.lessons.own(staff.schoolId, id));
    if (!labels.length) throw badInput('Nothing is kept of this lesson yet.', 'only');
    const bytes = await this.heavy.paper(
      'labels',
      { labels, origin: originOf(request), skip: 0 },
      staff.schoolId,
      goneSignal(response),
    );
    attachment(response, 'kivex-kept-samples.pdf', 'application/pdf');
    return new StreamableFile(bytes);
  }
  /** The card that stands beside a flame when it is photographed. */
  @Route('GET /api/reference-card.pdf')
  async referenceCard(
    @ByStaff() staff: StaffCaller,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile> {
    const bytes = await this.heavy.paper(
      'referenceCard',
      { cards: cardsOnPage },
      staff.schoolId,
      goneSignal(response),
    );
    attachment(response, 'kivex-reference-cards.pdf', 'application/pdf');
    return new StreamableFile(bytes);
  }

  @Route('GET /api/kept/:code')
  find(@ByStaff() staff: StaffCaller, @Param('code') code: string): Promise<KeptSample> {
    return this.kept.byCode(staff, code);
  }
  @Route('PUT /api/kept/:kept/gone')
  setGone(
    @ByStaff() staff: StaffCaller,
    @Param('kept', ParseUUIDPipe) id: string,
    @Body() { gone }: GoneDto,
  ): Promise<KeptSample> {
    return this.kept.setGone(staff, id, gone);
  }
}
