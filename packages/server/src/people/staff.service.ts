/** Members of staff, and the first school of an empty Kivex. */
import type { StaffMember } from '@kivex/contract';
import { shippedPracticals } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { timingSafeEqual } from 'node:crypto';
import { Repository } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../access/caller.js';
import { SecretsService } from '../access/secrets.service.js';
import { Config } from '../config/config.js';
import { PracticalsService } from '../practicals/practicals.service.js';
import { badInput, conflict, forbidden } from '../problems/problems.js';
import { School, Staff } from './people.entities.js';
import type { FirstSchoolDto, NewStaffDto } from './staff.dto.js';

@Injectable()
export class StaffService {
  constructor(
    @InjectRepository(Staff) private readonly staff: Repository<Staff>,
    @InjectRepository(School) private readonly schools: Repository<School>,
    private readonly secrets: SecretsService,
    private readonly practicals: PracticalsService,
    private readonly config: Config,
  ) {}

  async list(schoolId: string): Promise<StaffMember[]> {
    const rows = await this.staff.find({ where: { schoolId }, order: { name: 'ASC' }, take: 500 });
    return rows.map(({ id, name, email, role }) => ({ id, name, email, role }));
  }

  async add(schoolId: string, wanted: NewStaffDto): Promise<StaffMember> {
    const email = wanted.email.trim().toLowerCase();
    if (await this.staff.existsBy({ email }))
      throw conflict('Somebody has this e-mail address already. Use another.', 'email');
    const row = {
      id: uuidv7(),
      schoolId,
      name: wanted.name.trim(),
      email,
      role: wanted.role,
      passwordHash: await this.secrets.hash(wanted.password),
    };
    await this.staff.insert(row);
    return { id: row.id, name: row.name, email, role: row.role };
  }

  /** Changes one's own password. @throws 422 when the old one is not right. */
  async changePassword(caller: StaffCaller, current: string, next: string): Promise<void> {
    const { email, passwordHash } = await this.staff.findOneByOrFail({ id: caller.id });
    if (!(await this.secrets.check(`staff:${email}`.slice(0, 120), current, passwordHash)))
      throw badInput('That is not your password now.', 'current');
    await this.staff.update({ id: caller.id }, { passwordHash: await this.secrets.hash(next) });
  }

  /** Is there no school yet? */
  async empty(): Promise<boolean> {
    return (await this.schools.count()) === 0;
  }

  /** Makes the first school and its first member of staff, once, for whoever has the code from the start command. */
  async first(wanted: FirstSchoolDto): Promise<void> {
    if (!(await this.empty())) throw conflict('There is a school here already. Sign in.');
    const [given, right] = [
      Buffer.from(wanted.setUpCode.trim()),
      Buffer.from(this.config.KIVEX_SET_UP_CODE ?? ''),
    ];
    if (!right.length || given.length !== right.length || !timingSafeEqual(given, right))
      throw forbidden('That is not the set-up code. It stands where Kivex was started.', 'setUpCode');
    const schoolId = uuidv7();
    await this.schools.insert({ id: schoolId, name: wanted.school.trim() });
    await this.add(schoolId, { ...wanted, role: 'head' });
    for (const practical of shippedPracticals) await this.practicals.add(schoolId, practical);
  }
}
