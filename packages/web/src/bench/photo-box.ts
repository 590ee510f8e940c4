/**
 * Pictures taken at this device: kept in its own database until the server has them, then for a day, so that they are seen without a
 * network. Each goes up as the student's who took it.
 */
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { v7 as uuidv7 } from 'uuid';
import { RequestProblem } from '../kit/request/request.js';

export interface KeptPhoto {
  readonly id: string;
  readonly student: string;
  readonly jpeg: Blob;
  /** Milliseconds since 1970. */
  readonly takenAt: number;
  readonly sent: boolean;
  /** Why the server does not want it. */
  readonly refused?: string;
}
interface PhotoSchema extends DBSchema {
  photos: { key: string; value: KeptPhoto };
}
export interface PhotoPorts {
  /** @throws RequestProblem */
  readonly send: (id: string, jpeg: Blob, as: string) => Promise<void>;
  readonly now: () => number;
  readonly later: (run: () => void, ms: number) => void;
}

const keptFor = 24 * 60 * 60_000;
const tryAgain = 15_000;

export class PhotoBox {
  private readonly db: Promise<IDBPDatabase<PhotoSchema> | undefined>;
  /** Where the device keeps nothing. */
  private readonly here = new Map<string, KeptPhoto>();
  private rounds: Promise<void> = Promise.resolve();

  constructor(
    private readonly ports: PhotoPorts,
    name = 'kivex-photos',
  ) {
    // A device without the database throws at once; one that refuses it, later.
    this.db = (async () =>
      openDB<PhotoSchema>(name, 1, {
        upgrade: (fresh) => void fresh.createObjectStore('photos', { keyPath: 'id' }),
      }))().catch(() => undefined);
  }

  /** Keeps a picture and begins to send it. @returns the id by which an entry names it. */
  async keep(jpeg: Blob, student: string): Promise<string> {
    const photo = { id: uuidv7(), student, jpeg, takenAt: this.ports.now(), sent: false };
    await this.put(photo);
    void this.flush();
    return photo.id;
  }
  async find(id: string): Promise<KeptPhoto | undefined> {
    return this.here.get(id) ?? (await (await this.db)?.get('photos', id).catch(() => undefined));
  }
  async all(): Promise<KeptPhoto[]> {
    const kept = (await (await this.db)?.getAll('photos').catch(() => [])) ?? [];
    return [...kept, ...this.here.values()];
  }

  /** Sends what waits; what cannot go now goes later. One round after another. Never rejects. */
  flush(): Promise<void> {
    this.rounds = this.rounds.then(() => this.sendAll()).catch(() => undefined);
    return this.rounds;
  }

  private async sendAll(): Promise<void> {
    const now = this.ports.now();
    for (const photo of await this.all()) {
      if (photo.sent || photo.refused !== undefined) {
        if (now - photo.takenAt > keptFor) await this.forget(photo.id);
        continue;
      }
      try {
        await this.ports.send(photo.id, photo.jpeg, photo.student);
        await this.put({ ...photo, sent: true });
      } catch (error) {
        if (error instanceof RequestProblem && (error.status === 422 || error.status === 409))
          await this.put({ ...photo, refused: error.message });
        else {
          this.ports.later(() => void this.flush(), tryAgain);
          return;
        }
      }
    }
  }
  private async put(photo: KeptPhoto): Promise<void> {
    try {
      const db = await this.db;
      if (!db) throw new Error('nothing is kept here');
      await db.put('photos', photo);
      this.here.delete(photo.id);
    } catch {
      this.here.set(photo.id, photo);
    }
  }
  private async forget(id: string): Promise<void> {
    this.here.delete(id);
    await (await this.db)?.delete('photos', id).catch(() => undefined);
  }
}
