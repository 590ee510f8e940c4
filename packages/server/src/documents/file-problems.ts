import type { FileProblem } from '@kivex/core';
import { HttpStatus } from '@nestjs/common';
import { ProblemException } from '../problems/problems.js';

/** A document that cannot be taken: one sentence for the whole, one for each place. */
export const unreadable = (what: string, problems: readonly FileProblem[]): ProblemException =>
  new ProblemException(
    HttpStatus.UNPROCESSABLE_ENTITY,
    `This ${what} cannot be taken yet: ${problems.length === 1 ? 'one thing' : `${problems.length} things`} to mend. ${problems[0]!.where}: ${problems[0]!.text}`,
    problems.map(({ where, text }) => ({ field: where, detail: text })),
  );
