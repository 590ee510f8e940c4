/** Parts of a zip file read as streams: nothing is unpacked whole, and reading stops as soon as enough was seen. */
import { Unzip, UnzipInflate } from 'fflate';
import { SaxesParser, type SaxesTagPlain } from 'saxes';
import { SheetProblem } from './table-builder.js';

/** Bytes handed to the unpacker at once: they may become a thousand times as many. */
const slice = 1024;
/** Bytes of one part at most, unpacked; a part that is longer is no ordinary sheet's. */
const mostUnpacked = 60_000_000;

/** Names of the parts of a zip file. */
export function partsOf(bytes: Uint8Array): ReadonlySet<string> {
  const names = new Set<string>();
  const unzip = new Unzip((file) => names.add(file.name));
  unzip.register(UnzipInflate);
  push(unzip, bytes, () => false);
  return names;
}

function push(unzip: Unzip, bytes: Uint8Array, enough: () => boolean): void {
  for (let at = 0; at < bytes.length && !enough(); at += slice)
    unzip.push(bytes.subarray(at, at + slice), at + slice >= bytes.length);
}

export interface XmlHandlers {
  /** Local name of the element, without its prefix. */
  readonly open?: (name: string, attributes: Readonly<Record<string, string>>) => void;
  readonly close?: (name: string) => void;
  readonly text?: (text: string) => void;
  /** Has enough been seen? */
  readonly enough?: () => boolean;
}

const local = (name: string): string => name.slice(name.indexOf(':') + 1);

/** Reads one XML part of a zip file as a stream. @throws SheetProblem, or the parser's error for what is no XML. */
export function readXmlPart(
  bytes: Uint8Array,
  part: string,
  { open, close, text, enough }: XmlHandlers,
): void {
  const parser = new SaxesParser();
  let failure: Error | undefined;
  let unpacked = 0;
  let ended = false;
  parser.on('error', (error) => {
    failure ??= error;
  });
  // A sheet needs no document type, and what it could declare is how a few bytes become a great many.
  parser.on('doctype', () => {
    failure ??= new SheetProblem('This file cannot be read as a sheet.');
  });
  // A piece handed to the parser may go on beyond what was wanted.
  const done = () => ended || failure !== undefined || (enough?.() ?? false);
  if (open)
    parser.on('opentag', (tag) => {
      if (done()) return;
      const attributes: Record<string, string> = {};
      for (const [name, value] of Object.entries((tag as SaxesTagPlain).attributes))
        attributes[local(name)] = value;
      open(local(tag.name), attributes);
    });
  if (close)
    parser.on('closetag', (tag) => {
      if (!done()) close(local(tag.name));
    });
  if (text) {
    const told = (part: string) => {
      if (!done()) text(part);
    };
    parser.on('text', told);
    parser.on('cdata', told);
  }
  const decoder = new TextDecoder();
  const unzip = new Unzip((file) => {
    if (file.name !== part || unpacked) return;
    file.ondata = (error, chunk, final) => {
      if (error) failure ??= error;
      if (done()) return;
      unpacked += chunk.length;
      if (unpacked > mostUnpacked) {
        failure = new SheetProblem('This sheet is too large. Bring it in parts.');
        return;
      }
      parser.write(decoder.decode(chunk, { stream: !final }));
      ended = final;
    };
    file.start();
  });
  unzip.register(UnzipInflate);
  push(unzip, bytes, done);
  if (failure) throw failure;
}
