/** What questions to a class are made of: a syllabus that ships or the school's own, its questions, and codes devices find them by. */
import { deckOf, syllabusOf, type RecallCard, type Syllabus } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { randomInt } from 'node:crypto';
import { Repository } from 'typeorm';
import type { StaffCaller } from '../access/caller.js';
import { badInput, conflict } from '../problems/problems.js';
import { ClassQuestionRow, QuestionSetRow } from '../records/practising.entities.js';
import { SyllabusesService } from '../syllabuses/syllabuses.service.js';

@Injectable()
export class PractisingSources {
  constructor(
    @InjectRepository(ClassQuestionRow) private readonly questions: Repository<ClassQuestionRow>,
    @InjectRepository(QuestionSetRow) private readonly sets: Repository<QuestionSetRow>,
    private readonly syllabuses: SyllabusesService,
  ) {}

  /** @throws ProblemException 422 where there is no such syllabus. */
  async syllabus(staff: Pick<StaffCaller, 'id' | 'schoolId'>, id: string): Promise<Syllabus> {
    const own = await this.syllabuses.ownBy(staff, id);
    if (own) return own;
    try {
      return syllabusOf(id);
    } catch {
      throw badInput('There is no such syllabus. Choose one from the list.', 'syllabus');
    }
  }

  /** Questions of a syllabus, in the order asked for. @throws ProblemException 422 where one is not among them. */
  cards(syllabus: Syllabus, ids: readonly string[], field: string): RecallCard[] {
    const deck = new Map(deckOf(syllabus).map((card) => [card.id, card]));
    return ids.map((id) => {
      const card = deck.get(id);
      if (!card) throw badInput('This question is not among those of the syllabus. Choose another.', field);
      return card;
    });
  }

  /** Six digits that neither a question nor a set has. @throws ProblemException 409 when none was found. */
  async freeCode(): Promise<string> {
    for (let tries = 0; tries < 50; tries += 1) {
      const code = String(randomInt(100_000, 1_000_000));
      const taken = await Promise.all([this.questions.existsBy({ code }), this.sets.existsBy({ code })]);
      if (!taken.includes(true)) return code;
    }
    throw conflict('No code is free at the moment. Try again.');
  }
}
