/** The verb `flame`: the colour a flame shows. */
import { flameColour } from '../flame/flame-colour.js';
import { isAnionId, isCationId } from '../species/species.js';
import { LineError, numberAt, objectAt, type JsonObject } from './line-shape.js';

/** Runs `flame` on one line. @throws LineError | RangeError with what is wrong. */
export function flameVerb(line: JsonObject): object {
  objectAt(line, 'the line', ['id', 'ions', 'glass', 'luminous']);
  const ions = line['ions'];
  if (typeof ions !== 'object' || ions === null || Array.isArray(ions))
    throw new LineError('ions must be an object of ion: relative amount');
  const amounts: Record<string, number> = {};
  for (const [ion, amount] of Object.entries(ions as JsonObject)) {
    if (!isCationId(ion) && !isAnionId(ion))
      throw new LineError(`ions has "${ion.slice(0, 60)}", which is not an ion; write it like K+`);
    amounts[ion] = numberAt(amount, `ions ${ion}`);
  }
  if (!Object.keys(amounts).length) throw new LineError('ions is empty; name at least one ion');
  const { glass, luminous } = line;
  if (glass !== undefined && typeof glass !== 'boolean') throw new LineError('glass must be true or false');
  return flameColour({
    ions: amounts,
    ...(glass === undefined ? {} : { glass }),
    ...(luminous === undefined ? {} : { luminous: numberAt(luminous, 'luminous') }),
  });
}
