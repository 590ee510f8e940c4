/** The routes every kind of versioned document has; each kind adds its own list, view and files. */
import type { Practical, Syllabus } from '@kivex/core';
import type { WholePractical, WholeSyllabus } from '@kivex/contract';
import { Body, HttpCode, Param, ParseIntPipe, ParseUUIDPipe } from '@nestjs/common';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { malformed } from '../problems/problems.js';
import { NewDocumentDto, SaveDocumentDto, SetDocumentDto } from './documents.dto.js';
import type { VersionedDocuments } from './versioned-documents.js';

/** What a kind of document does in its own way. */
export interface DocumentKind<Document, Whole> {
  readonly documents: VersionedDocuments<Document>;
  /** Checks what comes in. @throws 422 with a sentence for each place. */
  checked(staff: StaffCaller, document: object): Promise<Document>;
  show(staff: StaffCaller, id: string): Promise<Whole>;
}
type Plural = 'practicals' | 'syllabuses';
const singular = { practicals: 'practical', syllabuses: 'syllabus' } as const;

/** A controller to build on, with its paths. */
export function documentsController<
  Document extends Practical | Syllabus,
  Whole extends WholePractical | WholeSyllabus,
>(plural: Plural) {
  const name = singular[plural];
  const all = `/api/${plural}` as const;
  // The two fit together: each plural has its own singular.
  const one = `${all}/:${name}` as '/api/practicals/:practical' | '/api/syllabuses/:syllabus';

  abstract class DocumentsController {
    protected constructor(
      readonly kind: DocumentKind<Document, Whole>,
      /** Is a new one seen by the whole school, where nothing else is said? */
      readonly sharedAtFirst: boolean,
    ) {}

    /** A new one: from scratch, copied, or read from a file. */
    @Route(`POST ${all}`)
    async create(
      @ByStaff() staff: StaffCaller,
      @Body() { document, shared }: NewDocumentDto,
    ): Promise<{ id: string }> {
      const id = await this.kind.documents.add(staff.schoolId, await this.kind.checked(staff, document), {
        owner: staff.id,
        shared: shared ?? this.sharedAtFirst,
      });
      return { id };
    }
    @Route(`GET ${one}`)
    show(@ByStaff() staff: StaffCaller, @Param(name, ParseUUIDPipe) id: string): Promise<Whole> {
      return this.kind.show(staff, id);
    }
    @Route(`PUT ${one}`)
    async save(
      @ByStaff() staff: StaffCaller,
      @Param(name, ParseUUIDPipe) id: string,
      @Body() { document, from }: SaveDocumentDto,
    ): Promise<Whole> {
      await this.kind.documents.save(staff, id, await this.kind.checked(staff, document), from);
      return this.kind.show(staff, id);
    }
    @Route(`PATCH ${one}`)
    @HttpCode(204)
    set(
      @ByStaff() staff: StaffCaller,
      @Param(name, ParseUUIDPipe) id: string,
      @Body() wanted: SetDocumentDto,
    ): Promise<void> {
      if (wanted.shared === undefined && wanted.archived === undefined)
        throw malformed('Say what is to change: shared, or archived.');
      return this.kind.documents.set(staff, id, wanted);
    }
    @Route(`GET ${one}/versions/:number`)
    async version(
      @ByStaff() staff: StaffCaller,
      @Param(name, ParseUUIDPipe) id: string,
      @Param('number', ParseIntPipe) number: number,
    ): Promise<Document> {
      return (await this.kind.documents.version(staff, id, number)).document;
    }
  }
  return DocumentsController;
}
