/** The verb `identify`: from observations to what the sample may hold. */
import { identify, type Candidates } from '../reasoning/identify.js';
import { ionOf, isGasId } from '../species/species.js';
import { LineError, listAt, objectAt, textAt, type Json, type JsonObject } from './line-shape.js';
import { ionAt, observationsAt } from './shared-shapes.js';

const charged =
  (sign: 1 | -1) =>
  (value: Json, where: string): string => {
    const id = ionAt(value, where);
    if (Math.sign(ionOf(id).charge) !== sign)
      throw new LineError(`${where} is ${id}, which is not ${sign > 0 ? 'a cation' : 'an anion'}`);
    return id;
  };

function candidatesAt(value: Json | undefined): Candidates {
  const given = objectAt(value, 'candidates', ['cations', 'anions', 'salts', 'gases']);
  if (given['salts'] !== undefined) {
    objectAt(value, 'candidates', ['salts']);
    return {
      salts: listAt(given['salts'], 'candidates.salts', 400, (salt, where) => {
        const ions = listAt(salt, where, 4, ionAt);
        if (!ions.length) throw new LineError(`${where} is empty; name its ions`);
        return ions;
      }),
    };
  }
  if (given['gases'] !== undefined) {
    objectAt(value, 'candidates', ['gases']);
    return {
      gases: listAt(given['gases'], 'candidates.gases', 40, (item, where) => {
        const id = textAt(item, where);
        if (!isGasId(id))
          throw new LineError(`${where} is "${id.slice(0, 60)}", which is not a gas Kivex knows`);
        return id;
      }),
    };
  }
  return {
    cations:
      given['cations'] === undefined ? [] : listAt(given['cations'], 'candidates.cations', 40, charged(1)),
    anions:
      given['anions'] === undefined ? [] : listAt(given['anions'], 'candidates.anions', 40, charged(-1)),
  };
}

/** Runs `identify` on one line. @throws LineError | RangeError with what is wrong. */
export function identifyVerb(line: JsonObject): object {
  objectAt(line, 'the line', ['id', 'candidates', 'observations']);
  return identify(candidatesAt(line['candidates']), observationsAt(line['observations'], 'observations'));
}
