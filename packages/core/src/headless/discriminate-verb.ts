/** The verb `discriminate`: which samples tests can tell apart. */
import { discriminate, type DiscriminateSample } from '../reasoning/discriminate.js';
import { isTestId } from '../identification-tests/tests.js';
import { LineError, listAt, objectAt, oneOfAt, textAt, type Json, type JsonObject } from './line-shape.js';
import { speciesAt } from './shared-shapes.js';

const mostSamples = 60;

function idsAt(value: Json | undefined, where: string): string[] {
  const ids = listAt(value, where, 8, speciesAt);
  if (!ids.length) throw new LineError(`${where} is empty; name what it holds`);
  return ids;
}
function sampleAt(value: Json, where: string): DiscriminateSample {
  if (Array.isArray(value)) return { ions: idsAt(value, where) };
  const object = objectAt(value, where, ['ions', 'form']);
  return {
    ions: idsAt(object['ions'], `${where}.ions`),
    ...(object['form'] === undefined
      ? {}
      : { form: oneOfAt(object['form'], `${where}.form`, ['solid', 'solution', 'gas', 'metal'] as const) }),
  };
}

/** Runs `discriminate` on one line. @throws LineError with what is wrong. */
export function discriminateVerb(line: JsonObject): object {
  objectAt(line, 'the line', ['id', 'samples', 'tests']);
  const samples = listAt(line['samples'], 'samples', mostSamples, sampleAt);
  if (!samples.length) throw new LineError('samples is empty; give at least one sample');
  const tests = listAt(line['tests'], 'tests', 60, (value, where) => {
    const id = textAt(value, where);
    if (!isTestId(id))
      throw new LineError(`${where} is "${id.slice(0, 60)}", which is not a test Kivex knows`);
    return id;
  });
  return discriminate(samples, tests);
}
