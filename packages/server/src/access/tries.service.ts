/**
 * Wrong tries of passwords and PINs: counted by person and device, and by person over all devices; they fade. Guessing
 * on one device shuts out that device, not the person: a device they have signed in on before counts only its own
 * tries. Guessing over many devices is held down by the count over all; a teacher can clear it.
 */
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { LRUCache } from 'lru-cache';
import { In, LessThan, Like, Repository } from 'typeorm';
import { tooMany } from '../problems/problems.js';
import { KnownDevice, SignInAttempt } from '../records/access.entities.js';
import { Clock } from '../clock/clock.js';

/** A count that lets `free` wrong tries pass and then one every `fade` milliseconds. */
interface Count {
  readonly free: number;
  readonly fade: number;
}
const byDevice: Count = { free: 5, fade: 30_000 };
const byPerson: Count = { free: 20, fade: 180_000 };
/** Milliseconds after which every count has faded to nothing, whatever it was. */
const gone = 24 * 60 * 60_000;
const knownFor = 400 * 24 * 60 * 60_000;

const fadedTo = (failures: number, lastAt: number, { fade }: Count, now: number): number =>
  Math.max(0, failures - (now - lastAt) / fade);

/** Seconds to wait, in words. */
const wait = (seconds: number): string =>
  seconds > 90 ? `${Math.ceil(seconds / 60)} minutes` : `${Math.ceil(seconds)} seconds`;

@Injectable()
export class TriesService {
  /** Tries of names nobody has: in the process alone and bounded, so that they grow no table. */
  private readonly strangers = new LRUCache<string, { failures: number; lastAt: number }>({
    max: 10_000,
    ttl: gone,
  });
  private sweptAt = 0;

  constructor(
    private readonly clock: Clock,
    @InjectRepository(SignInAttempt) private readonly attempts: Repository<SignInAttempt>,
    @InjectRepository(KnownDevice) private readonly devices: Repository<KnownDevice>,
  ) {}

  /**
   * May this device try for this person now?
   * @param who a key of the person; @param real whether there is such a person. @throws ProblemException 429
   */
  async mayTry(who: string, device: string, real: boolean, field?: string): Promise<void> {
    const now = this.clock.ms();
    const own = `${who}|${device.slice(0, 40)}`;
    const left = async (key: string, count: Count): Promise<number> => {
      const row = real ? await this.attempts.findOneBy({ who: key }) : undefined;
      const so = row ? { failures: row.failures, lastAt: row.lastAt.getTime() } : this.strangers.get(key);
      if (!so) return 0;
      const over = fadedTo(so.failures, so.lastAt, count, now) - (count.free - 1);
      return over > 0 ? (over * count.fade) / 1000 : 0;
    };
    const here = await left(own, byDevice);
    if (here > 0) throw tooMany(`Too many wrong tries. Wait ${wait(here)}, then try again.`, here, field);
    const everywhere = await left(who, byPerson);
    if (everywhere > 0 && !(await this.devices.existsBy({ who: who.slice(0, 60), device })))
      throw tooMany(
        `Too many wrong tries for this name, on several devices. Ask your teacher to unlock it, or wait ${wait(everywhere)}.`,
        everywhere,
        field,
      );
  }

  /** Remembers a wrong try. */
  async wrong(who: string, device: string, real: boolean): Promise<void> {
    const now = this.clock.ms();
    const counts = [
      [`${who}|${device.slice(0, 40)}`, byDevice],
      [who, byPerson],
    ] as const;
    for (const [key, count] of counts) {
      if (real)
        await this.attempts.query(
          `INSERT INTO sign_in_attempt (who, failures, lastAt) VALUES (?, 1, ?)
           ON DUPLICATE KEY UPDATE failures = GREATEST(0, failures - TIMESTAMPDIFF(MICROSECOND, lastAt, VALUES(lastAt)) / ?) + 1, lastAt = VALUES(lastAt)`,
          [key, new Date(now), count.fade * 1000],
        );
      else {
        const so = this.strangers.get(key);
        this.strangers.set(key, {
          failures: (so ? fadedTo(so.failures, so.lastAt, count, now) : 0) + 1,
          lastAt: now,
        });
      }
    }
    await this.sweep(now);
  }

  /** Remembers that this was the person, on this device: its wrong tries are forgotten, and it is known from now on. */
  async right(who: string, device: string): Promise<void> {
    await this.attempts.delete({ who: `${who}|${device.slice(0, 40)}` });
    await this.devices.upsert({ who: who.slice(0, 60), device, at: this.clock.now() }, ['who', 'device']);
  }

  /** Forgets all wrong tries for a person, on every device: they have a new PIN, or somebody vouches for them. */
  async clear(who: string): Promise<void> {
    await this.attempts.delete([{ who }, { who: Like(`${who}|%`) }]);
  }

  /** Which of these people are shut out, on some device or on all. */
  async shutOut(people: readonly string[]): Promise<ReadonlySet<string>> {
    if (!people.length) return new Set();
    const now = this.clock.ms();
    const rows = await this.attempts
      .createQueryBuilder('a')
      .where("SUBSTRING_INDEX(a.who, '|', 1) IN (:...people)", { people })
      .andWhere('a.lastAt > :since', { since: new Date(now - gone) })
      .getMany();
    const over = rows.filter(({ who, failures, lastAt }) => {
      const count = who.includes('|') ? byDevice : byPerson;
      return fadedTo(failures, lastAt.getTime(), count, now) > count.free - 1;
    });
    return new Set(over.map((row) => row.who.split('|')[0]!));
  }

  private async sweep(now: number): Promise<void> {
    if (now - this.sweptAt < gone / 24) return;
    this.sweptAt = now;
    await this.attempts.delete({ lastAt: LessThan(new Date(now - gone)) });
    await this.devices.delete({ at: LessThan(new Date(now - knownFor)) });
  }

  /** Forgets the devices a person is known on. */
  async forgetDevices(people: readonly string[]): Promise<void> {
    if (people.length) await this.devices.delete({ who: In(people.map((who) => who.slice(0, 60))) });
  }
}
