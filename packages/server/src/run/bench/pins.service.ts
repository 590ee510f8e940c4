/** A student's PIN, proved at a device. */
import { Injectable } from '@nestjs/common';
import { SecretsService } from '../../access/secrets.service.js';
import { TriesService } from '../../access/tries.service.js';
import { triesOf } from '../../people/classes.service.js';
import { badInput, type ProblemException } from '../../problems/problems.js';
import type { Student } from '../../records/people.entities.js';

export const wrongPin = (): ProblemException =>
  badInput('That is not the PIN for this name. Check both; your teacher can make you a new PIN.', 'pin');

@Injectable()
export class PinsService {
  constructor(
    private readonly secrets: SecretsService,
    private readonly tries: TriesService,
  ) {}

  /** @throws ProblemException 422 when it is not theirs, 429 after too many tries. */
  async prove({ id, pinHash }: Pick<Student, 'id' | 'pinHash'>, pin: string, device: string): Promise<void> {
    const who = triesOf(id);
    await this.tries.mayTry(who, device, true, 'pin');
    if (!(await this.secrets.isRight(pin, pinHash))) {
      await this.tries.wrong(who, device, true);
      throw wrongPin();
    }
    await this.tries.right(who, device);
  }
}
