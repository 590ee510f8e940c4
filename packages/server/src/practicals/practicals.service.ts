/** Practicals of a school, each a chain of versions that never change. */
import type { PracticalHead } from '@kivex/contract';
import type { Practical as PracticalDocument } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { notFound } from '../problems/problems.js';
import { Practical, PracticalVersion } from './practicals.entities.js';

@Injectable()
export class PracticalsService {
  constructor(
    @InjectRepository(Practical) private readonly practicals: Repository<Practical>,
    @InjectRepository(PracticalVersion) private readonly versions: Repository<PracticalVersion>,
  ) {}

  async list(schoolId: string): Promise<PracticalHead[]> {
    const newest = await this.versions
      .createQueryBuilder('v')
      .innerJoin('v.practical', 'p')
      .where('p.schoolId = :schoolId', { schoolId })
      .andWhere(
        'v.number = (SELECT MAX(w.number) FROM practical_version w WHERE w.practicalId = v.practicalId)',
      )
      .take(200)
      .getMany();
    return newest.map(headOf).sort((a, b) => a.title.localeCompare(b.title));
  }

  /** The newest version of a practical of the school. @throws 404 */
  async newest(schoolId: string, practicalId: string): Promise<PracticalVersion> {
    const version = await this.versions.findOne({
      where: { practicalId, practical: { schoolId } },
      order: { number: 'DESC' },
    });
    if (!version) throw notFound('practical');
    return version;
  }

  async add(schoolId: string, document: PracticalDocument): Promise<string> {
    const id = uuidv7();
    await this.practicals.insert({ id, schoolId });
    await this.versions.insert({ id: uuidv7(), practicalId: id, number: 1, document, createdAt: new Date() });
    return id;
  }
}

function headOf({ practicalId, number, document }: PracticalVersion): PracticalHead {
  return {
    id: practicalId,
    title: document.title,
    summary: document.summary,
    version: number,
    syllabus: document.syllabus,
    minutes: document.minutes,
    knowns: document.samples.filter((s) => s.role === 'known').length,
    unknowns: document.samples.filter((s) => s.role === 'unknown').length,
  };
}
