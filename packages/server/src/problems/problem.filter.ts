/** Sends every error as problem+json; what was not foreseen is logged and told in one plain sentence. */
import type { Problem } from '@kivex/contract';
import { Catch, HttpException, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import type { Response } from 'express';
import { STATUS_CODES } from 'node:http';
import { ProblemException, unavailable } from './problems.js';
import { isDatabaseAway } from './unavailable.js';

/** How Nest's own pipes begin, for what stands in an address. */
const pipeSays = 'Validation failed';

function detailOf(error: HttpException): string {
  const status = error.getStatus();
  if (status === 404) return 'There is nothing at this address.';
  if (status === 400 && error.message.startsWith(pipeSays))
    return 'Something in this address cannot be read. Go back and choose again.';
  if (status === 400) return sentence(error.message, 'The request could not be read: it is not valid JSON.');
  if (status === 413) return 'That is too large to send at once. Send less.';
  return error.message;
}

@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly logger = new Logger('problem');

  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    if (response.headersSent) return;
    const problem = this.problemOf(error);
    const retryAfter = error instanceof ProblemException ? error.retryAfter : undefined;
    if (retryAfter || problem.status === 503) response.setHeader('Retry-After', String(retryAfter ?? 2));
    response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
  }

  private problemOf(error: unknown): Problem {
    if (error instanceof ProblemException) {
      return {
        ...shape(error.getStatus(), error.detail),
        ...(error.fields.length ? { errors: error.fields } : {}),
      };
    }
    if (error instanceof HttpException) return shape(error.getStatus(), detailOf(error));
    if (isDatabaseAway(error)) {
      this.logger.warn('the database does not answer');
      return shape(
        503,
        unavailable(
          'The database does not answer just now. What you entered is still here; try again in a moment.',
        ).detail,
      );
    }
    const status = (error as { status?: unknown } | null)?.status;
    if (typeof status === 'number' && status >= 400 && status < 500)
      return shape(status, detailOf(new HttpException('', status)));
    this.logger.error(error instanceof Error ? (error.stack ?? error.message) : String(error));
    return shape(
      500,
      'Kivex could not do that because of a fault of its own. Nothing you entered is lost; try again, and tell whoever looks after Kivex if it stays.',
    );
  }
}

/** A message that is a sentence for people already, else another. */
const sentence = (message: string, otherwise: string): string =>
  /^[A-Z].*[.!?]$/s.test(message) ? message : otherwise;

const shape = (status: number, detail: string): Problem => ({
  type: 'about:blank',
  title: STATUS_CODES[status] ?? 'Error',
  status,
  detail,
});
