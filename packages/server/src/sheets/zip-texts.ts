/** Named parts of a zip file as texts, read as streams and within limits: a few bytes may unpack to a great many. */
import { Unzip, UnzipInflate } from 'fflate';
import { SheetProblem } from './table-builder.js';

const slice = 1024;
/** Letters of all parts together. */
const mostUnpacked = 8_000_000;

/** Parts whose name, without folders, is one of those wanted. @throws SheetProblem where it is no zip file, or too much. */
export function zipTexts(bytes: Uint8Array, wanted: readonly string[]): Readonly<Record<string, string>> {
  // What is no zip file has no parts, and says nothing.
  if (bytes[0] !== 0x50 || bytes[1] !== 0x4b)
    throw new SheetProblem('This is no zip file. Choose the whole archive, as it was sent.');
  const texts: Record<string, string> = {};
  let unpacked = 0;
  let failure: Error | undefined;
  const unzip = new Unzip((file) => {
    const name = file.name.split('/').at(-1) ?? '';
    if (!wanted.includes(name) || name in texts) return;
    texts[name] = '';
    const decoder = new TextDecoder();
    file.ondata = (error, chunk, final) => {
      if (error) failure ??= error;
      if (failure) return;
      unpacked += chunk.length;
      if (unpacked > mostUnpacked)
        failure = new SheetProblem('This archive is too large. Send fewer classes at once.');
      else texts[name] += decoder.decode(chunk, { stream: !final });
    };
    file.start();
  });
  unzip.register(UnzipInflate);
  for (let at = 0; at < bytes.length && !failure; at += slice)
    unzip.push(bytes.subarray(at, at + slice), at + slice >= bytes.length);
  if (failure) throw failure;
  return texts;
}
