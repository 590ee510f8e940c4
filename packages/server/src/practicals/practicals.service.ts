/** Practicals of a school, each a chain of versions that never change. */
import type { PracticalHead, WholePractical } from '@kivex/contract';
import { readPractical, type Practical as PracticalDocument } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import type { StaffCaller } from '../access/caller.js';
import { unreadable } from '../documents/file-problems.js';
import { Clock } from '../clock/clock.js';
import { VersionedDocuments, type Opened } from '../documents/versioned-documents.js';
import { SyllabusesService } from '../syllabuses/syllabuses.service.js';
import { Practical, PracticalVersion } from '../records/practicals.entities.js';

@Injectable()
export class PracticalsService {
  readonly documents: VersionedDocuments<PracticalDocument>;
  constructor(
    @InjectRepository(Practical) heads: Repository<Practical>,
    @InjectRepository(PracticalVersion) versions: Repository<PracticalVersion>,
    clock: Clock,
    private readonly syllabuses: SyllabusesService,
  ) {
    this.documents = new VersionedDocuments<PracticalDocument>(
      {
        heads: heads as unknown as Repository<never>,
        versions: versions as unknown as Repository<never>,
        key: 'practicalId',
        relation: 'practical',
        what: 'practical',
      },
      clock,
    );
  }

  async list(staff: StaffCaller): Promise<PracticalHead[]> {
    return (await this.documents.list(staff))
      .map((opened) => this.head(opened, staff))
      .sort((a, b) => a.title.localeCompare(b.title));
  }

  async show(staff: StaffCaller, id: string): Promise<WholePractical> {
    const opened = await this.documents.open(staff, id);
    return {
      head: this.head(opened, staff),
      document: opened.version.document,
      versions: await this.documents.versionsOf(id),
    };
  }

  /** The newest version of a practical the caller may see. @throws 404 */
  async newest(staff: Pick<StaffCaller, 'id' | 'schoolId'>, id: string): Promise<PracticalVersion> {
    return (await this.documents.open(staff, id)).version as PracticalVersion;
  }

  /** A practical of the school as it came with Kivex, or as given by the demo. */
  add(schoolId: string, document: PracticalDocument): Promise<string> {
    return this.documents.add(schoolId, document);
  }

  /**
   * Checks a document that comes in, and puts the school's own syllabus into it as that stands now, so that
   * later changes of the syllabus do not reach it. @throws 422 with a sentence for each place.
   */
  async checked(staff: StaffCaller, document: object): Promise<PracticalDocument> {
    const { syllabus, ownSyllabus, ...rest } = document as Partial<PracticalDocument>;
    const own = typeof syllabus === 'string' ? await this.syllabuses.ownBy(staff, syllabus) : undefined;
    const kept = own ?? ownSyllabus;
    const read = readPractical({
      ...rest,
      ...(syllabus === undefined ? {} : { syllabus }),
      ...(kept && kept.id === syllabus ? { ownSyllabus: kept } : {}),
    });
    if ('problems' in read) throw unreadable('practical', read.problems);
    return read.practical;
  }

  private head(opened: Opened<PracticalDocument>, staff: StaffCaller): PracticalHead {
    const { document } = opened.version;
    return {
      ...this.documents.headOf(opened, staff),
      title: document.title,
      summary: document.summary,
      syllabus: document.ownSyllabus?.name ?? document.syllabus,
      minutes: document.minutes,
      knowns: document.samples.filter((s) => s.role === 'known').length,
      unknowns: document.samples.filter((s) => s.role === 'unknown').length,
      tests: document.tests.length,
    };
  }
}
