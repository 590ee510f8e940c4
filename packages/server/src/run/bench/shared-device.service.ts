/** One device for a group: who of it may write there, and whose own answers are shut until they type their PIN. */
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import type { StudentCaller } from '../../access/caller.js';
import { SessionsService } from '../../access/sessions.service.js';
import { badInput } from '../../problems/problems.js';
import { LessonSeat } from '../../records/lessons.entities.js';
import type { Student } from '../../records/people.entities.js';
import { PinsService } from './pins.service.js';

@Injectable()
export class SharedDeviceService {
  constructor(
    @InjectRepository(LessonSeat) private readonly seats: Repository<LessonSeat>,
    private readonly pins: PinsService,
    private readonly sessions: SessionsService,
  ) {}

  /**
   * Lets another of the caller's group write at this device.
   * @param device mark of the device, as tries are counted by. @param cookies as the device sent them.
   * @returns the cookie to set. @throws 422 for one of another group, without a PIN or with a wrong one; 429
   */
  async join(
    caller: StudentCaller,
    student: string,
    pin: string,
    device: string,
    cookies: string | undefined,
  ): Promise<string> {
    const mate = await this.seats.findOne({
      where: { lessonId: caller.lessonId, groupId: caller.groupId, studentId: student },
      relations: { student: true },
    });
    if (!mate || mate.student.leftAt)
      throw badInput('That is nobody of your group. Ask your teacher.', 'student');
    if (!mate.student.pinHash)
      throw badInput('They have no PIN yet. Ask your teacher for a PIN card.', 'pin');
    await this.pins.prove(mate.student, pin, device);
    return this.sessions.open({ studentId: student, lessonId: caller.lessonId }, '', cookies);
  }

  /** Shuts the caller's own answers at this device. */
  async lock(caller: StudentCaller): Promise<void> {
    await this.sessions.setLocked(caller, true);
  }

  /** @throws 422, 429 */
  async unlock(caller: StudentCaller, pin: string, device: string): Promise<void> {
    const { student } = await this.seats.findOneOrFail({
      where: { lessonId: caller.lessonId, studentId: caller.id },
      relations: { student: true },
    });
    await this.pins.prove(student satisfies Student, pin, device);
    await this.sessions.setLocked(caller, false);
  }
}
