/** Pictures that benches take of flames and tubes: small, kept with the lesson, each once by its own id. */
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import type { StudentCaller } from '../../access/caller.js';
import { Clock } from '../../clock/clock.js';
import { badInput, conflict, notFound } from '../../problems/problems.js';
import { PhotoRow } from '../../records/observing.entities.js';

/** Bytes of one picture; a device makes them smaller than this. */
export const mostPhotoBytes = 250_000;
/** Pictures of one group in one lesson. */
const mostOfGroup = 60;

/** Does it begin and end as a JPEG does? Nothing else is kept, or shown to anybody. */
const isJpeg = (bytes: Buffer): boolean =>
  bytes.length > 100 &&
  bytes.readUInt16BE(0) === 0xffd8 &&
  bytes[2] === 0xff &&
  bytes.readUInt16BE(bytes.length - 2) === 0xffd9;

@Injectable()
export class PhotosService {
  constructor(
    private readonly clock: Clock,
    @InjectRepository(PhotoRow) private readonly rows: Repository<PhotoRow>,
  ) {}

  /** Keeps a picture; the same again changes nothing. @throws 409 for an id that is another's, 422 */
  async keep(student: StudentCaller, id: string, bytes: unknown): Promise<void> {
    if (!Buffer.isBuffer(bytes) || !isJpeg(bytes))
      throw badInput('This is no picture Kivex can keep. Take it again.', 'photo');
    if (bytes.length > mostPhotoBytes) throw badInput('This picture is too large. Take it again.', 'photo');
    const there = await this.rows.findOne({ where: { id }, select: { id: true, groupId: true } });
    if (there) {
      if (there.groupId !== student.groupId)
        throw conflict('Another picture has this id. Take it again.', 'photo');
      return;
    }
    if ((await this.rows.countBy({ groupId: student.groupId })) >= mostOfGroup)
      throw badInput(`A bench keeps at most ${mostOfGroup} pictures in a lesson.`, 'photo');
    try {
      await this.rows.insert({
        id,
        lessonId: student.lessonId,
        groupId: student.groupId,
        studentId: student.id,
        jpeg: bytes,
        receivedAt: this.clock.now(),
      });
    } catch (error) {
      // The same one twice at once is one.
      if ((error as { code?: string }).code !== 'ER_DUP_ENTRY') throw error;
    }
  }

  /** @throws 404 */
  async ofBench(student: StudentCaller, id: string): Promise<Buffer> {
    return this.jpeg({ id, groupId: student.groupId });
  }
  /** @throws 404 */
  async ofLesson(lessonId: string, id: string): Promise<Buffer> {
    return this.jpeg({ id, lessonId });
  }
  private async jpeg(where: {
    readonly id: string;
    readonly groupId?: string;
    readonly lessonId?: string;
  }): Promise<Buffer> {
    const row = await this.rows.findOneBy(where);
    if (!row) throw notFound('picture');
    return row.jpeg;
  }
}
