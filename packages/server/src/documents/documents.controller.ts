/** The routes every kind of versioned document has; each kind adds its own list, view and files. */
import { Body, Get, HttpCode, Param, ParseIntPipe, ParseUUIDPipe, Patch, Post, Put } from '@nestjs/common';
import { anyStaff, AllowedTo, ByStaff, type StaffCaller } from '../access/caller.js';
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

export abstract class DocumentsController<Document, Whole> {
  protected constructor(
    private readonly kind: DocumentKind<Document, Whole>,
    /** Is a new one seen by the whole school, where nothing else is said? */
    private readonly sharedAtFirst: boolean,
  ) {}

  /** A new one: from scratch, copied, or read from a file. */
  @Post()
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
  @Get(':id')
  @AllowedTo(...anyStaff)
  show(@ByStaff() staff: StaffCaller, @Param('id', ParseUUIDPipe) id: string): Promise<Whole> {
    return this.kind.show(staff, id);
  }
  @Put(':id')
  async save(
    @ByStaff() staff: StaffCaller,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { document, from }: SaveDocumentDto,
  ): Promise<Whole> {
    await this.kind.documents.save(staff, id, await this.kind.checked(staff, document), from);
    return this.kind.show(staff, id);
  }
  @Patch(':id')
  @HttpCode(204)
  set(
    @ByStaff() staff: StaffCaller,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() wanted: SetDocumentDto,
  ): Promise<void> {
    if (wanted.shared === undefined && wanted.archived === undefined)
      throw malformed('Say what is to change: shared, or archived.');
    return this.kind.documents.set(staff, id, wanted);
  }
  @Get(':id/versions/:number')
  async version(
    @ByStaff() staff: StaffCaller,
    @Param('id', ParseUUIDPipe) id: string,
    @Param('number', ParseIntPipe) number: number,
  ): Promise<Document> {
    return (await this.kind.documents.version(staff, id, number)).document;
  }
}
