/** What classes knew of each fact they were asked: by one question to all, or in a set given to them. */
import type { ClassRound, FactKnown } from '@kivex/contract';
import { groupedBy, type Mark, type RecallCard } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { In, MoreThan, Repository } from 'typeorm';
import type { StaffCaller } from '../access/caller.js';
import { Clock } from '../clock/clock.js';
import {
  ClassAnswerRow,
  ClassQuestionRow,
  QuestionSetRow,
  SetAnswerRow,
} from '../records/practising.entities.js';
import { roundOf } from './gathered-answers.js';
import { keptFor } from './kept-for.js';

const mostQuestions = 300;
const mostSets = 30;

/** A fact as it was asked once, with what was made of it. */
interface Asked {
  readonly card: RecallCard;
  readonly at: Date;
  readonly first: ClassRound;
  readonly last: ClassRound;
}

@Injectable()
export class ClassFactsService {
  constructor(
    private readonly clock: Clock,
    @InjectRepository(ClassQuestionRow) private readonly questions: Repository<ClassQuestionRow>,
    @InjectRepository(ClassAnswerRow) private readonly answers: Repository<ClassAnswerRow>,
    @InjectRepository(QuestionSetRow) private readonly sets: Repository<QuestionSetRow>,
    @InjectRepository(SetAnswerRow) private readonly setAnswers: Repository<SetAnswerRow>,
  ) {}

  /** Of each fact the newest time it was asked and answered; weakest first. */
  async of({ schoolId }: StaffCaller): Promise<FactKnown[]> {
    const [asked, given] = await Promise.all([this.asked(schoolId), this.given(schoolId)]);
    const newest = new Map<string, Asked>();
    for (const one of [...asked, ...given]) {
      const other = newest.get(one.card.fact);
      if (!other || other.at <= one.at) newest.set(one.card.fact, one);
    }
    return [...newest.values()]
      .map(({ card: { fact, ask, test, species }, at, first, last }): FactKnown => ({
        fact,
        ask,
        test,
        species,
        at: at.toISOString(),
        first,
        last,
      }))
      .sort((a, b) => a.last.right / a.last.answers - b.last.right / b.last.answers);
  }

  private kept(schoolId: string) {
    return { schoolId, at: MoreThan(new Date(this.clock.ms() - keptFor)) };
  }

  private async asked(schoolId: string): Promise<Asked[]> {
    const questions = await this.questions.find({
      where: this.kept(schoolId),
      order: { at: 'DESC' },
      take: mostQuestions,
    });
    if (!questions.length) return [];
    const answers = await this.answers.find({
      where: { questionId: In(questions.map((q) => q.id)) },
      select: { id: true, questionId: true, round: true, mark: true },
    });
    const byQuestion = groupedBy(answers, (a) => a.questionId);
    return questions.flatMap(({ id, card, at }): Asked[] => {
      const rounds = [...groupedBy(byQuestion.get(id) ?? [], (a) => a.round)].sort(([a], [b]) => a - b);
      if (!rounds.length) return [];
      const [first, last] = [rounds[0]!, rounds.at(-1)!].map(([n, list]) => roundOf(n, list));
      return [{ card, at, first: first!, last: last! }];
    });
  }

  private async given(schoolId: string): Promise<Asked[]> {
    const sets = await this.sets.find({ where: this.kept(schoolId), order: { at: 'DESC' }, take: mostSets });
    if (!sets.length) return [];
    const counted = await this.setAnswers
      .createQueryBuilder('a')
      .select([
        'a.setId AS setId',
        'a.card AS card',
        'a.verdict AS verdict',
        'a.firstVerdict AS firstVerdict',
      ])
      .addSelect('COUNT(*)', 'n')
      .where({ setId: In(sets.map((s) => s.id)) })
      .groupBy('a.setId, a.card, a.verdict, a.firstVerdict')
      .getRawMany<{
        setId: string;
        card: string;
        verdict: Mark['verdict'];
        firstVerdict: Mark['verdict'];
        n: string;
      }>();
    const byCard = groupedBy(counted, (c) => `${c.setId} ${c.card}`);
    return sets.flatMap(({ id, cards, at }) =>
      cards.flatMap((card): Asked[] => {
        const own = byCard.get(`${id} ${card.id}`);
        if (!own) return [];
        const many = (which: 'verdict' | 'firstVerdict') =>
          roundOf(
            1,
            own.flatMap((c) => Array.from({ length: Number(c.n) }, () => ({ mark: { verdict: c[which] } }))),
          );
        return [{ card, at, first: many('firstVerdict'), last: many('verdict') }];
      }),
    );
  }
}
