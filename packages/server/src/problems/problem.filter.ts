/** Sends every error as problem+json; what was not foreseen is logged and told in one plain sentence. */
import type { Problem } from '@kivex/contract';
import { Catch, HttpException, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import type { Response } from 'express';
import { STATUS_CODES } from 'node:http';
import { ProblemException } from './problems.js';

function detailOf(error: HttpException): string {
  const status = error.getStatus();
  if (status === 404) return 'There is nothing at this address.';
  if (status === 400) return 'The request could not be read: it is not valid JSON.';
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

const shape = (status: number, detail: string): Problem => ({
  type: 'about:blank',
  title: STATUS_CODES[status] ?? 'Error',
  status,
  detail,
});
