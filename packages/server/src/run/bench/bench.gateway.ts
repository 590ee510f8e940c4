/** The wire of a bench: its group's entries as they are committed, and the short way in for what it logs. */
import { benchSpace, type LogReply } from '@kivex/contract';
import { Logger } from '@nestjs/common';
import { WebSocketGateway, type OnGatewayConnection } from '@nestjs/websockets';
import type { Socket } from 'socket.io';
import { SessionsService } from '../../access/sessions.service.js';
import { writingIn, type StudentCaller } from '../../access/caller.js';
import { refuse } from '../live/refuse.js';
import {
  boardRoom,
  groupRoom,
  LiveService,
  ownRoom,
  sessionRoom,
  studentRoom,
} from '../live/live.service.js';
import { checkBatch } from '../log/event-bodies.dto.js';
import { ProblemException, problemStatusOf } from '../../problems/problems.js';
import { EntriesService } from './entries.service.js';

@WebSocketGateway({ namespace: benchSpace })
export class BenchGateway implements OnGatewayConnection {
  private readonly logger = new Logger('bench');

  constructor(
    private readonly live: LiveService,
    private readonly sessions: SessionsService,
    private readonly entries: EntriesService,
  ) {}

  async handleConnection(socket: Socket): Promise<void> {
    try {
      const student = await this.sessions.studentOf(
        socket.handshake.headers.cookie,
        writingIn((socket.handshake.auth as { student?: unknown } | undefined)?.student),
      );
      if (!student) return refuse(socket, 'Join the lesson first.');
      (socket.data as { groupId?: string }).groupId = student.groupId;
      await socket.join([
        groupRoom(student.groupId),
        boardRoom(student.lessonId),
        studentRoom(student.id),
        sessionRoom(student.sessionId),
        ...(student.locked ? [] : [ownRoom(student.id)]),
      ]);
      socket.on('log', (batch: unknown, reply: unknown) => {
        const answer = typeof reply === 'function' ? (reply as (answer: LogReply) => void) : undefined;
        this.log(student, batch, socket.id).then(answer, () => undefined);
      });
      this.live.dropAt(socket, student.expiresAt);
      socket.once('disconnect', () => this.live.presenceChanged(student.lessonId, student.groupId));
      this.live.presenceChanged(student.lessonId, student.groupId);
      this.live.greet(socket);
    } catch (error) {
      this.logger.error((error as Error).stack);
      refuse(socket, 'Kivex could not connect this device; it will try again.');
    }
  }

  /** Never rejects. */
  private async log(student: StudentCaller, raw: unknown, wire: string): Promise<LogReply> {
    try {
      const batch = checkBatch(raw);
      if ('detail' in batch) return { status: 422, detail: batch.detail };
      return { status: 200, receipt: await this.entries.accept(student, batch, wire) };
    } catch (error) {
      if (error instanceof ProblemException)
        return {
          status: error.getStatus(),
          detail: error.detail,
          ...(error.retryAfter ? { retryAfter: error.retryAfter } : {}),
        };
      const status = problemStatusOf(error);
      if (status >= 500) this.logger.error((error as Error).stack);
      return { status, detail: 'Kivex could not keep this just now; it tries again by itself.' };
    }
  }
}
