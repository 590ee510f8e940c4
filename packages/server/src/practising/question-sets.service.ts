/** Sets of questions given to a class: answered on any device in its own time, gathered question by question, nobody named. */
import type { GatheredSet, GivenSet, NewQuestionSet, QuestionSetHead, SetAnswer } from '@kivex/contract';
import { groupedBy, markRecall } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { In, LessThan, Repository } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../access/caller.js';
import { Clock } from '../clock/clock.js';
import { badInput, conflict, tooMany } from '../problems/problems.js';
import { QuestionSetRow, SetAnswerRow } from '../records/practising.entities.js';
import { gathered, roundOf } from './gathered-answers.js';
import { keptFor } from './kept-for.js';
import { PractisingSources } from './practising-sources.service.js';

/** Sets of a school listed. */
const mostListed = 30;
/** Answers to one set: four hundred devices, sixty questions. */
const mostAnswers = 24_000;

@Injectable()
export class QuestionSetsService {
  constructor(
    private readonly clock: Clock,
    @InjectRepository(QuestionSetRow) private readonly sets: Repository<QuestionSetRow>,
    @InjectRepository(SetAnswerRow) private readonly answers: Repository<SetAnswerRow>,
    private readonly sources: PractisingSources,
  ) {}

  /** The newest first. */
  async list({ schoolId }: StaffCaller): Promise<QuestionSetHead[]> {
    const rows = await this.sets.find({ where: { schoolId }, order: { at: 'DESC' }, take: mostListed });
    if (!rows.length) return [];
    const counted = await this.answers
      .createQueryBuilder('a')
      .select('a.setId', 'setId')
      .addSelect('COUNT(DISTINCT a.device)', 'n')
      .where({ setId: In(rows.map((r) => r.id)) })
      .groupBy('a.setId')
      .getRawMany<{ setId: string; n: string }>();
    const devices = new Map(counted.map(({ setId, n }) => [setId, Number(n)]));
    return rows.map((row) => headOf(row, devices.get(row.id) ?? 0));
  }

  /** @throws ProblemException 422 where there is no such syllabus or question. */
  async give(
    staff: StaffCaller,
    { name, syllabus: id, cards: ids, strictness }: NewQuestionSet,
  ): Promise<GatheredSet> {
    const syllabus = await this.sources.syllabus(staff, id);
    const cards = this.sources.cards(syllabus, [...new Set(ids)], 'cards');
    const { schoolId } = staff;
    await this.sets.delete({ schoolId, at: LessThan(new Date(this.clock.ms() - keptFor)) });
    const row = {
      id: uuidv7(),
      schoolId,
      code: await this.sources.freeCode(),
      name,
      syllabus,
      cards,
      strictness: strictness ?? null,
      open: true,
      at: this.clock.now(),
    };
    await this.sets.insert(row);
    return this.shown(row);
  }

  async show(id: string): Promise<GatheredSet> {
    return this.shown(await this.sets.findOneByOrFail({ id }));
  }

  /** While it is not open no answers come in. */
  async open(id: string, open: boolean): Promise<GatheredSet> {
    await this.sets.update({ id }, { open });
    return this.show(id);
  }

  async remove(id: string): Promise<void> {
    await this.sets.delete({ id });
  }

  /** What a device with the code practises. @throws ProblemException 422 */
  async found(code: string): Promise<GivenSet> {
    const { name, syllabus, cards, strictness, open } = await this.byCode(code);
    return { name, syllabus, cards: cards.map((c) => c.id), strictness, open };
  }

  /**
   * Takes a device's answers. Of each question its first and its newest answer count.
   * @returns how many were taken; what is no question of the set is left out.
   * @throws ProblemException 409 when it is closed, 422, 429
   */
  async take(code: string, device: string, sent: readonly SetAnswer[]): Promise<{ readonly taken: number }> {
    const row = await this.byCode(code);
    if (!row.open) throw conflict('Answers to this set are no longer gathered. Go on by yourself.');
    if ((await this.answers.countBy({ setId: row.id })) >= mostAnswers)
      throw tooMany('This set has all the answers it can hold. Go on by yourself.', 60);
    const cards = new Map(row.cards.map((card) => [card.id, card]));
    let taken = 0;
    for (const { card: id, answer } of sent) {
      const card = cards.get(id);
      if (!card) continue;
      const mark = markRecall(row.syllabus, card, answer, row.strictness ?? undefined);
      const { verdict } = mark;
      const own = { id: uuidv7(), setId: row.id, card: id, device, answer, mark, verdict };
      await this.answers
        .createQueryBuilder()
        .insert()
        .values({ ...own, firstVerdict: verdict, at: this.clock.now() })
        .orUpdate(['answer', 'mark', 'verdict', 'at'], ['setId', 'card', 'device'])
        .execute();
      taken += 1;
    }
    return { taken };
  }

  private async byCode(code: string): Promise<QuestionSetRow> {
    const row = await this.sets.findOneBy({ code });
    if (!row || this.clock.ms() - row.at.getTime() > keptFor)
      throw badInput('There is no set of questions with this code. Ask your teacher for it again.', 'code');
    return row;
  }

  private async shown(row: Omit<QuestionSetRow, 'school'>): Promise<GatheredSet> {
    const all = await this.answers.find({ where: { setId: row.id }, order: { at: 'ASC' } });
    const byCard = groupedBy(all, (a) => a.card);
    return {
      ...headOf(row, new Set(all.map((a) => a.device)).size),
      syllabus: row.syllabus.name,
      gathered: row.cards.map((card) => {
        const own = byCard.get(card.id) ?? [];
        return {
          card: card.id,
          ask: card.ask,
          model: card.model,
          first: roundOf(
            1,
            own.map((a) => ({ mark: { verdict: a.firstVerdict } })),
          ),
          last: roundOf(1, own),
          groups: gathered(card, own),
        };
      }),
    };
  }
}

const headOf = (
  { id, code, name, at, open, cards }: Omit<QuestionSetRow, 'school'>,
  devices: number,
): QuestionSetHead => ({ id, code, name, at: at.toISOString(), open, questions: cards.length, devices });
