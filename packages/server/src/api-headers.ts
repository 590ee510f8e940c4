/** What every answer of the API says besides itself: it is not to be kept by anyone on the way. */
import type { NextFunction, Request, Response } from 'express';

export function apiHeaders(request: Request, response: Response, next: NextFunction): void {
  if (request.path.startsWith('/api/')) response.setHeader('Cache-Control', 'no-store');
  next();
}
