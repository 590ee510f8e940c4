/** A school's own syllabuses, copied from the shipped ones and edited. */
import type { SyllabusHead, WholeSyllabus } from '@kivex/contract';
import { allSyllabuses, readSyllabus, type Syllabus as SyllabusDocument } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import type { StaffCaller } from '../access/caller.js';
import { unreadable } from '../documents/file-problems.js';
import { Clock } from '../clock/clock.js';
import { VersionedDocuments, type Opened } from '../documents/versioned-documents.js';
import { Syllabus, SyllabusVersion } from '../records/syllabuses.entities.js';

@Injectable()
export class SyllabusesService {
  readonly documents: VersionedDocuments<SyllabusDocument>;
  constructor(
    @InjectRepository(Syllabus) heads: Repository<Syllabus>,
    @InjectRepository(SyllabusVersion) versions: Repository<SyllabusVersion>,
    clock: Clock,
  ) {
    this.documents = new VersionedDocuments<SyllabusDocument>(
      {
        heads: heads as unknown as Repository<never>,
        versions: versions as unknown as Repository<never>,
        key: 'syllabusId',
        relation: 'syllabus',
        what: 'syllabus',
      },
      clock,
    );
  }

  private head(opened: Opened<SyllabusDocument>, staff: StaffCaller): SyllabusHead {
    const { name, ages } = opened.version.document;
    return { ...this.documents.headOf(opened, staff), name, ages };
  }

  async list(staff: StaffCaller): Promise<SyllabusHead[]> {
    return (await this.documents.list(staff))
      .map((opened) => this.head(opened, staff))
      .sort((a, b) => a.name.localeCompare(b.name));
  }

  async show(staff: StaffCaller, id: string): Promise<WholeSyllabus> {
    const opened = await this.documents.open(staff, id);
    return {
      head: this.head(opened, staff),
      document: { ...opened.version.document, id },
      versions: await this.documents.versionsOf(id),
    };
  }

  /** Checks a document that comes in. @throws 422 with a sentence for each place. */
  checked(_staff: StaffCaller, document: object): Promise<SyllabusDocument> {
    const read = readSyllabus(document);
    if ('problems' in read) throw unreadable('syllabus', read.problems);
    return Promise.resolve(read.syllabus);
  }

  /** The syllabus a practical names, whole, when it is one of the school's own; undefined for one that ships. */
  async ownBy(
    staff: Pick<StaffCaller, 'id' | 'schoolId'>,
    id: string,
  ): Promise<SyllabusDocument | undefined> {
    if (allSyllabuses.some((s) => s.id === id) || !/^[0-9a-f-]{36}$/.test(id)) return undefined;
    const found = (await this.documents.list(staff)).find((o) => o.head.id === id);
    return found && { ...found.version.document, id };
  }
}
