/** One question to the whole class: asked, answered by devices, gathered by likeness, asked again. */
import type {
  AskedQuestion,
  ClassQuestion,
  ClassQuestionHead,
  ClassRound,
  FactKnown,
  LikeClassAnswers,
  NewClassQuestion,
} from '@kivex/contract';
import { deckOf, groupedBy, markRecall, readingForm, syllabusOf, type Syllabus } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { randomInt } from 'node:crypto';
import { In, MoreThan, Repository } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../access/caller.js';
import { Clock } from '../clock/clock.js';
import { badInput, conflict, tooMany } from '../problems/problems.js';
import { ClassAnswerRow, ClassQuestionRow } from '../records/practising.entities.js';
import { SyllabusesService } from '../syllabuses/syllabuses.service.js';

/** Questions of a school listed, and kept: older ones go. */
const mostListed = 30;
const mostFacts = 300;
const keptFor = 30 * 24 * 60 * 60_000;
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
    private readonly syllabuses: SyllabusesService,
  ) {}

  async list({ schoolId }: StaffCaller): Promise<ClassQuestionHead[]> {
    const rows = await this.questions.find({ where: { schoolId }, order: { at: 'DESC' }, take: mostListed });
    return rows.map(({ id, card, at, open }) => ({ id, ask: card.ask, at: at.toISOString(), open }));
  }

  /** What classes knew of each fact they were asked, weakest first; facts nobody answered are left out. */
  async facts({ schoolId }: StaffCaller): Promise<FactKnown[]> {
    const questions = await this.questions.find({
      where: { schoolId, at: MoreThan(new Date(this.clock.ms() - keptFor)) },
      order: { at: 'DESC' },
      take: mostFacts,
    });
    const newest = new Map(questions.toReversed().map((q) => [q.card.fact, q]));
    const answers = newest.size
      ? await this.answers.find({
          where: { questionId: In([...newest.values()].map((q) => q.id)) },
          select: { id: true, questionId: true, round: true, mark: true },
        })
      : [];
    const byQuestion = groupedBy(answers, (a) => a.questionId);
    return [...newest.values()]
      .flatMap(({ id, card, at }): FactKnown[] => {
        const own = byQuestion.get(id) ?? [];
        const rounds = [...groupedBy(own, (a) => a.round)].sort(([a], [b]) => a - b);
        if (!rounds.length) return [];
        const [first, last] = [rounds[0]!, rounds.at(-1)!].map(([n, list]) => roundOf(n, list)) as [
          ClassRound,
          ClassRound,
        ];
        const { fact, ask, test, species } = card;
        return [{ fact, ask, test, species, at: at.toISOString(), first, last }];
      })
      .sort((a, b) => a.last.right / a.last.answers - b.last.right / b.last.answers);
  }

  /** @throws 422 where there is no such syllabus or card. */
  async ask(
    staff: StaffCaller,
    { syllabus: id, card: cardId, strictness }: NewClassQuestion,
  ): Promise<ClassQuestion> {
    const syllabus = await this.syllabus(staff, id);
    const card = deckOf(syllabus).find((c) => c.id === cardId);
    if (!card) throw badInput('This question is not among those of the syllabus. Choose another.', 'card');
    await this.questions
      .createQueryBuilder()
      .delete()
      .where('schoolId = :schoolId AND at < :old', {
        schoolId: staff.schoolId,
        old: new Date(this.clock.ms() - keptFor),
      })
      .execute();
    const row = {
      id: uuidv7(),
      schoolId: staff.schoolId,
      code: await this.freeCode(),
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
        card.topic === 'equations' ? 'equation' : 'observation',
        all.filter((a) => a.round === round),
      ),
      rounds,
    };
  }

  private async syllabus(staff: Pick<StaffCaller, 'id' | 'schoolId'>, id: string): Promise<Syllabus> {
    const own = await this.syllabuses.ownBy(staff, id);
    if (own) return own;
    try {
      return syllabusOf(id);
    } catch {
      throw badInput('There is no such syllabus. Choose one from the list.', 'syllabus');
    }
  }
  private async freeCode(): Promise<string> {
    for (let tries = 0; tries < 50; tries += 1) {
      const code = String(randomInt(100_000, 1_000_000));
      if (!(await this.questions.existsBy({ code }))) return code;
    }
    throw conflict('No code is free at the moment. Try again.');
  }
}

type Answered = Pick<ClassAnswerRow, 'answer' | 'mark'>;

function roundOf(round: number, answers: readonly Answered[]): ClassRound {
  const count = (is: (m: Answered['mark']) => boolean) => answers.filter((a) => is(a.mark)).length;
  return {
    round,
    answers: answers.length,
    right: count((m) => m.verdict === 'credit'),
    partly: count((m) => m.verdict === 'partial'),
    wrong: count((m) => m.verdict === 'none'),
    unsure: count((m) => m.verdict === 'review'),
  };
}

/** Answers alike but for the order of their words say the same to a class. */
function likeness(strand: 'equation' | 'observation', answer: string): string {
  const form = readingForm(strand, answer);
  if (strand === 'equation') return form;
  const [words = '', joins = ''] = form.split('|');
  return `${words.split(' ').sort().join(' ')}|${joins}`;
}

/** Answers that say the same put together, the most frequent first. */
function gathered(strand: 'equation' | 'observation', answers: readonly Answered[]): LikeClassAnswers[] {
  const groups = groupedBy(
    answers,
    (a) => `${a.mark.verdict}|${a.mark.points}|${likeness(strand, a.answer)}`,
  );
  return [...groups.values()]
    .map((group): LikeClassAnswers => {
      const { points, max, verdict, why } = group[0]!.mark;
      const words = [...groupedBy(group, (a) => a.answer.trim()).entries()]
        .map(([text, same]) => ({ text, n: same.length }))
        .sort((a, b) => b.n - a.n);
      return { words, n: group.length, points, max, verdict, why };
    })
    .sort((a, b) => b.n - a.n);
}
