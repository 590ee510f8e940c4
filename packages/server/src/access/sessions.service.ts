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
import type { Student } from '../records/people.entities.js';
import type { SignedInStaff, StudentCaller } from './caller.js';
import { Clock } from '../clock/clock.js';

export const staffCookie = 'kivex_staff';
export const benchCookie = 'kivex_bench';
type CookieName = typeof staffCookie | typeof benchCookie;
const day = 24 * 60 * 60 * 1000;
/** Sessions shown to their owner at most; the newest. */
const mostShown = 50;

/** Members of a group who work at one device, at most. */
const mostAtDevice = 8;

interface AtDevice {
  readonly token: string;
  readonly session: Session;
  readonly student: Student;
  /** Where they sit in the session's lesson; null where they do no longer. */
  readonly seat: LessonSeat | null;
}

const tokensIn = (header: string | undefined): string[] =>
  [...new Set((parse(header ?? '')[benchCookie] ?? '').split('.'))].filter(Boolean).slice(0, mostAtDevice);
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
   * Opens a session; returns the cookie to set. Sessions that have run out are swept on the way. A bench's cookie holds
   * a token for each member of a group who works at the device; the one opened last stands first.
   * @param device what kind of device, in a word or two. @param header the cookies of the device as they are.
   */
  async open(
    who: { staffId: string } | { studentId: string; lessonId: string },
    device = '',
    header?: string,
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
    const others = staff ? [] : await this.groupMates(who, header);
    return this.cookie(staff ? staffCookie : benchCookie, [token, ...others].join('.'), lasts / 1000);
  }

  /** Tokens of others of the same group who work at this device; an older one of the same student is ended. */
  private async groupMates(
    { studentId, lessonId }: { studentId: string; lessonId: string },
    header: string | undefined,
  ): Promise<string[]> {
    const seat = await this.seats.findOneBy({ lessonId, studentId });
    const mates: string[] = [];
    for (const { token, session, seat: theirs } of await this.atDevice(header)) {
      if (session.studentId === studentId && session.lessonId === lessonId) await this.end(session.id);
      else if (session.lessonId === lessonId && theirs?.groupId === seat?.groupId) mates.push(token);
    }
    return mates.slice(0, mostAtDevice - 1);
  }

  /** Who has joined at a device and still may work there, the last first. */
  private async atDevice(header: string | undefined): Promise<AtDevice[]> {
    const tokens = tokensIn(header);
    if (!tokens.length) return [];
    const rows = await this.sessions.find({
      where: { tokenHash: In(tokens.map(hashOf)), expiresAt: MoreThan(this.clock.now()) },
      relations: { student: true },
    });
    const found: AtDevice[] = [];
    for (const token of tokens) {
      const session = rows.find((row) => row.tokenHash === hashOf(token));
      if (!session?.student || session.studentId === null || !session.lessonId || session.student.leftAt)
        continue;
      const seat = await this.seats.findOneBy({ lessonId: session.lessonId, studentId: session.studentId });
      found.push({ token, session, student: session.student, seat });
    }
    return found;
  }

  /**
   * Ends a student's session at a device and hangs up its wires, whatever state it is in.
   * @returns the cookie without it: the others of the group work on.
   */
  async leave(header: string | undefined, wanted: string | undefined): Promise<string> {
    const here = await this.atDevice(header);
    const leaving = here.find(({ session }) => !wanted || session.studentId === wanted);
    if (leaving) await this.end(leaving.session.id);
    const rest = here.filter((one) => one !== leaving).map(({ token }) => token);
    return this.cookie(benchCookie, rest.join('.'), rest.length ? day / 1000 : 0);
  }

  /** Says whether a student's own answers stay shut at their device until they type their PIN. */
  async setLocked({ sessionId }: StudentCaller, locked: boolean): Promise<void> {
    await this.sessions.update({ id: sessionId }, { locked });
  }

  /** Ends the session of a cookie header and hangs up its wires; returns the cookie that clears it. */
  async close(name: typeof staffCookie, header: string | undefined): Promise<string> {
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

  /**
   * The student of a cookie header, if joined and still seated in that lesson.
   * @param wanted whom the device says is writing; where it does not say, who joined last.
   */
  async studentOf(header: string | undefined, wanted?: string): Promise<StudentCaller | undefined> {
    const here = await this.atDevice(header);
    const writing = here.find(({ session }) => !wanted || session.studentId === wanted);
    if (!writing?.seat || !writing.session.lessonId) return undefined;
    const { session, seat, student } = writing;
    const mates = here.filter((o) => o.seat?.groupId === seat.groupId);
    return {
      id: student.id,
      name: student.name,
      lessonId: seat.lessonId,
      groupId: seat.groupId,
      sessionId: session.id,
      expiresAt: session.expiresAt,
      locked: session.locked,
      here: mates.map((o) => o.student.id),
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
