/** Who a person says they are, made sure: wrong tries counted, password, second factor. */
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { Staff } from '../records/people.entities.js';
import { badInput, forbidden } from '../problems/problems.js';
import { SecondFactorService } from './second-factor.service.js';
import { SecretsService } from './secrets.service.js';
import { TriesService } from './tries.service.js';

const wrongPair = 'E-mail address and password do not belong together. Check both and try again.';

@Injectable()
export class SignInService {
  constructor(
    @InjectRepository(Staff) private readonly staff: Repository<Staff>,
    private readonly secrets: SecretsService,
    private readonly tries: TriesService,
    private readonly factor: SecondFactorService,
  ) {}

  /** @throws ProblemException 422 at the field that is wrong, 403 for a locked account, 429 after too many tries. */
  async staffBy(email: string, password: string, code: string | undefined, device: string): Promise<Staff> {
    const address = email.trim().toLowerCase();
    const found = await this.staff.findOneBy({ email: address });
    const person = found && !found.leftAt ? found : undefined;
    const who = person ? `staff:${person.id}` : `stranger:${address}`;
    await this.tries.mayTry(who, device, Boolean(person), 'password');
    if (!(await this.secrets.isRight(password, person?.passwordHash)) || !person) {
      await this.tries.wrong(who, device, Boolean(person));
      throw badInput(wrongPair, 'password');
    }
    if (person.lockedAt)
      throw forbidden('This account is locked. The head of department can unlock it.', 'email');
    if (person.totpOn) {
      if (!code) throw badInput('Write the six digits your authenticator shows for Kivex now.', 'code');
      if (!(await this.factor.useCode(person, code))) {
        await this.tries.wrong(who, device, true);
        throw badInput(
          'That is not the code of this moment, or it was used already. Wait for the next one.',
          'code',
        );
      }
    }
    await this.tries.right(who, device);
    return person;
  }

  /** Is this the caller's own password? Wrong tries count as at signing in. @throws ProblemException 422, 429 */
  async confirmOwn(staffId: string, password: string, device: string, field: string): Promise<Staff> {
    const person = await this.staff.findOneByOrFail({ id: staffId });
    const who = `staff:${staffId}`;
    await this.tries.mayTry(who, device, true, field);
    if (!(await this.secrets.isRight(password, person.passwordHash))) {
      await this.tries.wrong(who, device, true);
      throw badInput('That is not your password now.', field);
    }
    return person;
  }
}
