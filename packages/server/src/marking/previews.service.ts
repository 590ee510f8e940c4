/** What would become of a lesson's marks were something otherwise; nothing is kept. */
import type { SchemePreview } from '@kivex/contract';
import { groupedBy, movedBy } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import type { Lesson } from '../records/lessons.entities.js';
import { MarkKeepingService, type Otherwise } from './mark-keeping.service.js';
import { MarksService } from './marks.service.js';

@Injectable()
export class PreviewsService {
  constructor(
    private readonly keeping: MarkKeepingService,
    private readonly marks: MarksService,
  ) {}

  async of(lesson: Lesson, under: Otherwise): Promise<SchemePreview> {
    const [{ rows, scheme }, drafts] = await Promise.all([
      this.marks.table(lesson),
      lesson.state === 'planned' ? [] : this.keeping.draftAll(lesson, under),
    ]);
    const drafted = groupedBy(
      drafts.flatMap((draft) => draft.rows),
      (row) => row.studentId,
    );
    const moved = rows.map((row) =>
      movedBy(
        scheme.scheme,
        under.scheme ?? scheme.scheme,
        row.cells,
        // Of those who are still at work nothing is marked before they hand in.
        (row.cells.length ? (drafted.get(row.student.id) ?? []) : []).map((draft) => ({
          ...draft,
          key: draft.itemKey,
        })),
        row.late,
      ),
    );
    return {
      students: rows.map(({ student }, i) => ({
        student,
        before: moved[i]!.before,
        after: moved[i]!.after,
      })),
      items: moved.reduce((n, m) => n + m.items, 0),
      reopened: moved.reduce((n, m) => n + m.reopened, 0),
    };
  }
}
