/**
 * The errors a person can meet, in one place: what is wrong and what to do. Thrown as Nest exceptions,
 * sent as `application/problem+json` by the filter beside this file.
 */
import { HttpException, HttpStatus } from '@nestjs/common';

export interface FieldProblem {
  readonly field: string;
  readonly detail: string;
}

/** An error with a sentence for the person and the fields it concerns. */
export class ProblemException extends HttpException {
  constructor(
    status: HttpStatus,
    readonly detail: string,
    readonly fields: readonly FieldProblem[] = [],
  ) {
    super(detail, status);
  }
}

const at = (status: HttpStatus) => (detail: string, field?: string) =>
  new ProblemException(status, detail, field ? [{ field, detail }] : []);

export const badInput = at(HttpStatus.UNPROCESSABLE_ENTITY);
export const conflict = at(HttpStatus.CONFLICT);
export const forbidden = at(HttpStatus.FORBIDDEN);
export const tooMany = at(HttpStatus.TOO_MANY_REQUESTS);

export const signInFirst = () => at(HttpStatus.UNAUTHORIZED)('Sign in first.');
export const joinFirst = () =>
  at(HttpStatus.UNAUTHORIZED)('Join the lesson first: ask your teacher for its code.');
export const notFound = (what: string) =>
  at(HttpStatus.NOT_FOUND)(`There is no such ${what}. It may have been removed; go back and choose again.`);
