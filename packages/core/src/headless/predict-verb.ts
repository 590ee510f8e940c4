/** The verb `predict`: what a tube shows as reagents are added. */
import { predict, type Addition } from '../equilibrium/predict.js';
import { LineError, listAt, numberAt, objectAt, textAt, type Json, type JsonObject } from './line-shape.js';

const mostSteps = 50;
const mostIons = 30;

function ionsAt(value: Json | undefined, where: string): Record<string, number> {
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    throw new LineError(`${where} must be an object of ion: mol/dm3`);
  const entries = Object.entries(value as JsonObject);
  if (entries.length > mostIons)
    throw new LineError(`${where} has ${entries.length} entries; at most ${mostIons} are taken`);
  return Object.fromEntries(
    entries.map(([ion, amount]) => [ion, numberAt(amount, `${where} ${ion.slice(0, 40)}`)]),
  );
}

function additionAt(value: Json, where: string): Addition {
  const step = objectAt(value, where, ['add', 'molarity', 'volume_mL']);
  return {
    add: textAt(step['add'], `${where}.add`),
    molarity: numberAt(step['molarity'], `${where}.molarity`),
    volume_mL: numberAt(step['volume_mL'], `${where}.volume_mL`),
  };
}

/** Runs `predict` on one line. @throws LineError | RangeError with what is wrong. */
export function predictVerb(line: JsonObject): object {
  objectAt(line, 'the line', ['id', 'sample', 'steps', 'visible_M']);
  const sample = objectAt(line['sample'], 'sample', ['ions', 'volume_mL']);
  const steps = listAt(line['steps'], 'steps', mostSteps, additionAt);
  return {
    after: predict(
      {
        ions: ionsAt(sample['ions'], 'sample.ions'),
        volume_mL: numberAt(sample['volume_mL'], 'sample.volume_mL'),
      },
      steps,
      ...(line['visible_M'] === undefined ? [] : [numberAt(line['visible_M'], 'visible_M')]),
    ),
  };
}
