/**
 * The errors a person can meet, in one place: what is wrong and what to do. Thrown as Nest exceptions,
 * sent as `application/problem+json` by the filter beside this file.
 */
import { HttpException, HttpStatus } from '@nestjs/common';
import { isDatabaseAway } from './unavailable.js';

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
    /** Seconds after which it is worth trying again; said in a header too. */
    readonly retryAfter?: number,
  ) {
    super(detail, status);
  }
}

const at = (status: HttpStatus) => (detail: string, field?: string) =>
  new ProblemException(status, detail, field ? [{ field, detail }] : []);

export const badInput = at(HttpStatus.UNPROCESSABLE_ENTITY);
export const conflict = at(HttpStatus.CONFLICT);
export const forbidden = at(HttpStatus.FORBIDDEN);
/** @param seconds until it is worth trying again. */
export const tooMany = (detail: string, seconds: number, field?: string) =>
  new ProblemException(
    HttpStatus.TOO_MANY_REQUESTS,
    detail,
    field ? [{ field, detail }] : [],
    Math.max(1, Math.ceil(seconds)),
  );
/** What cannot be read at all: not the form of it, let alone the sense. */
export const malformed = at(HttpStatus.BAD_REQUEST);

export const signInFirst = () => at(HttpStatus.UNAUTHORIZED)('Sign in first.');
export const joinFirst = () =>
  at(HttpStatus.UNAUTHORIZED)('Join the lesson first: ask your teacher for its code.');
export const notFound = (what: string) =>
  at(HttpStatus.NOT_FOUND)(`There is no such ${what}. It may have been removed; go back and choose again.`);

/** The database cannot be reached; it is tried again. */
export const unavailable = (detail: string, seconds = 2): ProblemException =>
  new ProblemException(HttpStatus.SERVICE_UNAVAILABLE, detail, [], seconds);

/** The status an error is answered with, whatever threw it. */
export function problemStatusOf(error: unknown): number {
  if (error instanceof HttpException) return error.getStatus();
  return isDatabaseAway(error) ? HttpStatus.SERVICE_UNAVAILABLE : HttpStatus.INTERNAL_SERVER_ERROR;
}
