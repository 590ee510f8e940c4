/** The verb `act`: a bench, what is done at it, and what each action lets one see. */
import type { Action } from '../bench-model/actions.js';
import { actionShapes } from '../bench-model/act-schema.js';
import { ScreenBench } from '../bench-model/bench.js';
import type { BenchSetUp } from '../bench-model/bench-state.js';
import { sampleOfSpecies, type SampleState, type TrueSample } from '../bench-model/samples.js';
import { isGasId, isMetalId } from '../species/species.js';
import {
  LineError,
  listAt,
  numberAt,
  objectAt,
  oneOfAt,
  textAt,
  wholeAt,
  type Json,
  type JsonObject,
} from './line-shape.js';

const mostActions = 200;
const mostSamples = 20;
const forms = ['solution', 'solid', 'lumps'] as const;

const flagAt = (value: Json | undefined, where: string): boolean => {
  if (typeof value !== 'boolean') throw new LineError(`${where} must be true or false`);
  return value;
};
const anyObjectAt = (value: Json | undefined, where: string, most: number): [string, Json][] => {
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    throw new LineError(`${where} must be an object`);
  const entries = Object.entries(value as JsonObject);
  if (entries.length > most)
    throw new LineError(`${where} has ${entries.length} entries; at most ${most} are taken`);
  return entries;
};
const amountsAt = (value: Json | undefined, where: string): Record<string, number> =>
  Object.fromEntries(
    anyObjectAt(value, where, 30).map(([id, n]) => [id, numberAt(n, `${where} ${id.slice(0, 40)}`)]),
  );

/** A jar's contents. @throws LineError | RangeError */
export function sampleAt(value: Json | undefined, where: string): TrueSample {
  if (Array.isArray(value)) return sampleOfSpecies(listAt(value, where, 2, textAt));
  const object = objectAt(value, where, ['ions', 'form', 'molarity', 'gas', 'metal', 'clean']);
  if (object['gas'] !== undefined) {
    const gas = textAt(object['gas'], `${where}.gas`);
    if (!isGasId(gas))
      throw new LineError(
        `${where}.gas is "${gas.slice(0, 60)}", which is no gas Kivex knows; write it like CO2`,
      );
    return { kind: 'gas', gas };
  }
  if (object['metal'] !== undefined) {
    const metal = textAt(object['metal'], `${where}.metal`);
    if (!isMetalId(metal))
      throw new LineError(
        `${where}.metal is "${metal.slice(0, 60)}", which is no metal Kivex knows; write it like Mg`,
      );
    return {
      kind: 'metal',
      metal,
      clean: object['clean'] === undefined ? true : flagAt(object['clean'], `${where}.clean`),
    };
  }
  const form: SampleState =
    object['form'] === undefined ? 'solution' : oneOfAt(object['form'], `${where}.form`, forms);
  const { ions } = object;
  if (Array.isArray(ions)) {
    const molarity =
      object['molarity'] === undefined ? 0.1 : numberAt(object['molarity'], `${where}.molarity`);
    return sampleOfSpecies(
      listAt(ions, `${where}.ions`, 2, textAt),
      form,
      form === 'solution' ? molarity : 1,
    );
  }
  if (object['molarity'] !== undefined)
    throw new LineError(`${where}.molarity goes with ions as a list; the object gives each ion its own`);
  return { kind: 'ions', ions: amountsAt(ions, `${where}.ions`), form };
}

function actionAt(value: Json, where: string): Action {
  const name = textAt(objectAtLoosely(value, where)['do'], `${where}.do`);
  const shape = Object.hasOwn(actionShapes, name) ? actionShapes[name] : undefined;
  if (!shape)
    throw new LineError(
      `${where}.do is "${name.slice(0, 60)}"; it may be ${Object.keys(actionShapes).join(', ')}`,
    );
  const action = objectAt(value, where, ['do', ...Object.keys(shape.fields)]);
  for (const key of shape.required ?? [])
    if (action[key] === undefined) throw new LineError(`${where}.${key} is missing for ${name}`);
  for (const [key, field] of Object.entries(shape.fields)) {
    const given = action[key];
    if (given === undefined) continue;
    const at = `${where}.${key}`;
    if (field.enum) oneOfAt(given, at, field.enum);
    else if (field.type === 'boolean') flagAt(given, at);
    else if (field.type === 'string') textAt(given, at);
    else {
      const n = numberAt(given, at);
      if (n < (field.minimum ?? -Infinity) || n > (field.maximum ?? Infinity))
        throw new LineError(`${at} is ${n}; it runs from ${field.minimum} to ${field.maximum}`);
    }
  }
  return action as unknown as Action;
}
const objectAtLoosely = (value: Json, where: string): JsonObject => {
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    throw new LineError(`${where} must be an object`);
  return value as JsonObject;
};

/** Actions as they were sent, each held to the published schema. @throws LineError with what is wrong and where */
export const readActions = (value: unknown): Action[] =>
  listAt(value as Json, 'actions', mostActions, actionAt);

/** The bench a line sets up. @throws LineError | RangeError */
export function benchSetUpAt(line: JsonObject): BenchSetUp {
  const more = line['more'] === undefined ? [] : anyObjectAt(line['more'], 'more', mostSamples);
  const bottles = line['bottles'] === undefined ? [] : anyObjectAt(line['bottles'], 'bottles', 30);
  const flags = Object.fromEntries(
    (['sodiumAbout', 'airHoleOpen', 'goggles', 'fumeCupboard'] as const).flatMap((key) =>
      line[key] === undefined ? [] : [[key, flagAt(line[key], key)]],
    ),
  );
  return {
    samples: {
      sample: sampleAt(line['sample'], 'sample'),
      ...Object.fromEntries(
        more.map(([name, value]) => [name, sampleAt(value, `more.${name.slice(0, 40)}`)]),
      ),
    },
    bottles: Object.fromEntries(
      bottles.map(([name, value]) => {
        const where = `bottles.${name.slice(0, 40)}`;
        const fault = objectAt(value, where, ['old', 'holds', 'traces']);
        return [
          name,
          {
            ...(fault['old'] === undefined ? {} : { old: flagAt(fault['old'], `${where}.old`) }),
            ...(fault['holds'] === undefined ? {} : { holds: textAt(fault['holds'], `${where}.holds`) }),
            ...(fault['traces'] === undefined
              ? {}
              : { traces: amountsAt(fault['traces'], `${where}.traces`) }),
          },
        ];
      }),
    ),
    ...flags,
    ...(line['seed'] === undefined ? {} : { seed: wholeAt(line['seed'], 'seed') }),
  };
}

/** Runs `act` on one line. @throws LineError | RangeError with what is wrong and at which action. */
export function actVerb(line: JsonObject): object {
  objectAt(line, 'the line', [
    'id',
    'sample',
    'more',
    'bottles',
    'sodiumAbout',
    'airHoleOpen',
    'goggles',
    'fumeCupboard',
    'seed',
    'actions',
  ]);
  const actions = listAt(line['actions'], 'actions', mostActions, actionAt);
  const bench = new ScreenBench(benchSetUpAt(line));
  const after = actions.map((action, i) => {
    try {
      return bench.act(action);
    } catch (error) {
      throw error instanceof RangeError ? new RangeError(`actions[${i}]: ${error.message}`) : error;
    }
  });
  return { after, slips: bench.afterwards() };
}
