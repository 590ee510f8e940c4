/** Who may listen to a board: teaching staff, to the lessons of their own school. */
import { boardSpace } from '@kivex/contract';
import { Logger } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { WebSocketGateway, type OnGatewayConnection, type OnGatewayInit } from '@nestjs/websockets';
import type { Namespace, Socket } from 'socket.io';
import { Repository } from 'typeorm';
import { SessionsService } from '../../access/sessions.service.js';
import { Lesson } from '../../records/lessons.entities.js';
import { boardRoom, LiveService, sessionRoom, staffRoom } from '../live/live.service.js';
import { refuse } from '../live/refuse.js';

@WebSocketGateway({ namespace: boardSpace })
export class BoardGateway implements OnGatewayInit, OnGatewayConnection {
  constructor(
    private readonly live: LiveService,
    private readonly sessions: SessionsService,
    @InjectRepository(Lesson) private readonly lessons: Repository<Lesson>,
  ) {}

  afterInit(space: Namespace): void {
    this.live.attach(space.server);
  }

  async handleConnection(socket: Socket): Promise<void> {
    try {
      const staff = await this.sessions.staffOf(socket.handshake.headers.cookie);
      const asked: unknown = (socket.handshake.auth as { lesson?: unknown } | undefined)?.lesson;
      const lessonId = typeof asked === 'string' ? asked.slice(0, 36) : '';
      if (!staff || staff.role === 'technician' || staff.mustChangePassword)
        return refuse(socket, 'Sign in as a teacher to see the board.');
      if (!(await this.lessons.existsBy({ id: lessonId, schoolId: staff.schoolId })))
        return refuse(socket, 'There is no such lesson.');
      await socket.join([boardRoom(lessonId), staffRoom(staff.id), sessionRoom(staff.sessionId)]);
      this.live.dropAt(socket, staff.expiresAt);
      this.live.greet(socket);
      this.live.tellPresence(socket, lessonId);
    } catch (error) {
      new Logger('live').error((error as Error).stack);
      refuse(socket, 'Kivex could not connect the board; it will try again.');
    }
  }
}
