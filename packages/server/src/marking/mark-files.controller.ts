/** Marks and how they came about, as sheets. */
import type { MarkTable } from '@kivex/contract';
import { itemTitle, weightOf } from '@kivex/core';
import { historyTable, marksTable } from '@kivex/core/formats/marks-table';
import { Controller, Param, ParseEnumPipe, ParseUUIDPipe, Query, Res, StreamableFile } from '@nestjs/common';
import type { Response } from 'express';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { goneSignal } from '../heavy/gone-signal.js';
import { HeavyService } from '../heavy/heavy.service.js';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import { LessonsService } from '../lessons/lessons.service.js';
import type { Lesson } from '../records/lessons.entities.js';
import { attachment } from '../sheets/attachment.js';
import { sheetKindNames, sheetTypes, type SheetKind, type Table } from '../sheets/sheet-kinds.js';
import { MarksService } from './marks.service.js';
import { ReportsService } from './reports.service.js';

@Controller()
export class MarkFilesController {
  constructor(
    private readonly marks: MarksService,
    private readonly lessons: LessonsService,
    private readonly views: LessonViewsService,
    private readonly heavy: HeavyService,
    private readonly reports: ReportsService,
  ) {}

  @Route('GET /api/lessons/:lesson/marks/sheet/:kind')
  async sheet(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('kind', new ParseEnumPipe(sheetKindNames)) kind: SheetKind,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile> {
    const lesson = await this.lessons.own(staff.schoolId, id);
    const table = await this.marks.table(lesson);
    const columns = await this.itemsOf(id, table);
    const rows = marksTable({
      items: columns.map((c) => c.title),
      rows: table.rows.map((row) => ({
        name: row.student.name,
        group: row.group,
        points: columns.map((c) => row.cells.find((cell) => cell.key === c.key)?.points ?? null),
        total: row.absent && !row.caughtUp ? null : row.points,
        onScreen: row.caughtUp !== null,
        max: row.max,
        agreed: row.agreed,
        late: row.late,
        open: row.cells.filter((cell) => cell.open).length,
      })),
    });
    return this.file(staff, response, { kind, called: 'marks', sheet: 'Marks', lesson, rows });
  }

  @Route('GET /api/lessons/:lesson/marks/history/sheet/:kind')
  async history(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('kind', new ParseEnumPipe(sheetKindNames)) kind: SheetKind,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile> {
    const lesson = await this.lessons.own(staff.schoolId, id);
    const table = await this.marks.table(lesson);
    const titles = new Map((await this.itemsOf(id, table)).map(({ key, title }) => [key, title]));
    const rows = historyTable(
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
    return this.file(staff, response, { kind, called: 'mark-history', sheet: 'History', lesson, rows });
  }

  /** The class on paper: `form=slips` for slips, reports where left out; `only` for some students. */
  @Route('GET /api/lessons/:lesson/marks/reports.pdf')
  async reportsPdf(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Res({ passthrough: true }) response: Response,
    @Query('form') form?: string,
    @Query('only') only?: string | string[],
  ): Promise<StreamableFile> {
    const lesson = await this.lessons.own(staff.schoolId, id);
    const slips = form === 'slips';
    const students = only === undefined ? undefined : [only].flat();
    const sheet = await this.reports.sheet(lesson, slips ? 'slips' : 'reports', students);
    const day = lesson.startsAt.toISOString().slice(0, 10);
    attachment(response, `kivex-${slips ? 'slips' : 'reports'}-${day}.pdf`, 'application/pdf');
    return new StreamableFile(await this.heavy.paper('reports', sheet, staff.schoolId, goneSignal(response)));
  }

  private async file(
    staff: StaffCaller,
    response: Response,
    {
      kind,
      called,
      sheet,
      lesson,
      rows,
    }: {
      readonly kind: SheetKind;
      readonly called: string;
      readonly sheet: string;
      readonly lesson: Lesson;
      readonly rows: Table;
    },
  ): Promise<StreamableFile> {
    const day = lesson.startsAt.toISOString().slice(0, 10);
    attachment(response, `kivex-${called}-${day}.${kind}`, sheetTypes[kind]);
    return new StreamableFile(
      await this.heavy.paper('sheetFile', { kind, name: sheet, rows }, staff.schoolId, goneSignal(response)),
    );
  }

  /** The items of a table of marks, each with its heading: what it is of, and what a point is worth where that is not one. */
  private async itemsOf(lessonId: string, table: MarkTable): Promise<{ key: string; title: string }[]> {
    const samples = await this.views.samplesOf(lessonId);
    const label = new Map(samples.map((s) => [s.id, s.label]));
    const { scheme } = table.scheme;
    return [...new Map(table.rows.flatMap((row) => row.cells).map((cell) => [cell.key, cell])).values()].map(
      (cell) => {
        const what = itemTitle(cell);
        const worth = weightOf(scheme, cell);
        const of =
          cell.strand === 'technique' && cell.test !== null ? what : `${label.get(cell.sample)}: ${what}`;
        return { key: cell.key, title: worth === 1 ? of : `${of} (×${worth})` };
      },
    );
  }
}
