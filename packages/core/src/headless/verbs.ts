/**
 * The headless core: JSON Lines in, one JSON line out for each, in order. Everything Kivex computes
 * can be called this way, without a browser, server or database.
 */
import { actVerb } from './act-verb.js';
import { allocateVerb } from './allocate-verb.js';
import { analyseVerb } from './analyse-verb.js';
import { discriminateVerb } from './discriminate-verb.js';
import { equationVerb } from './equation-verb.js';
import { flameVerb } from './flame-verb.js';
import { gasVerb } from './gas-verb.js';
import { identifyVerb } from './identify-verb.js';
import type { Json, JsonObject } from './line-shape.js';
import { markVerb } from './mark-verb.js';
import { predictVerb } from './predict-verb.js';
import { prepareVerb } from './prepare-verb.js';
import { reactionVerb } from './reaction-verb.js';
import { rotaVerb } from './rota-verb.js';

/** The verbs by name. */
export const verbs: Readonly<Record<string, (line: JsonObject) => object>> = {
  mark: markVerb,
  equation: equationVerb,
  reaction: reactionVerb,
  predict: predictVerb,
  flame: flameVerb,
  prepare: prepareVerb,
  gas: gasVerb,
  allocate: allocateVerb,
  rota: rotaVerb,
  identify: identifyVerb,
  discriminate: discriminateVerb,
  analyse: analyseVerb,
  act: actVerb,
};

/** Longest line read, in characters; more than any real one by far. */
const longestLine = 1_000_000;

/**
 * Answers one line.
 * @returns the JSON text to print and whether the line failed.
 */
export function answerLine(
  verb: (line: JsonObject) => object,
  raw: string,
): { readonly text: string; readonly failed: boolean } {
  let id: Json = null;
  try {
    if (raw.length > longestLine)
      throw new RangeError(`the line has ${raw.length} characters; at most ${longestLine} are read`);
    let line: Json;
    try {
      line = JSON.parse(raw) as Json;
    } catch {
      throw new RangeError('the line is not JSON');
    }
    if (typeof line !== 'object' || line === null || Array.isArray(line))
      throw new RangeError('the line must be a JSON object');
    const object = line as JsonObject;
    id = typeof object['id'] === 'string' || typeof object['id'] === 'number' ? object['id'] : null;
    return { text: JSON.stringify({ id, ...verb(object) }), failed: false };
  } catch (error) {
    const said =
      error instanceof RangeError && error.message.includes('call stack')
        ? 'the line is nested too deeply'
        : (error as Error).message;
    return { text: JSON.stringify({ id, error: said }), failed: true };
  }
}
