/** The wire of a bench: its group's entries as they are committed, and the short way in for what it logs. */
import { benchSpace, type LogReply } from '@kivex/contract';
import { Logger } from '@nestjs/common';
import { WebSocketGateway, type OnGatewayConnection } from '@nestjs/websockets';
import type { Socket } from 'socket.io';
import { SessionsService } from '../access/sessions.service.js';
import type { StudentCaller } from '../access/caller.js';
import { refuse } from '../live/board.gateway.js';
import { boardRoom, groupRoom, LiveService, studentRoom } from '../live/live.service.js';
import { ProblemException } from '../problems/problems.js';
import { BenchService } from './bench.service.js';

/** As many entries at once as the HTTP way takes. */
const mostEntries = 200;

@WebSocketGateway({ namespace: benchSpace })
export class BenchGateway implements OnGatewayConnection {
  private readonly logger = new Logger('bench');

  constructor(
    private readonly live: LiveService,
    private readonly sessions: SessionsService,
    private readonly bench: BenchService,
  ) {}

  async handleConnection(socket: Socket): Promise<void> {
    try {
      const student = await this.sessions.studentOf(socket.handshake.headers.cookie);
      if (!student) return refuse(socket, 'Join the lesson first.');
      (socket.data as { groupId?: string }).groupId = student.groupId;
      await socket.join([groupRoom(student.groupId), boardRoom(student.lessonId), studentRoom(student.id)]);
      socket.on('log', (events: unknown, reply: unknown) => {
        if (typeof reply === 'function')
          void this.log(student, events).then((answer) => (reply as (answer: LogReply) => void)(answer));
      });
      socket.once('disconnect', () => void this.live.presence(student.lessonId, student.groupId));
      await this.live.presence(student.lessonId, student.groupId);
      socket.emit('ready');
    } catch (error) {
      this.logger.error((error as Error).stack);
      refuse(socket, 'Kivex could not connect this device; it will try again.');
    }
  }

  private async log(student: StudentCaller, events: unknown): Promise<LogReply> {
    try {
      if (!Array.isArray(events) || events.length > mostEntries)
        return { status: 422, detail: `Send a list of at most ${mostEntries} entries.` };
      return { status: 200, receipt: await this.bench.accept(student, events as object[]) };
    } catch (error) {
      if (error instanceof ProblemException) return { status: error.getStatus(), detail: error.detail };
      this.logger.error((error as Error).stack);
      return { status: 500, detail: 'Kivex could not keep this just now; it tries again by itself.' };
    }
  }
}
