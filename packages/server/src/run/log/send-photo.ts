/** A picture as an answer: shown, never run, never kept by what lies between. */
import { StreamableFile } from '@nestjs/common';
import type { Response } from 'express';

export function sendPhoto(response: Response, jpeg: Buffer): StreamableFile {
  response.setHeader('Content-Type', 'image/jpeg');
  response.setHeader('X-Content-Type-Options', 'nosniff');
  response.setHeader('Content-Security-Policy', "default-src 'none'; sandbox");
  return new StreamableFile(jpeg);
}
