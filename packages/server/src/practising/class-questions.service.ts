/** One question to the whole class: asked, answered by devices, gathered by likeness, asked again. */
import type { AskedQuestion, ClassQuestion, ClassQuestionHead, NewClassQuestion } from '@kivex/contract';
import { markRecall, type RecallCard } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { LessThan, Repository } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../access/caller.js';
import { Clock } from '../clock/clock.js';
import { badInput, conflict, tooMany } from '../problems/problems.js';
import { ClassAnswerRow, ClassQuestionRow } from '../records/practising.entities.js';
import { gathered, roundOf } from './gathered-answers.js';
import { keptFor } from './kept-for.js';
import { PractisingSources } from './practising-sources.service.js';

/** Questions of a school listed. */
const mostListed = 30;
/** Milliseconds for which a code is answered. */
const codeLasts = 24 * 60 * 60_000;
/** Devices in one round. */
const mostAnswers = 400;

@Injectable()
export class ClassQuestionsService {
  constructor(
    private readonly clock: Clock,
    @InjectRepository(ClassQuestionRow) private readonly questions: Repository<ClassQuestionRow>,
    @InjectRepository(ClassAnswerRow) private readonly answers: Repository<ClassAnswerRow>,
    private readonly sources: PractisingSources,
  ) {}

  async list({ schoolId }: StaffCaller): Promise<ClassQuestionHead[]> {
    const rows = await this.questions.find({ where: { schoolId }, order: { at: 'DESC' }, take: mostListed });
    return rows.map(({ id, card, at, open }) => ({ id, ask: card.ask, at: at.toISOString(), open }));
  }

  /** @throws 422 where there is no such syllabus or card. */
  async ask(
    staff: StaffCaller,
    { syllabus: id, card: cardId, strictness }: NewClassQuestion,
  ): Promise<ClassQuestion> {
    const syllabus = await this.sources.syllabus(staff, id);
    const [card] = this.sources.cards(syllabus, [cardId], 'card') as [RecallCard];
    const { schoolId } = staff;
    await this.questions.delete({ schoolId, at: LessThan(new Date(this.clock.ms() - keptFor)) });
    const row = {
      id: uuidv7(),
      schoolId,
      code: await this.sources.freeCode(),
      syllabus,
      card,
      strictness: strictness ?? null,
      open: true,
      round: 1,
      at: this.clock.now(),
    };
    await this.questions.insert(row);
    return this.shown(row);
  }

  async show(id: string): Promise<ClassQuestion> {
    return this.shown(await this.questions.findOneByOrFail({ id }));
  }

  /** Closes it, opens it again, or asks again in a round of its own. */
  async change(
    id: string,
    { open, again }: { readonly open?: boolean; readonly again?: boolean },
  ): Promise<ClassQuestion> {
    const row = await this.questions.findOneByOrFail({ id });
    const next = again ? { open: true, round: row.round + 1 } : { open: open ?? row.open };
    await this.questions.update({ id }, next);
    return this.shown({ ...row, ...next });
  }

  async remove(id: string): Promise<void> {
    await this.questions.delete({ id });
  }

  /** What a device with the code is told. @throws 422 */
  async found(code: string, device: string): Promise<AskedQuestion> {
    const row = await this.byCode(code);
    const own = await this.answers.findOneBy({ questionId: row.id, round: row.round, device });
    return {
      ask: row.card.ask,
      open: row.open,
      round: row.round,
      answer: own?.answer ?? null,
      told:
        own && !row.open
          ? { points: own.mark.points, max: own.mark.max, why: own.mark.why, model: row.card.model }
          : null,
    };
  }

  /** Takes a device's answer to the round that is on; a later one of the same device stands in place of it. @throws 409, 422, 429 */
  async take(code: string, device: string, answer: string): Promise<AskedQuestion> {
    const row = await this.byCode(code);
    if (!row.open) throw conflict('This question is closed. Wait until it is asked again.', 'answer');
    const where = { questionId: row.id, round: row.round, device };
    const before = await this.answers.findOneBy(where);
    if (!before && (await this.answers.countBy({ questionId: row.id, round: row.round })) >= mostAnswers)
      throw tooMany(`${mostAnswers} devices have answered; no more are taken.`, 60);
    const mark = markRecall(row.syllabus, row.card, answer, row.strictness ?? undefined);
    await this.answers.upsert({ id: before?.id ?? uuidv7(), ...where, answer, mark, at: this.clock.now() }, [
      'questionId',
      'round',
      'device',
    ]);
    return this.found(code, device);
  }

  private async byCode(code: string): Promise<ClassQuestionRow> {
    const row = await this.questions.findOneBy({ code });
    if (!row || this.clock.ms() - row.at.getTime() > codeLasts)
      throw badInput('There is no question with this code. Look at the board again.', 'code');
    return row;
  }

  private async shown(row: Omit<ClassQuestionRow, 'school'>): Promise<ClassQuestion> {
    const all = await this.answers.find({
      where: { questionId: row.id },
      order: { at: 'ASC' },
      take: 20 * mostAnswers,
    });
    const rounds = Array.from({ length: row.round }, (_, i) =>
      roundOf(
        i + 1,
        all.filter((a) => a.round === i + 1),
      ),
    );
    const { id, code, card, at, open, round } = row;
    return {
      id,
      code,
      ask: card.ask,
      model: card.model,
      at: at.toISOString(),
      open,
      round,
      groups: gathered(
        card,
        all.filter((a) => a.round === round),
      ),
      rounds,
    };
  }
}
