/** Signed-in browsers: a random token in an http-only cookie, its hash in the database. */
import type { StaffSession } from '@kivex/contract';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { parse, serialize } from 'cookie';
import { createHash, randomBytes } from 'node:crypto';
import { In, LessThan, MoreThan, Not, Repository } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { Config } from '../config/config.js';
import { LessonSeat } from '../records/lessons.entities.js';
import { LiveService } from '../run/live/live.service.js';
import { Session } from '../records/access.entities.js';
import type { SignedInStaff, StudentCaller } from './caller.js';
import { Clock } from '../clock/clock.js';

export const staffCookie = 'kivex_staff';
export const benchCookie = 'kivex_bench';
type CookieName = typeof staffCookie | typeof benchCookie;
const day = 24 * 60 * 60 * 1000;
/** Sessions shown to their owner at most; the newest. */
const mostShown = 50;

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');

@Injectable()
export class SessionsService {
  constructor(
    private readonly clock: Clock,
    @InjectRepository(Session) private readonly sessions: Repository<Session>,
    @InjectRepository(LessonSeat) private readonly seats: Repository<LessonSeat>,
    private readonly live: LiveService,
    private readonly config: Config,
  ) {}

  /**
   * Opens a session; returns the cookie to set. Sessions that have run out are swept on the way.
   * @param device what kind of device, in a word or two.
   */
  async open(
    who: { staffId: string } | { studentId: string; lessonId: string },
    device = '',
  ): Promise<string> {
    const token = randomBytes(32).toString('base64url');
    const staff = 'staffId' in who;
    const lasts = staff ? day / 2 : day;
    const now = this.clock.now();
    await this.sessions.delete({ expiresAt: LessThan(now) });
    await this.sessions.insert({
      id: uuidv7(),
      tokenHash: hashOf(token),
      staffId: staff ? who.staffId : null,
      studentId: staff ? null : who.studentId,
      lessonId: staff ? null : who.lessonId,
      createdAt: now,
      device: device.slice(0, 60),
      expiresAt: new Date(now.getTime() + lasts),
    });
    return this.cookie(staff ? staffCookie : benchCookie, token, lasts / 1000);
  }

  /** Ends the session of a cookie header and hangs up its wires; returns the cookie that clears it. */
  async close(name: CookieName, header: string | undefined): Promise<string> {
    const token = parse(header ?? '')[name];
    const session = token
      ? await this.sessions.findOne({ where: { tokenHash: hashOf(token) }, select: { id: true } })
      : null;
    if (session) await this.end(session.id);
    return this.cookie(name, '', 0);
  }

  private async end(id: string): Promise<void> {
    await this.sessions.delete({ id });
    this.live.dropSession(id);
  }

  /** Ends every session of a student, as when their PIN is made anew. */
  async closeAllOfStudent(studentId: string): Promise<void> {
    await this.sessions.delete({ studentId });
    this.live.dropStudent(studentId);
  }

  /** Ends the sessions of a member of staff, but one where that is given. @returns how many. */
  async closeAllOfStaff(staffId: string, but?: string): Promise<number> {
    const where = { staffId, ...(but ? { id: Not(but) } : {}) };
    const ended = await this.sessions.find({ where, select: { id: true } });
    await this.sessions.delete(where);
    for (const { id } of ended) this.live.dropSession(id);
    return ended.length;
  }

  /** A member of staff's own sessions, newest first. */
  async ofStaff(caller: SignedInStaff): Promise<StaffSession[]> {
    const rows = await this.sessions.find({
      where: { staffId: caller.id, expiresAt: MoreThan(this.clock.now()) },
      order: { expiresAt: 'DESC' },
      take: mostShown,
    });
    return rows.map((row) => ({
      id: row.id,
      device: row.device,
      since: row.createdAt?.toISOString() ?? null,
      until: row.expiresAt.toISOString(),
      here: row.id === caller.sessionId,
    }));
  }

  /** Ends one of a member of staff's own sessions. @returns whether there was one. */
  async closeOwn(caller: SignedInStaff, id: string): Promise<boolean> {
    if (!(await this.sessions.existsBy({ id, staffId: caller.id }))) return false;
    await this.end(id);
    return true;
  }

  /** The member of staff of a cookie header, if signed in, not locked and still of the school. */
  async staffOf(header: string | undefined): Promise<SignedInStaff | undefined> {
    const token = parse(header ?? '')[staffCookie];
    if (!token) return undefined;
    const session = await this.sessions.findOne({
      where: { tokenHash: hashOf(token), expiresAt: MoreThan(this.clock.now()) },
      relations: { staff: true },
    });
    const staff = session?.staff;
    if (!session || !staff || staff.lockedAt || staff.leftAt) return undefined;
    return {
      id: staff.id,
      name: staff.name,
      role: staff.role,
      schoolId: staff.schoolId,
      sessionId: session.id,
      expiresAt: session.expiresAt,
      mustChangePassword: staff.mustChangePassword,
    };
  }

  /** The student of a cookie header, if joined and still seated in that lesson. */
  async studentOf(header: string | undefined): Promise<StudentCaller | undefined> {
    const token = parse(header ?? '')[benchCookie];
    if (!token) return undefined;
    const session = await this.sessions.findOne({
      where: { tokenHash: hashOf(token), expiresAt: MoreThan(this.clock.now()) },
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
      expiresAt: session.expiresAt,
    };
  }

  /** Does a student's session still last, and do they still sit where they sat? */
  async lasts(student: StudentCaller): Promise<boolean> {
    const [session, seat] = await Promise.all([
      this.sessions.findOne({
        where: { id: student.sessionId, expiresAt: MoreThan(this.clock.now()) },
        relations: { student: true },
      }),
      this.seats.findOneBy({ lessonId: student.lessonId, studentId: student.id }),
    ]);
    return Boolean(session?.student && !session.student.leftAt && seat?.groupId === student.groupId);
  }

  /** Which of these sessions still last. */
  async lasting(ids: readonly string[]): Promise<ReadonlySet<string>> {
    if (!ids.length) return new Set();
    const rows = await this.sessions.find({
      where: { id: In([...ids]), expiresAt: MoreThan(this.clock.now()) },
      select: { id: true },
    });
    return new Set(rows.map((row) => row.id));
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
