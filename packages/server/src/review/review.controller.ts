import type { LessonReview, ReviewFilter, SchoolReview, SchoolSlips, SchoolUnlike } from '@kivex/contract';
import {
  factorBounds,
  itemTitle,
  paceBounds,
  saltName,
  type AgreedLesson,
  type ItemAnalysis,
} from '@kivex/core';
import { itemsTable } from '@kivex/core/formats/items-table';
import {
  Body,
  Controller,
  Param,
  ParseEnumPipe,
  ParseUUIDPipe,
  Query,
  Res,
  StreamableFile,
} from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsUUID,
  Matches,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import type { Response } from 'express';
import { Readable } from 'node:stream';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { Clock } from '../clock/clock.js';
import { goneSignal } from '../heavy/gone-signal.js';
import { HeavyService } from '../heavy/heavy.service.js';
import { LessonsService } from '../lessons/lessons.service.js';
import { attachment } from '../sheets/attachment.js';
import { sheetKindNames, sheetTypes, type SheetKind } from '../sheets/sheet-kinds.js';
import { LessonLogFileService } from './lesson-log-file.service.js';
import { LessonReviewService } from './lesson-review.service.js';
import { SchoolFairnessService } from './school-fairness.service.js';
import { SchoolReviewService } from './school-review.service.js';
import { SchoolSlipsService } from './school-slips.service.js';

const day = /^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/;
const daySays = { message: 'A day is written as year-month-day, such as 2026-09-01.' };

class FilterDto implements ReviewFilter {
  @ApiProperty({ required: false }) @IsOptional() @IsUUID('all') class?: string;
  @ApiProperty({ required: false }) @IsOptional() @IsUUID('all') teacher?: string;
  @ApiProperty({ required: false }) @IsOptional() @IsUUID('all') practical?: string;
  @ApiProperty({ required: false }) @IsOptional() @Matches(day, daySays) from?: string;
  @ApiProperty({ required: false }) @IsOptional() @Matches(day, daySays) to?: string;
}

const factorSays = {
  message: `A rate of slips runs from ${factorBounds[0]} to ${factorBounds[1]} times the usual.`,
};
const namesSay = { message: 'A rate rests on 1 to 10000 names.' };
const paceSays = {
  message: `A pace runs from ${paceBounds[0]} to ${paceBounds[1]} times the minutes planned.`,
};
class PaceDto {
  @ApiProperty()
  @IsNumber({}, paceSays)
  @Min(paceBounds[0], paceSays)
  @Max(paceBounds[1], paceSays)
  factor: number;
  @ApiProperty() @IsInt() @Min(1) @Max(1000) groups: number;
}
class AgreedDto implements AgreedLesson {
  @ApiProperty()
  @IsNumber({}, factorSays)
  @Min(factorBounds[0], factorSays)
  @Max(factorBounds[1], factorSays)
  factor: number;
  @ApiProperty() @IsInt(namesSay) @Min(1, namesSay) @Max(10_000, namesSay) names: number;
  @ApiProperty({ required: false, type: PaceDto })
  @IsOptional()
  @IsObject()
  @ValidateNested()
  @Type(() => PaceDto)
  pace?: PaceDto;
}

const lines = (items: readonly ItemAnalysis[]) =>
  itemsTable(
    items.map((item) => ({
      ...item,
      item: itemTitle(item),
      sample: saltName(item.truth),
    })),
  );

@Controller()
export class ReviewController {
  constructor(
    private readonly lessons: LessonsService,
    private readonly reviews: LessonReviewService,
    private readonly school: SchoolReviewService,
    private readonly log: LessonLogFileService,
    private readonly heavy: HeavyService,
    private readonly slips: SchoolSlipsService,
    private readonly fairness: SchoolFairnessService,
    private readonly clock: Clock,
  ) {}

  @Route('GET /api/lessons/:lesson/review')
  async lesson(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
  ): Promise<LessonReview> {
    return this.reviews.of(await this.lessons.own(staff.schoolId, id));
  }

  @Route('GET /api/school/slips')
  schoolSlips(@ByStaff() staff: StaffCaller): Promise<SchoolSlips> {
    return this.slips.of(staff.schoolId);
  }

  @Route('PUT /api/lessons/:lesson/review/slips')
  async agree(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() { factor, names, pace }: AgreedDto,
  ): Promise<SchoolSlips> {
    return this.slips.agree(staff, await this.lessons.own(staff.schoolId, id), {
      factor,
      names,
      ...(pace ? { pace: { factor: pace.factor, groups: pace.groups } } : {}),
    });
  }

  @Route('DELETE /api/lessons/:lesson/review/slips')
  async disagree(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
  ): Promise<SchoolSlips> {
    return this.slips.agree(staff, await this.lessons.own(staff.schoolId, id), null);
  }

  @Route('GET /api/lessons/:lesson/review/sheet/:kind')
  async lessonSheet(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('kind', new ParseEnumPipe(sheetKindNames)) kind: SheetKind,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile> {
    const lesson = await this.lessons.own(staff.schoolId, id);
    const { items } = await this.reviews.of(lesson);
    const at = lesson.startsAt.toISOString().slice(0, 10);
    return this.sheet(staff, response, kind, `kivex-items-${at}`, items);
  }

  /** The raw log as JSON Lines; `docs/schemas/log.schema.json` says what stands in a line. */
  @Route('GET /api/lessons/:lesson/log')
  async logFile(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile> {
    const lesson = await this.lessons.own(staff.schoolId, id);
    const at = lesson.startsAt.toISOString().slice(0, 10);
    attachment(response, `kivex-log-${at}.jsonl`, 'application/x-ndjson; charset=utf-8');
    return new StreamableFile(Readable.from(this.log.lines(lesson)));
  }

  @Route('GET /api/review')
  all(@ByStaff() staff: StaffCaller, @Query() filter: FilterDto): Promise<SchoolReview> {
    return this.school.of(staff.schoolId, filter);
  }

  @Route('GET /api/review/fairness')
  unlike(@ByStaff() staff: StaffCaller): Promise<readonly SchoolUnlike[]> {
    return this.fairness.of(staff.schoolId, this.clock.now());
  }

  @Route('GET /api/review/sheet/:kind')
  async allSheet(
    @ByStaff() staff: StaffCaller,
    @Param('kind', new ParseEnumPipe(sheetKindNames)) kind: SheetKind,
    @Query() filter: FilterDto,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile> {
    const { items } = await this.school.of(staff.schoolId, filter);
    return this.sheet(staff, response, kind, 'kivex-items', items);
  }

  private async sheet(
    staff: StaffCaller,
    response: Response,
    kind: SheetKind,
    called: string,
    items: readonly ItemAnalysis[],
  ): Promise<StreamableFile> {
    attachment(response, `${called}.${kind}`, sheetTypes[kind]);
    return new StreamableFile(
      await this.heavy.paper(
        'sheetFile',
        { kind, name: 'Items', rows: lines(items) },
        staff.schoolId,
        goneSignal(response),
      ),
    );
  }
}
