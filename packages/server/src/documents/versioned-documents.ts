/**
 * Documents of a school as chains of versions that never change: practicals and syllabuses alike. Who
 * may see one: everyone of the school when it is shared, else its owner. Saving needs the version one began from,
 * so that nobody writes over another's work unseen.
 */
import type { DocumentHead, DocumentVersion } from '@kivex/contract';
import type { ObjectLiteral, Repository } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../access/caller.js';
import { conflict, forbidden, notFound } from '../problems/problems.js';
import type { DocumentRow, DocumentVersionRow } from '../records/documents.entities.js';
import type { Clock } from '../clock/clock.js';

type Version<Document> = DocumentVersionRow & { readonly document: Document };
export interface Opened<Document> {
  readonly head: DocumentRow;
  readonly version: Version<Document>;
}
export interface DocumentTables {
  readonly heads: Repository<never>;
  readonly versions: Repository<never>;
  /** The property and column by which a version names its head, and that of the relation. */
  readonly key: string;
  readonly relation: string;
  /** What it is called in sentences. */
  readonly what: string;
}
const mostListed = 400;

export class VersionedDocuments<Document> {
  private readonly heads: Repository<ObjectLiteral>;
  private readonly versions: Repository<ObjectLiteral>;
  constructor(
    private readonly tables: DocumentTables,
    private readonly clock: Clock,
  ) {
    this.heads = tables.heads as unknown as Repository<ObjectLiteral>;
    this.versions = tables.versions as unknown as Repository<ObjectLiteral>;
  }

  private newest() {
    const { key, relation } = this.tables;
    return this.versions
      .createQueryBuilder('v')
      .innerJoinAndSelect(`v.${relation}`, 'h')
      .leftJoinAndSelect('h.owner', 'owner')
      .where(
        `v.number = (SELECT MAX(w.number) FROM ${this.versions.metadata.tableName} w WHERE w.${key} = v.${key})`,
      );
  }
  private opened(row: ObjectLiteral): Opened<Document> {
    return { head: row[this.tables.relation] as DocumentRow, version: row as Version<Document> };
  }

  /** The newest version of each document the caller may see. */
  async list(staff: Pick<StaffCaller, 'id' | 'schoolId'>): Promise<Opened<Document>[]> {
    const rows = await this.newest()
      .andWhere('h.schoolId = :school', { school: staff.schoolId })
      .andWhere('(h.shared = 1 OR h.ownerId = :me)', { me: staff.id })
      .take(mostListed)
      .getMany();
    return rows.map((row) => this.opened(row));
  }

  /** The newest version of one. @throws 404 for what is not the school's, or private to somebody else. */
  async open(staff: Pick<StaffCaller, 'id' | 'schoolId'>, id: string): Promise<Opened<Document>> {
    const row = await this.newest()
      .andWhere('h.id = :id AND h.schoolId = :school', { id, school: staff.schoolId })
      .andWhere('(h.shared = 1 OR h.ownerId = :me)', { me: staff.id })
      .getOne();
    if (!row) throw notFound(this.tables.what);
    return this.opened(row);
  }

  /** All versions of a document, newest first. */
  async versionsOf(id: string): Promise<DocumentVersion[]> {
    const rows = await this.versions.find({
      where: { [this.tables.key]: id },
      relations: { author: true },
      order: { number: 'DESC' },
      take: 200,
    });
    return (rows as unknown as Version<Document>[]).map(({ number, author, createdAt }) => ({
      number,
      by: author?.name ?? null,
      at: createdAt.toISOString(),
    }));
  }

  /** One version by number. @throws 404 */
  async version(staff: StaffCaller, id: string, number: number): Promise<Version<Document>> {
    await this.open(staff, id);
    const row = await this.versions.findOneBy({ [this.tables.key]: id, number });
    if (!row) throw notFound('version');
    return row as Version<Document>;
  }

  /** A new document. @returns its id. */
  async add(
    schoolId: string,
    document: Document,
    { owner = null, shared = true }: { owner?: string | null; shared?: boolean } = {},
  ): Promise<string> {
    const id = uuidv7();
    await this.heads.insert({ id, schoolId, ownerId: owner, shared, archivedAt: null });
    await this.write(id, 1, document, owner);
    return id;
  }

  /** Saves a new version. @param from the version the caller began from. @throws 409 when there is a newer one. */
  async save(staff: StaffCaller, id: string, document: Document, from: number): Promise<number> {
    const { version } = await this.open(staff, id);
    const stale = () =>
      conflict(
        `Somebody has saved version ${version.number} meanwhile. Your work is still here: save it as a copy, or load theirs.`,
        'from',
      );
    if (version.number !== from) throw stale();
    try {
      await this.write(id, from + 1, document, staff.id);
    } catch (error) {
      // Two saves at once: the index on id and number lets one through.
      if ((error as { code?: string }).code === 'ER_DUP_ENTRY') throw stale();
      throw error;
    }
    return from + 1;
  }

  private async write(id: string, number: number, document: Document, author: string | null): Promise<void> {
    await this.versions.insert({
      id: uuidv7(),
      [this.tables.key]: id,
      number,
      document: document as object,
      authorId: author,
      createdAt: this.clock.now(),
    });
  }

  /** Shares, keeps private, archives or brings back. Only its owner or the head of department decides who sees it. */
  async set(
    staff: StaffCaller,
    id: string,
    { shared, archived }: { shared?: boolean | undefined; archived?: boolean | undefined },
  ): Promise<void> {
    const { head } = await this.open(staff, id);
    const may = head.ownerId === staff.id || staff.role === 'head';
    if (shared !== undefined && shared !== head.shared && !may)
      throw forbidden(`Only its owner or the head of department decides who sees this ${this.tables.what}.`);
    if (shared === false && head.ownerId === null)
      throw conflict(
        `This ${this.tables.what} came with Kivex and belongs to the school. Archive it instead.`,
      );
    await this.heads.update(
      { id },
      {
        ...(shared === undefined ? {} : { shared }),
        ...(archived === undefined
          ? {}
          : { archivedAt: archived ? (head.archivedAt ?? this.clock.now()) : null }),
      },
    );
  }

  /** What every head tells. */
  headOf({ head, version }: Opened<Document>, staff: Pick<StaffCaller, 'id'>): DocumentHead {
    return {
      id: head.id,
      version: version.number,
      owner: head.owner?.name ?? null,
      mine: head.ownerId === staff.id,
      shared: head.shared,
      archived: head.archivedAt !== null,
      changedAt: version.createdAt.toISOString(),
    };
  }
}
