/** The laboratories of a school: their benches and the places of their stations. */
import type { Room as RoomView, RoomPlan, SavedRoom } from '@kivex/contract';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { badInput, conflict, notFound } from '../problems/problems.js';
import { Lesson } from '../records/lessons.entities.js';
import { Room } from '../records/rooms.entities.js';

const mostRooms = 60;

@Injectable()
export class RoomsService {
  constructor(@InjectRepository(Room) private readonly rooms: Repository<Room>) {}

  async list(schoolId: string): Promise<RoomView[]> {
    const rooms = await this.rooms.find({ where: { schoolId }, order: { name: 'ASC' }, take: mostRooms });
    return rooms.map(({ id, name, plan, version }) => ({ id, name, plan, version }));
  }

  /** The school's room of this name, if it has one. */
  async called(schoolId: string, name: string): Promise<Room | null> {
    return this.rooms.findOneBy({ schoolId, name: name.trim() });
  }

  async byId(id: string): Promise<Room | null> {
    return this.rooms.findOneBy({ id });
  }

  async add(schoolId: string, name: string, plan: RoomPlan): Promise<RoomView> {
    this.check(plan);
    if ((await this.rooms.countBy({ schoolId })) >= mostRooms)
      throw conflict(`A school has at most ${mostRooms} rooms here; take one out first.`);
    const room = { id: uuidv7(), schoolId, name: name.trim(), plan };
    await this.free(schoolId, room.name);
    await this.rooms.insert(room);
    return { id: room.id, name: room.name, plan, version: 1 };
  }

  /** @throws ProblemException 409 when somebody else has saved it since `from`. */
  async change(schoolId: string, id: string, { name, plan, from }: SavedRoom): Promise<RoomView> {
    await this.own(schoolId, id);
    this.check(plan);
    await this.free(schoolId, name.trim(), id);
    const version = from + 1;
    // One statement: of two that are sent at once, one finds the version gone.
    const { affected } = await this.rooms.update({ id, version: from }, { name: name.trim(), plan, version });
    if (!affected)
      throw conflict(
        'Somebody else has saved this room meanwhile. Look at theirs, then save yours over it or take it.',
        'from',
      );
    return { id, name: name.trim(), plan, version };
  }

  async remove(schoolId: string, id: string): Promise<void> {
    const { name } = await this.own(schoolId, id);
    await this.rooms.manager.transaction(async (db) => {
      // Its lessons keep what it was called last.
      await db.update(Lesson, { roomId: id }, { room: name });
      await db.delete(Room, { id });
    });
  }

  private async own(schoolId: string, id: string): Promise<Room> {
    const room = await this.rooms.findOneBy({ id, schoolId });
    if (!room) throw notFound('room');
    return room;
  }
  private async free(schoolId: string, name: string, but?: string): Promise<void> {
    const there = await this.rooms.findOneBy({ schoolId, name });
    if (there && there.id !== but)
      throw conflict('Another room has this name. Choose a different one.', 'name');
  }
  private check({ rows, columns, benches }: RoomPlan): void {
    const seen = new Set<string>();
    for (const { row, column } of benches) {
      if (row >= rows || column >= columns)
        throw badInput(
          'A bench stands outside the room. Move it in, or make the room larger.',
          'plan.benches',
        );
      const key = `${row} ${column}`;
      if (seen.has(key)) throw badInput('Two benches stand on one spot. Move one of them.', 'plan.benches');
      seen.add(key);
    }
  }
}
