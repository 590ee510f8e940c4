/** A sheet that was sent as the bytes it is. */
import type { Request } from 'express';
import { badInput } from '../problems/problems.js';
import { mostBytes } from './sheet-kinds.js';

/** @throws ProblemException 422 when there is nothing, or too much. */
export function uploadedSheet(request: Request): Uint8Array {
  const bytes = Buffer.isBuffer(request.body) ? new Uint8Array(request.body) : new Uint8Array();
  if (!bytes.length) throw badInput('The file is empty. Choose another.', 'file');
  if (bytes.length > mostBytes) throw badInput('This file is larger than 2 MB. Bring it in parts.', 'file');
  return bytes;
}
