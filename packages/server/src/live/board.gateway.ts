/** Who may listen to a board: teaching staff, to the lessons of their own school. */
import { boardSpace } from '@kivex/contract';
import { Logger } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { WebSocketGateway, type OnGatewayConnection, type OnGatewayInit } from '@nestjs/websockets';
import type { Namespace, Socket } from 'socket.io';
import { Repository } from 'typeorm';
import { SessionsService } from '../access/sessions.service.js';
import { Lesson } from '../lessons/lessons.entities.js';
import { boardRoom, LiveService } from './live.service.js';

/** Says why, then hangs up. */
export const refuse = (socket: Socket, why: string): void => {
  socket.emit('refused', why);
  socket.disconnect(true);
};

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
      const lessonId = String(socket.handshake.auth['lesson'] ?? '');
      if (!staff || staff.role === 'technician')
        return refuse(socket, 'Sign in as a teacher to see the board.');
      if (!(await this.lessons.existsBy({ id: lessonId, schoolId: staff.schoolId })))
        return refuse(socket, 'There is no such lesson.');
      await socket.join(boardRoom(lessonId));
      for (const [group, devices] of await this.live.allPresent(lessonId))
        socket.emit('presence', { group, devices });
      socket.emit('ready');
    } catch (error) {
      new Logger('live').error((error as Error).stack);
      refuse(socket, 'Kivex could not connect the board; it will try again.');
    }
  }
}
