/** Says by Socket.IO what has been committed; never before. */
import { benchSpace, boardSpace, type LessonState, type LiveToClient, type WireEvent } from '@kivex/contract';
import { Injectable } from '@nestjs/common';
import type { Namespace, Server } from 'socket.io';

export const boardRoom = (lessonId: string): string => `lesson:${lessonId}`;
export const groupRoom = (groupId: string): string => `group:${groupId}`;

export const studentRoom = (studentId: string): string => `student:${studentId}`;

@Injectable()
export class LiveService {
  private server: Server | undefined;

  /** Called once, when the gateways are up. */
  attach(server: Server): void {
    this.server = server;
  }

  /** A new entry in the log: to the lesson's boards and to the group's own devices. */
  committed(lessonId: string, event: WireEvent): void {
    this.space(boardSpace)?.to(boardRoom(lessonId)).emit('lesson-event', event);
    this.space(benchSpace)?.to(groupRoom(event.group)).emit('lesson-event', event);
  }

  stateChanged(lessonId: string, state: LessonState): void {
    this.space(boardSpace)?.to(boardRoom(lessonId)).emit('lesson-state', state);
    this.space(benchSpace)?.to(boardRoom(lessonId)).emit('lesson-state', state);
  }

  /** Ends the connections of a student whose session or seat has changed; their devices ask anew who they are. */
  dropStudent(studentId: string): void {
    this.space(benchSpace)?.in(studentRoom(studentId)).disconnectSockets(true);
  }

  /** Tells the boards how many devices of a group are connected, over all server processes. */
  async presence(lessonId: string, groupId: string): Promise<void> {
    const devices = (await this.space(benchSpace)?.in(groupRoom(groupId)).fetchSockets())?.length ?? 0;
    this.space(boardSpace)?.to(boardRoom(lessonId)).emit('presence', { group: groupId, devices });
  }

  /** How many devices each group has connected, for a board that has just come up. */
  async allPresent(lessonId: string): Promise<Map<string, number>> {
    const counts = new Map<string, number>();
    for (const socket of (await this.space(benchSpace)?.in(boardRoom(lessonId)).fetchSockets()) ?? []) {
      const group = (socket.data as { groupId?: string }).groupId;
      if (group) counts.set(group, (counts.get(group) ?? 0) + 1);
    }
    return counts;
  }

  private space(name: string): Namespace<Record<string, never>, LiveToClient> | undefined {
    return this.server?.of(name) as Namespace<Record<string, never>, LiveToClient> | undefined;
  }
}
