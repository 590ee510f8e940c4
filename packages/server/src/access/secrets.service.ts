/** Passwords and PINs: hashed with argon2id, in a worker thread. */
import { Injectable } from '@nestjs/common';
import { randomInt } from 'node:crypto';
import { Config } from '../config/config.js';
import { HeavyService } from '../heavy/heavy.service.js';

/** Words of a password that is read out or written on a slip: short, easy to spell, none like another. */
const words =
  'anchor amber basalt beacon birch bracken bridge bronze candle canvas cedar chalk cobalt copper coral crane ember falcon fennel flint gannet garnet granite harbour hazel heron indigo juniper kelp lantern larch ledger lichen linnet magnet maple marram meadow nickel oyster pebble pewter pollen quartz quill raven ripple russet saddle sandal sapling shingle silver slate sorrel spindle spruce sulfur tallow tansy teasel thicket thistle timber topaz turret velvet walnut willow zephyr'.split(
    ' ',
  );

@Injectable()
export class SecretsService {
  /** Checked when nobody has that name, so that an unknown name takes as long as a wrong password. */
  private decoy: Promise<string> | undefined;

  constructor(
    private readonly heavy: HeavyService,
    private readonly config: Config,
  ) {}

  /** Hash of a password or PIN (argon2id, 19 MiB). */
  hash(secret: string): Promise<string> {
    return this.heavy.hash(secret, this.config.KIVEX_HASH_ROUNDS);
  }

  /** Is this the secret? Takes as long where there is none. */
  async isRight(secret: string, storedHash: string | null | undefined): Promise<boolean> {
    this.decoy ??= this.hash('no one has this secret');
    return (await this.heavy.verify(storedHash ?? (await this.decoy), secret)) && Boolean(storedHash);
  }

  /** Four digits that are not all alike and not in a row. */
  newPin(): string {
    for (;;) {
      const pin = String(randomInt(0, 10_000)).padStart(4, '0');
      if (!/^(\d)\1{3}$/.test(pin) && !'01234567890'.includes(pin) && !'9876543210'.includes(pin)) return pin;
    }
  }

  /** A password to be handed over and changed at once: four words. */
  newPassword(): string {
    return Array.from({ length: 4 }, () => words[randomInt(words.length)]!).join('-');
  }
}
