import type { Response } from 'express';

/** Says that the answer is a file to be kept under this name. */
export function attachment(response: Response, name: string, type: string): void {
  const plain =
    name
      .normalize('NFKD')
      .replace(/[^\w .()-]/g, '')
      .trim() || 'kivex';
  response.setHeader('Content-Type', type);
  response.setHeader(
    'Content-Disposition',
    `attachment; filename="${plain}"; filename*=UTF-8''${encodeURIComponent(name)}`,
  );
}
