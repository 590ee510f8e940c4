/** Passwords and PINs: hashed with argon2id, and guessing slowed by a pause that doubles. */
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { hash, verify } from '@node-rs/argon2';
import { randomInt } from 'node:crypto';
import { Repository } from 'typeorm';
import { Config } from '../config/config.js';
import { tooMany } from '../problems/problems.js';
import { SignInAttempt } from './access.entities.js';

/** Wrong tries before the first pause, and the first pause itself, in milliseconds. */
const freeTries = 5;
const firstPause = 30_000;
const longestPause = 15 * 60_000;

@Injectable()
export class SecretsService {
  /** Checked when nobody has that name, so that an unknown name takes as long as a wrong password. */
  private readonly decoy: Promise<string>;

  constructor(
    @InjectRepository(SignInAttempt) private readonly attempts: Repository<SignInAttempt>,
    private readonly config: Config,
  ) {
    this.decoy = this.hash('no one has this secret');
  }

  /** Hash of a password or PIN (argon2id, 19 MiB). */
  hash(secret: string): Promise<string> {
    return hash(secret, { memoryCost: 19_456, timeCost: this.config.KIVEX_HASH_ROUNDS, parallelism: 1 });
  }

  /** Four digits that are not all alike and not in a row. */
  newPin(): string {
    for (;;) {
      const pin = String(randomInt(0, 10_000)).padStart(4, '0');
      if (!/^(\d)\1{3}$/.test(pin) && !'01234567890'.includes(pin) && !'9876543210'.includes(pin)) return pin;
    }
  }

  /**
   * Checks a secret for `who` (a key of the person tried, not of the device).
   * @returns whether it is right. @throws ProblemException 429 while the pause runs.
   */
  async check(who: string, secret: string, storedHash: string | null | undefined): Promise<boolean> {
    const attempt = await this.attempts.findOneBy({ who });
    if (attempt && attempt.failures >= freeTries) {
      const pause = Math.min(longestPause, firstPause * 2 ** (attempt.failures - freeTries));
      const left = attempt.lastAt.getTime() + pause - Date.now();
      if (left > 0)
        throw tooMany(
          `Too many wrong tries. Wait ${left > 90_000 ? `${Math.ceil(left / 60_000)} minutes` : `${Math.ceil(left / 1000)} seconds`}, then try again.`,
        );
    }
    const right = (await verify(storedHash ?? (await this.decoy), secret)) && Boolean(storedHash);
    if (right) {
      if (attempt) await this.attempts.delete({ who });
    } else {
      await this.attempts.query(
        'INSERT INTO sign_in_attempt (who, failures, lastAt) VALUES (?, 1, ?) ON DUPLICATE KEY UPDATE failures = failures + 1, lastAt = VALUES(lastAt)',
        [who, new Date()],
      );
    }
    return right;
  }
}
