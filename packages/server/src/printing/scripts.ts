/**
 * Names in every script: what the app's own typeface lacks is set in fonts that ship with Kivex (Noto Sans, SIL Open
 * Font License). Texts anywhere in a document are split into runs, each in the first font that has its signs; words
 * written from right to left stand in that order.
 */
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import * as fontkit from 'fontkit';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const require = createRequire(import.meta.url);
const shipped = fileURLToPath(new URL('../../fonts', import.meta.url));
const ownFolder = (name: string): string =>
  join(dirname(require.resolve(`@fontsource/${name}/package.json`)), 'files');
const next = 'atkinson-hyperlegible-next';
const mono = 'atkinson-hyperlegible-mono';

export interface FontFiles {
  readonly normal: string;
  readonly bold: string;
}
const one = (file: string): FontFiles => ({ normal: join(shipped, file), bold: join(shipped, file) });
const own = (name: string, part: string): FontFiles => ({
  normal: join(ownFolder(name), `${name}-${part}-400-normal.woff`),
  bold: join(ownFolder(name), `${name}-${part}-700-normal.woff`),
});

/** Every family by its name in documents: the app's own first, then what they fall back to, in order. */
export const fonts: Readonly<Record<string, FontFiles>> = {
  Atkinson: own(next, 'latin'),
  Mono: own(mono, 'latin'),
  AtkinsonExt: own(next, 'latin-ext'),
  Latin: one('noto-sans-latin-ext-400-normal.woff'),
  Vietnamese: one('noto-sans-vietnamese-400-normal.woff'),
  Cyrillic: one('noto-sans-cyrillic-400-normal.woff'),
  CyrillicExt: one('noto-sans-cyrillic-ext-400-normal.woff'),
  Greek: one('noto-sans-greek-400-normal.woff'),
  Hebrew: one('noto-sans-hebrew-400-normal.woff'),
  Arabic: one('noto-sans-arabic-400-normal.woff'),
  Devanagari: one('noto-sans-devanagari-400-normal.woff'),
  Chinese: one('noto-sans-sc-400-normal.woff'),
};
const fallbacks = Object.keys(fonts).slice(2);

const signsIn = new Map<string, ReadonlySet<number>>();
/** The signs a family has; read from its file when first asked for. */
function signsOf(family: string): ReadonlySet<number> {
  let signs = signsIn.get(family);
  if (!signs) {
    signs = new Set((fontkit.openSync(fonts[family]!.normal) as fontkit.Font).characterSet);
    signsIn.set(family, signs);
  }
  return signs;
}

const rightToLeft = /[\p{Script=Arabic}\p{Script=Hebrew}]/u;
/** Signs that belong to the one before them, whatever font it is in: accents, joiners, variation selectors. */
const joins = /\p{Mn}|\p{Me}|\u200C|\u200D|\uFE0F/u;

export interface Run {
  readonly text: string;
  /** Undefined where the document's own font has it. */
  readonly font?: string;
}

/** Splits a word into runs by font. A sign no font has is shown as a question mark rather than as nothing. */
function runsIn(word: string, base: string): Run[] {
  const runs: { text: string; font?: string }[] = [];
  for (const sign of word) {
    const code = sign.codePointAt(0)!;
    const last = runs.at(-1);
    if (last && joins.test(sign) && signsOf(last.font ?? base).has(code)) {
      last.text += sign;
      continue;
    }
    const font = signsOf(base).has(code) ? undefined : fallbacks.find((family) => signsOf(family).has(code));
    const known = font !== undefined || signsOf(base).has(code);
    const shown = known ? sign : joins.test(sign) ? '' : '?';
    if (last && last.font === font) last.text += shown;
    else runs.push({ text: shown, ...(font ? { font } : {}) });
  }
  return runs;
}

/**
 * A text as runs, each in a font that has its signs.
 * @param base the font the text stands in. @returns undefined where that font has them all.
 */
export function inScripts(text: string, base = 'Atkinson'): Run[] | undefined {
  const signs = signsOf(base);
  if ([...text].every((sign) => signs.has(sign.codePointAt(0)!) || /\s/.test(sign))) return undefined;
  const parts = text.split(/(\s+)/u).filter(Boolean);
  // Words from right to left that follow one another stand the other way round; the lines they are set in run left to right.
  const placed: string[] = [];
  for (let i = 0; i < parts.length;) {
    let end = i;
    while (end < parts.length && rightToLeft.test(parts[end]!)) end += 2;
    if (end > i) placed.push(...parts.slice(i, end - 1).reverse());
    else placed.push(parts[i]!);
    i = end > i ? end - 1 : i + 1;
  }
  return placed
    .flatMap((part) => (/^\s+$/.test(part) ? [{ text: part }] : runsIn(part, base)))
    .reduce<Run[]>((runs, run) => {
      const last = runs.at(-1);
      if (last && last.font === run.font) runs[runs.length - 1] = { ...last, text: last.text + run.text };
      else runs.push(run);
      return runs;
    }, []);
}

type Node = Record<string, unknown>;

/** The same content with every text in fonts that have its signs. */
function dressed(node: unknown, base: string): unknown {
  if (typeof node === 'string') {
    const runs = inScripts(node, base);
    return runs ? { text: runs } : node;
  }
  if (Array.isArray(node)) return node.map((one) => dressed(one, base));
  if (typeof node !== 'object' || node === null) return node;
  const own = node as Node;
  const font = typeof own['font'] === 'string' ? own['font'] : base;
  const out: Node = { ...own };
  const { text } = own;
  if (typeof text === 'string') {
    const runs = inScripts(text, font);
    if (runs) out['text'] = runs.map((run) => ({ ...run }));
  } else if (Array.isArray(text)) out['text'] = text.map((part) => dressed(part, font));
  for (const key of ['stack', 'columns', 'ul', 'ol'] as const)
    if (Array.isArray(own[key])) out[key] = (own[key] as unknown[]).map((one) => dressed(one, font));
  const { table } = own as { table?: { body?: unknown[][] } };
  if (table?.body)
    out['table'] = { ...table, body: table.body.map((row) => row.map((cell) => dressed(cell, font))) };
  return out;
}

/** A document whose texts may be in any script. */
export function withScripts(document: TDocumentDefinitions): TDocumentDefinitions {
  const base = typeof document.defaultStyle?.font === 'string' ? document.defaultStyle.font : 'Atkinson';
  const { footer } = document;
  return {
    ...document,
    content: dressed(document.content, base) as Content,
    ...(typeof footer === 'function'
      ? { footer: (...page: Parameters<typeof footer>) => dressed(footer(...page), base) as Content }
      : {}),
  };
}
