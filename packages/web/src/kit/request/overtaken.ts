import { RequestProblem } from './request.js';

/** Was a change refused because somebody else had saved meanwhile? A name that is taken is refused at its own field. */
export const isOvertaken = (error: unknown): boolean =>
  error instanceof RequestProblem && error.status === 409 && error.fields.some((f) => f.field === 'from');
