/** The optional second factor: codes of an authenticator (RFC 6238, six digits, 30 seconds), each good once. */
import type { SecondFactorSetUp } from '@kivex/contract';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Secret, TOTP } from 'otpauth';
import { IsNull, LessThan, Repository } from 'typeorm';
import { Staff } from '../records/people.entities.js';
import { Clock } from '../clock/clock.js';

/** Steps a clock may be off, before and after. */
const window = 1;
const period = 30;

const totpOf = (email: string, secret: string): TOTP =>
  new TOTP({ issuer: 'Kivex', label: email, secret: Secret.fromBase32(secret), digits: 6, period });

@Injectable()
export class SecondFactorService {
  constructor(
    private readonly clock: Clock,
    @InjectRepository(Staff) private readonly staff: Repository<Staff>,
  ) {}

  /** Makes a secret; it counts once a code of it was given. */
  async begin(staffId: string): Promise<SecondFactorSetUp> {
    const { email } = await this.staff.findOneByOrFail({ id: staffId });
    const secret = new Secret({ size: 20 }).base32;
    await this.staff.update({ id: staffId, totpOn: false }, { totpSecret: secret, totpStep: null });
    return { secret, uri: totpOf(email, secret).toString() };
  }

  /** Is this the code of the moment, not used before? It is used up by asking. */
  async useCode(
    person: Pick<Staff, 'id' | 'email' | 'totpSecret'>,
    code: string,
    now = this.clock.ms(),
  ): Promise<boolean> {
    if (!person.totpSecret) return false;
    const delta = totpOf(person.email, person.totpSecret).validate({ token: code, window, timestamp: now });
    if (delta === null) return false;
    const step = String(Math.floor(now / 1000 / period) + delta);
    // Two tries at once with one code: one of them moves the step on.
    const moved = await this.staff.update(
      [
        { id: person.id, totpStep: IsNull() },
        { id: person.id, totpStep: LessThan(step) },
      ],
      { totpStep: step },
    );
    return Boolean(moved.affected);
  }

  /** Asks for codes from now on. @returns false when the code is not right. */
  async confirm(staffId: string, code: string): Promise<boolean> {
    const person = await this.staff.findOneByOrFail({ id: staffId });
    if (!(await this.useCode(person, code))) return false;
    await this.staff.update({ id: staffId }, { totpOn: true });
    return true;
  }

  async switchOff(staffId: string): Promise<void> {
    await this.staff.update({ id: staffId }, { totpOn: false, totpSecret: null, totpStep: null });
  }
}
