/** The trail of staff's actions, for the head of department: in pages, and whole as a file. */
import { auditActions, type AuditEntry } from '@kivex/contract';
import { tableToCsv } from '@kivex/core/formats/csv-table';
import { Controller, ParseUUIDPipe, Query, Res, StreamableFile } from '@nestjs/common';
import type { Response } from 'express';
import { Readable } from 'node:stream';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { pageSize, sayNext } from '../paging/pages.js';
import { attachment } from '../sheets/attachment.js';
import { AuditService } from './audit.service.js';

const mostInPage = 100;
const mostInPart = 1000;

@Controller()
export class AuditController {
  constructor(private readonly audit: AuditService) {}

  /** Newest first; where there is more, the header `Link` says where (RFC 8288). */
  @Route('GET /api/audit')
  async page(
    @ByStaff() staff: StaffCaller,
    @Res({ passthrough: true }) response: Response,
    @Query('before', new ParseUUIDPipe({ optional: true })) before?: string,
    @Query('limit') limit?: string,
  ): Promise<AuditEntry[]> {
    const most = pageSize(limit, mostInPage);
    const entries = await this.audit.page(staff.schoolId, most, before);
    if (entries.length === most) sayNext(response, `/api/audit?before=${entries.at(-1)!.id}`);
    return entries;
  }

  /** The whole trail as CSV, newest first. */
  @Route('GET /api/audit/file')
  file(@ByStaff() staff: StaffCaller, @Res({ passthrough: true }) response: Response): StreamableFile {
    attachment(response, 'kivex-audit.csv', 'text/csv; charset=utf-8');
    return new StreamableFile(Readable.from(this.lines(staff.schoolId)));
  }

  private async *lines(schoolId: string): AsyncGenerator<string> {
    yield tableToCsv([['At', 'Who', 'What', 'About']]);
    for (let before: string | undefined; ;) {
      const part = await this.audit.page(schoolId, mostInPart, before);
      if (!part.length) return;
      yield tableToCsv(part.map((e) => [e.at, e.by, auditActions[e.action], e.about])).replace(/^\uFEFF/, '');
      before = part.at(-1)!.id;
    }
  }
}
