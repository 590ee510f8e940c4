/** Members of staff: added, locked, removed, given a new password; and the first school of an empty Kivex. */
import type { StaffMember, StaffRole } from '@kivex/contract';
import { shippedPracticals } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { timingSafeEqual } from 'node:crypto';
import { IsNull, Repository, type EntityManager } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { SignedInStaff, StaffCaller } from '../access/caller.js';
import { SecondFactorService } from '../access/second-factor.service.js';
import { SecretsService } from '../access/secrets.service.js';
import { SessionsService } from '../access/sessions.service.js';
import { SignInService } from '../access/sign-in.service.js';
import { TriesService } from '../access/tries.service.js';
import { AuditService } from '../audit/audit.service.js';
import { Config } from '../config/config.js';
import { PracticalsService } from '../practicals/practicals.service.js';
import { badInput, conflict, forbidden, notFound } from '../problems/problems.js';
import { School, Staff } from '../records/people.entities.js';
import type { ChangeStaffDto, FirstSchoolDto, NewStaffDto } from './staff.dto.js';
import { Clock } from '../clock/clock.js';

const view = ({ id, name, email, role, lockedAt, totpOn }: Staff): StaffMember => ({
  id,
  name,
  email,
  role,
  locked: lockedAt !== null,
  secondFactor: totpOn,
});

@Injectable()
export class StaffService {
  constructor(
    private readonly clock: Clock,
    @InjectRepository(Staff) private readonly staff: Repository<Staff>,
    @InjectRepository(School) private readonly schools: Repository<School>,
    private readonly secrets: SecretsService,
    private readonly sessions: SessionsService,
    private readonly signIn: SignInService,
    private readonly tries: TriesService,
    private readonly factor: SecondFactorService,
    private readonly practicals: PracticalsService,
    private readonly audit: AuditService,
    private readonly config: Config,
  ) {}

  async list(schoolId: string): Promise<StaffMember[]> {
    const rows = await this.staff.find({
      where: { schoolId, leftAt: IsNull() },
      order: { name: 'ASC' },
      take: 500,
    });
    return rows.map(view);
  }

  async add(caller: StaffCaller, wanted: NewStaffDto): Promise<StaffMember> {
    const row = await this.insert(caller.schoolId, wanted);
    await this.audit.add(caller, 'staff-added', { subject: row.id, about: `${row.name}, ${row.role}` });
    return view(row);
  }

  private async insert(schoolId: string, wanted: NewStaffDto): Promise<Staff> {
    const email = wanted.email.trim().toLowerCase();
    if (await this.staff.existsBy({ email }))
      throw conflict('Somebody has this e-mail address already. Use another.', 'email');
    const id = uuidv7();
    await this.staff.insert({
      id,
      schoolId,
      name: wanted.name,
      email,
      role: wanted.role,
      passwordHash: await this.secrets.hash(wanted.password),
    });
    return this.staff.findOneByOrFail({ id });
  }

  /** Locks, unlocks, or gives another role. @throws 409 when no head of department would be left. */
  async change(caller: SignedInStaff, id: string, { locked, role }: ChangeStaffDto): Promise<void> {
    await this.staff.manager.transaction(async (db) => {
      const person = await this.ofSchool(db, caller.schoolId, id);
      if (locked ?? (role !== undefined && role !== 'head')) await this.keepOneHead(db, person);
      if (locked !== undefined && locked !== (person.lockedAt !== null)) {
        await db.update(Staff, { id }, { lockedAt: locked ? this.clock.now() : null });
        await this.audit.add(
          caller,
          locked ? 'staff-locked' : 'staff-unlocked',
          { subject: id, about: person.name },
          db,
        );
      }
      if (role !== undefined && role !== person.role) {
        await db.update(Staff, { id }, { role });
        await this.audit.add(
          caller,
          'staff-role',
          { subject: id, about: `${person.name}: ${person.role} to ${role}` },
          db,
        );
      }
    });
    if (locked) await this.sessions.closeAllOfStaff(id);
    else {
      // What a role may see has changed for wires that are open.
      if (role !== undefined)
        await this.sessions.closeAllOfStaff(id, caller.id === id ? caller.sessionId : undefined);
      if (locked === false) await this.tries.clear(`staff:${id}`);
    }
  }

  /** Takes somebody out of the school; what they did keeps their name. @throws 409 when they are the last head. */
  async remove(caller: SignedInStaff, id: string): Promise<void> {
    await this.staff.manager.transaction(async (db) => {
      const person = await this.ofSchool(db, caller.schoolId, id);
      await this.keepOneHead(db, person);
      await db.update(
        Staff,
        { id },
        {
          leftAt: this.clock.now(),
          // The address is free for a new account, and the old one opens nothing any more.
          email: `left-${id}@left.invalid`,
          passwordHash: '',
          totpOn: false,
          totpSecret: null,
        },
      );
      await this.audit.add(
        caller,
        'staff-removed',
        { subject: id, about: `${person.name}, ${person.role}` },
        db,
      );
    });
    await this.sessions.closeAllOfStaff(id);
  }

  /** Sets a password for somebody, to be changed at their next signing in. @returns it, this once. */
  async resetPassword(caller: SignedInStaff, id: string): Promise<string> {
    const person = await this.ofSchool(this.staff.manager, caller.schoolId, id);
    if (id === caller.id) throw conflict('Change your own password below, with the one you have.');
    const password = this.secrets.newPassword();
    await this.staff.update(
      { id },
      { passwordHash: await this.secrets.hash(password), mustChangePassword: true },
    );
    await this.sessions.closeAllOfStaff(id);
    await this.tries.clear(`staff:${id}`);
    await this.audit.add(caller, 'password-reset', { subject: id, about: person.name });
    return password;
  }

  /** Switches somebody's second factor off: their authenticator is lost. */
  async removeSecondFactor(caller: SignedInStaff, id: string): Promise<void> {
    const person = await this.ofSchool(this.staff.manager, caller.schoolId, id);
    await this.factor.switchOff(id);
    await this.audit.add(caller, 'second-factor-off', { subject: id, about: person.name });
  }

  /** Changes one's own password and ends all other sessions. @throws 422 when the old one is not right. */
  async changePassword(caller: SignedInStaff, current: string, next: string, device: string): Promise<void> {
    const { name } = await this.signIn.confirmOwn(caller.id, current, device, 'current');
    if (next === current) throw badInput('Choose another password than the one you have.', 'next');
    await this.staff.update(
      { id: caller.id },
      { passwordHash: await this.secrets.hash(next), mustChangePassword: false },
    );
    await this.sessions.closeAllOfStaff(caller.id, caller.sessionId);
    await this.audit.add(caller, 'password-changed', { subject: caller.id, about: name });
  }

  private async ofSchool(db: EntityManager, schoolId: string, id: string): Promise<Staff> {
    const person = await db.findOneBy(Staff, { id, schoolId, leftAt: IsNull() });
    if (!person) throw notFound('member of staff');
    return person;
  }

  /** @throws 409 when this person is the only head who can sign in. */
  private async keepOneHead(db: EntityManager, person: Staff): Promise<void> {
    if (person.role !== ('head' satisfies StaffRole) || person.lockedAt) return;
    // Locked for the moment, so that two heads cannot remove each other at once.
    const heads = await db.find(Staff, {
      where: { schoolId: person.schoolId, role: 'head', leftAt: IsNull(), lockedAt: IsNull() },
      lock: { mode: 'pessimistic_write' },
    });
    if (!heads.some((head) => head.id !== person.id))
      throw conflict('This is the only head of department who can sign in. Make somebody else head first.');
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
    await this.schools.insert({ id: schoolId, name: wanted.school });
    await this.insert(schoolId, { ...wanted, role: 'head' });
    for (const practical of shippedPracticals) await this.practicals.add(schoolId, practical);
  }
}
