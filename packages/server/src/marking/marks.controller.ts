import type { Decided, MarkCell, MarkTable, NewDecision } from '@kivex/contract';
import { testOf, testOfItem } from '@kivex/core';
import { historyCsv, marksCsv } from '@kivex/core/formats/marks-csv';
import { Body, Controller, Header, Param, ParseUUIDPipe, Res } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsInt,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateIf,
} from 'class-validator';
import type { Response } from 'express';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import { LessonsService } from '../lessons/lessons.service.js';
import { MarksService } from './marks.service.js';

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

const shortName = (test: string): string => testOf(test).name.split(':')[0]!;

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

@Controller()
export class MarksController {
  constructor(
    private readonly marks: MarksService,
    private readonly lessons: LessonsService,
    private readonly views: LessonViewsService,
  ) {}

  @Route('GET /api/lessons/:lesson/marks')
  async table(@ByStaff() staff: StaffCaller, @Param('lesson', ParseUUIDPipe) id: string): Promise<MarkTable> {
    return this.marks.table(await this.lessons.own(staff.schoolId, id));
  }

  @Route('POST /api/lessons/:lesson/marks/:mark/changes')
  async change(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('mark', ParseUUIDPipe) mark: string,
    @Body() { points, reason }: ChangeMarkDto,
  ): Promise<MarkCell> {
    return this.marks.change(staff, await this.lessons.own(staff.schoolId, id), mark, points, reason);
  }

  @Route('POST /api/lessons/:lesson/marks/decisions')
  async decide(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() decision: DecisionDto,
  ): Promise<Decided> {
    return this.marks.decide(staff, await this.lessons.own(staff.schoolId, id), decision);
  }

  @Route('POST /api/lessons/:lesson/marks/decisions/:decision/undo')
  async undo(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('decision', ParseUUIDPipe) decision: string,
  ): Promise<Decided> {
    return this.marks.undo(staff, await this.lessons.own(staff.schoolId, id), decision);
  }

  @Route('GET /api/lessons/:lesson/marks/csv')
  @Header('Content-Type', 'text/csv; charset=utf-8')
  async csv(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<string> {
    const lesson = await this.lessons.own(staff.schoolId, id);
    const table = await this.marks.table(lesson);
    const columns = await this.itemsOf(id, table);
    response.setHeader(
      'Content-Disposition',
      `attachment; filename="kivex-marks-${lesson.startsAt.toISOString().slice(0, 10)}.csv"`,
    );
    return marksCsv({
      items: columns.map((c) => c.title),
      rows: table.rows.map((row) => ({
        name: row.student.name,
        group: row.group,
        points: columns.map((c) => row.cells.find((cell) => cell.key === c.key)?.points ?? null),
        max: row.max,
        open: row.cells.filter((cell) => cell.open).length,
      })),
    });
  }

  @Route('GET /api/lessons/:lesson/marks/history/csv')
  @Header('Content-Type', 'text/csv; charset=utf-8')
  async history(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<string> {
    const lesson = await this.lessons.own(staff.schoolId, id);
    const table = await this.marks.table(lesson);
    const titles = new Map((await this.itemsOf(id, table)).map(({ key, title }) => [key, title]));
    response.setHeader(
      'Content-Disposition',
      `attachment; filename="kivex-mark-history-${lesson.startsAt.toISOString().slice(0, 10)}.csv"`,
    );
    return historyCsv(
      table.rows.flatMap((row) =>
        row.cells.map((cell) => ({
          name: row.student.name,
          group: row.group,
          item: titles.get(cell.key) ?? cell.key,
          computed: {
            answer: cell.answer,
            points: cell.computed.points,
            verdict: cell.verdict,
            why: cell.why.map((w) => w.text).join(' '),
          },
          max: cell.max,
          decisions: cell.changes.map(({ answer, points, reason, by, at, decision }) => ({
            answer,
            points,
            why: reason,
            by,
            at,
            decision,
          })),
        })),
      ),
    );
  }

  /** The items of a table of marks, each with its heading. */
  private async itemsOf(lessonId: string, table: MarkTable): Promise<{ key: string; title: string }[]> {
    const samples = await this.views.samplesOf(lessonId);
    const label = new Map(samples.map((s) => [s.id, s.label]));
    return [...new Map(table.rows.flatMap((row) => row.cells).map((cell) => [cell.key, cell])).values()].map(
      ({ key, sample, strand }) => {
        const test = testOfItem(key);
        const what =
          strand === 'conclusion'
            ? 'name'
            : strand === 'equation' || strand === 'technique'
              ? `${test ? shortName(test) : ''}, ${strand}`
              : test
                ? `${shortName(test)}, ${key.split(':')[3]}`
                : 'observation';
        return { key, title: strand === 'technique' ? what : `${label.get(sample)}: ${what}` };
      },
    );
  }
}
