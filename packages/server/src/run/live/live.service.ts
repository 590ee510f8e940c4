/**
 * Says by Socket.IO what has been committed; never before. What is told here is a courtesy: whoever was not reached
 * asks for the whole record. So nothing here is waited for by what logs or reads, and no failure of it reaches them.
 */
import { benchSpace, boardSpace, type LessonState, type LiveToClient, type WireEvent } from '@kivex/contract';
import { isOwnAnswer } from '@kivex/core';
import { Injectable, Logger } from '@nestjs/common';
import type { Namespace, Server, Socket } from 'socket.io';
import { Clock } from '../../clock/clock.js';

export const boardRoom = (lessonId: string): string => `lesson:${lessonId}`;
export const groupRoom = (groupId: string): string => `group:${groupId}`;
export const studentRoom = (studentId: string): string => `student:${studentId}`;
/** Wires of a student that are shown their own answers. */
export const ownRoom = (studentId: string): string => `own:${studentId}`;
export const staffRoom = (staffId: string): string => `staff:${staffId}`;
export const sessionRoom = (sessionId: string): string => `session:${sessionId}`;

/** Milliseconds until presence is asked for again when another process did not answer. */
const askAgain = 3_000;
const mostAsks = 5;
/** Timers cannot be set further ahead than this. */
const furthestTimer = 2 ** 31 - 1;

@Injectable()
export class LiveService {
  constructor(private readonly clock: Clock) {}

  private readonly logger = new Logger('live');
  private server: Server | undefined;
  /** Do this process and the others hear each other? Alone, a process always does. */
  private joined = true;
  /** Groups whose presence is being asked for, and whether it has changed since. */
  private readonly asking = new Map<string, boolean>();

  /** Are there other processes whose sockets may be in a room? */
  shared = false;

  /** Called once, when the gateways are up. */
  attach(server: Server): void {
    this.server = server;
  }

  /**
   * A new entry in the log: to the lesson's boards and to the group's own devices.
   * @param but id of the socket it came over, which is told by its answer.
   */
  committed(lessonId: string, event: WireEvent, but?: string): void {
    this.tell(boardSpace, boardRoom(lessonId), event);
    // A student's own answer goes to their own devices, not to their group's.
    this.tell(benchSpace, isOwnAnswer(event.body) ? ownRoom(event.by) : groupRoom(event.group), event, but);
  }

  private tell(name: string, room: string, event: WireEvent, but?: string): void {
    const space = this.space(name);
    if (!space) return;
    // Alone, a process knows when nobody else is in a room, and then writes nothing for it.
    const there = space.adapter.rooms.get(room);
    const others = there ? there.size - (but !== undefined && there.has(but) ? 1 : 0) : 0;
    if (!this.shared && others < 1) return;
    (but === undefined ? space.to(room) : space.to(room).except(but)).emit('lesson-event', event);
  }

  stateChanged(lessonId: string, state: LessonState): void {
    this.space(boardSpace)?.to(boardRoom(lessonId)).emit('lesson-state', state);
    this.space(benchSpace)?.to(boardRoom(lessonId)).emit('lesson-state', state);
  }

  /** Something was kept apart, taken in or left out. */
  heldChanged(lessonId: string): void {
    this.space(boardSpace)?.to(boardRoom(lessonId)).emit('held-changed');
    this.space(benchSpace)?.to(boardRoom(lessonId)).emit('held-changed');
  }

  /** Tells a socket that the server knows who it is, and whether all processes hear each other. */
  greet(socket: Socket): void {
    socket.emit('ready');
    if (!this.joined) socket.emit('joined-up', false);
  }

  /** Says to this process's own sockets whether what other processes commit reaches them. */
  setJoined(joined: boolean): void {
    if (joined === this.joined) return;
    this.joined = joined;
    this.logger.warn(
      joined
        ? 'the server processes hear each other again; boards and benches ask for what they missed'
        : 'the server processes do not hear each other (Redis is away); boards and benches are told',
    );
    for (const name of [boardSpace, benchSpace]) this.space(name)?.local.emit('joined-up', joined);
  }

  /** Ends the connections of a student whose session or seat has changed; their devices ask anew who they are. */
  dropStudent(studentId: string): void {
    this.drop(benchSpace, studentRoom(studentId));
  }

  /** Ends the connections of a member of staff. */
  dropStaff(staffId: string): void {
    this.drop(boardSpace, staffRoom(staffId));
  }

  /** Ends the connections of one session, of a bench or of a board. */
  dropSession(sessionId: string): void {
    this.drop(benchSpace, sessionRoom(sessionId));
    this.drop(boardSpace, sessionRoom(sessionId));
  }

  /** Sessions of this process's own open wires. */
  sessionsHere(): string[] {
    const rooms = [boardSpace, benchSpace].flatMap((name) => [
      ...(this.space(name)?.adapter.rooms.keys() ?? []),
    ]);
    const start = sessionRoom('');
    return [
      ...new Set(rooms.filter((room) => room.startsWith(start)).map((room) => room.slice(start.length))),
    ];
  }

  /** Hangs up when the session ends by itself. */
  dropAt(socket: Socket, moment: Date): void {
    const timer = setTimeout(
      () => socket.disconnect(true),
      Math.min(furthestTimer, Math.max(0, moment.getTime() - this.clock.ms())),
    );
    timer.unref();
    socket.once('disconnect', () => clearTimeout(timer));
  }

  /** Tells the boards how many devices of a group are connected, over all server processes, when they have answered. */
  presenceChanged(lessonId: string, groupId: string): void {
    if (this.asking.has(groupId)) {
      this.asking.set(groupId, true);
      return;
    }
    this.asking.set(groupId, false);
    const ask = (left: number): void => {
      this.devicesOf(groupRoom(groupId)).then(
        (counts) => {
          const again = this.asking.get(groupId);
          this.asking.delete(groupId);
          this.space(boardSpace)
            ?.to(boardRoom(lessonId))
            .emit('presence', { group: groupId, devices: counts.get(groupId) ?? 0 });
          if (again) this.presenceChanged(lessonId, groupId);
        },
        () => {
          if (left > 0) setTimeout(() => ask(left - 1), askAgain).unref();
          else this.asking.delete(groupId);
        },
      );
    };
    ask(mostAsks);
  }

  /** Tells one board how many devices each group has connected, when the processes have answered. */
  tellPresence(socket: Socket, lessonId: string): void {
    const ask = (left: number): void => {
      if (!socket.connected) return;
      this.devicesOf(boardRoom(lessonId)).then(
        (counts) => {
          for (const [group, devices] of counts) socket.emit('presence', { group, devices });
        },
        () => {
          if (left > 0) setTimeout(() => ask(left - 1), askAgain).unref();
        },
      );
    };
    ask(mostAsks);
  }

  /** Devices connected in a room, by group. @throws when another process does not answer in time. */
  private async devicesOf(room: string): Promise<Map<string, number>> {
    const counts = new Map<string, number>();
    for (const socket of (await this.space(benchSpace)?.in(room).fetchSockets()) ?? []) {
      const group = (socket.data as { groupId?: string }).groupId;
      if (group) counts.set(group, (counts.get(group) ?? 0) + 1);
    }
    return counts;
  }

  private drop(space: string, room: string): void {
    this.space(space)?.in(room).disconnectSockets(true);
  }

  private space(name: string): Namespace<Record<string, never>, LiveToClient> | undefined {
    return this.server?.of(name) as Namespace<Record<string, never>, LiveToClient> | undefined;
  }
}
