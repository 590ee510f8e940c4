/** Which device a request comes from: a random mark in a cookie of its own, told apart from who is signed in. */
import { parse, serialize } from 'cookie';
import { createHash, randomBytes } from 'node:crypto';
import type { Request, Response } from 'express';

const deviceCookie = 'kivex_device';
/** Seconds a device keeps its mark: longer than a school year. */
const lasts = 400 * 24 * 60 * 60;

const hashOf = (text: string): string => createHash('sha256').update(text).digest('hex');

/**
 * The device a request comes from, as a hash. One without a mark is given one with the answer; until it brings it back
 * it is known by its address alone, so that throwing marks away gains nothing.
 */
export function deviceOf(request: Request, response: Response, secure: boolean): string {
  const mark = parse(request.headers.cookie ?? '')[deviceCookie];
  if (mark && /^[\w-]{32}$/.test(mark)) return hashOf(`device ${mark}`);
  response.append(
    'Set-Cookie',
    serialize(deviceCookie, randomBytes(24).toString('base64url'), {
      httpOnly: true,
      sameSite: 'strict',
      path: '/',
      maxAge: lasts,
      secure,
    }),
  );
  return hashOf(`address ${request.ip ?? 'unknown'}`);
}

/** What kind of browser this is, in a word or two, for its owner to know it by; nothing that would tell more. */
export function deviceWords(request: Request): string {
  const agent = request.headers['user-agent'] ?? '';
  const first = (kinds: readonly (readonly [RegExp, string])[]) =>
    kinds.find(([sign]) => sign.test(agent))?.[1];
  const browser = first([
    [/Firefox\//, 'Firefox'],
    [/Edg\//, 'Edge'],
    [/Chrom(e|ium)\//, 'Chrome'],
    [/Safari\//, 'Safari'],
  ]);
  const system = first([
    [/Android/, 'Android'],
    [/iPhone|iPad/, 'iPhone or iPad'],
    [/Windows/, 'Windows'],
    [/Mac OS/, 'Mac'],
    [/CrOS/, 'Chromebook'],
    [/Linux/, 'Linux'],
  ]);
  return [browser ?? 'a browser', system && `on ${system}`].filter(Boolean).join(' ');
}

/** Sets a session's cookie, before whatever else is set: programs that keep one cookie alone keep the one that counts. */
export function setFirst(response: Response, cookie: string): void {
  const others = response.getHeader('Set-Cookie');
  response.setHeader('Set-Cookie', [cookie, ...(others === undefined ? [] : [others].flat().map(String))]);
}
