/** Signed-in browsers: a random token in a cookie, its hash in the database. */
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { parse, serialize } from 'cookie';
import { createHash, randomBytes } from 'node:crypto';
import { LessThan, MoreThan, Repository } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { Config } from '../config/config.js';
import { LessonSeat } from '../lessons/lessons.entities.js';
import { Session } from './access.entities.js';
import type { StaffCaller, StudentCaller } from './caller.js';

export const staffCookie = 'kivex_staff';
export const benchCookie = 'kivex_bench';
type CookieName = typeof staffCookie | typeof benchCookie;

const day = 24 * 60 * 60 * 1000;
const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');

@Injectable()
export class SessionsService {
  constructor(
    @InjectRepository(Session) private readonly sessions: Repository<Session>,
    @InjectRepository(LessonSeat) private readonly seats: Repository<LessonSeat>,
    private readonly config: Config,
  ) {}

  /** Opens a session; returns the cookie to set. Sessions that have run out are swept on the way. */
  async open(who: { staffId: string } | { studentId: string; lessonId: string }): Promise<string> {
    const token = randomBytes(32).toString('base64url');
    const staff = 'staffId' in who;
    const lasts = staff ? day / 2 : day;
    await this.sessions.delete({ expiresAt: LessThan(new Date()) });
    await this.sessions.insert({
      id: uuidv7(),
      tokenHash: hashOf(token),
      staffId: staff ? who.staffId : null,
      studentId: staff ? null : who.studentId,
      lessonId: staff ? null : who.lessonId,
      expiresAt: new Date(Date.now() + lasts),
    });
    return this.cookie(staff ? staffCookie : benchCookie, token, lasts / 1000);
  }

  /** Ends the session of a cookie header; returns the cookie that clears it. */
  async close(name: CookieName, header: string | undefined): Promise<string> {
    const token = parse(header ?? '')[name];
    if (token) await this.sessions.delete({ tokenHash: hashOf(token) });
    return this.cookie(name, '', 0);
  }

  /** Ends every session of a student, as when their PIN is made anew. */
  async closeAllOfStudent(studentId: string): Promise<void> {
    await this.sessions.delete({ studentId });
  }

  /** The member of staff of a cookie header, if signed in. */
  async staffOf(header: string | undefined): Promise<StaffCaller | undefined> {
    const token = parse(header ?? '')[staffCookie];
    if (!token) return undefined;
    const session = await this.sessions.findOne({
      where: { tokenHash: hashOf(token), expiresAt: MoreThan(new Date()) },
      relations: { staff: true },
    });
    const staff = session?.staff;
    return staff ? { id: staff.id, name: staff.name, role: staff.role, schoolId: staff.schoolId } : undefined;
  }

  /** The student of a cookie header, if joined and still seated in that lesson. */
  async studentOf(header: string | undefined): Promise<StudentCaller | undefined> {
    const token = parse(header ?? '')[benchCookie];
    if (!token) return undefined;
    const session = await this.sessions.findOne({
      where: { tokenHash: hashOf(token), expiresAt: MoreThan(new Date()) },
      relations: { student: true },
    });
    if (!session?.student || !session.lessonId || session.student.leftAt) return undefined;
    const seat = await this.seats.findOneBy({ lessonId: session.lessonId, studentId: session.student.id });
    if (!seat) return undefined;
    return {
      id: session.student.id,
      name: session.student.name,
      lessonId: session.lessonId,
      groupId: seat.groupId,
      sessionId: session.id,
    };
  }

  private cookie(name: CookieName, value: string, maxAge: number): string {
    return serialize(name, value, {
      httpOnly: true,
      sameSite: 'strict',
      path: '/',
      maxAge,
      secure: this.config.KIVEX_SECURE,
    });
  }
}
