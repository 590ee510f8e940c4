/** The server's sentence for one field of a small form. */
import { RequestProblem } from './request.js';

export const fieldProblem = (error: unknown, field: string): string | undefined =>
  error instanceof RequestProblem ? error.fields.find((f) => f.field === field)?.detail : undefined;
