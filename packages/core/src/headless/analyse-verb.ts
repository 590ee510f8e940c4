/** The verb `analyse`: what a class's records tell together. */
import { analyse, type ClassRecord } from '../diagnosis/analyse.js';
import { isTestId } from '../identification-tests/tests.js';
import { isGasId, isMetalId } from '../species/species.js';
import { LineError, listAt, objectAt, textAt, type Json, type JsonObject } from './line-shape.js';
import { ionAt, observationsAt, speciesAt } from './shared-shapes.js';

function testAt(value: Json, where: string): string {
  const id = textAt(value, where);
  if (!isTestId(id))
    throw new LineError(`${where} is "${id.slice(0, 60)}", which is not a test Kivex can reason about`);
  return id;
}
const oneOf =
  (is: (id: string) => boolean, what: string) =>
  (value: Json, where: string): string => {
    const id = textAt(value, where);
    if (!is(id)) throw new LineError(`${where} is "${id.slice(0, 60)}", which is no ${what} Kivex knows`);
    return id;
  };
const parts = { cation: ionAt, anion: ionAt, gas: oneOf(isGasId, 'gas'), metal: oneOf(isMetalId, 'metal') };

function namedAt(value: Json | undefined, where: string): NonNullable<ClassRecord['named']> | null {
  if (value === undefined || value === null) return null;
  const given = objectAt(value, where, Object.keys(parts));
  return Object.fromEntries(
    Object.entries(parts).map(([part, read]) => {
      const said = given[part];
      return [part, said === undefined || said === null ? null : read(said, `${where}.${part}`)];
    }),
  );
}

/** Runs `analyse` on one line. @throws LineError with what is wrong. */
export function analyseVerb(line: JsonObject): object {
  objectAt(line, 'the line', ['id', 'tests', 'groups']);
  const tests = listAt(line['tests'] ?? null, 'tests', 40, testAt);
  const known = new Set<string>();
  const groups = listAt(line['groups'] ?? null, 'groups', 200, (item, where): ClassRecord => {
    const given = objectAt(item, where, ['group', 'sample', 'observations', 'named']);
    const group = given['group'];
    if (typeof group !== 'number' && typeof group !== 'string')
      throw new LineError(`${where}.group must be a number or a text`);
    if (known.has(String(group))) throw new LineError(`${where}.group is ${group}, which stands twice`);
    known.add(String(group));
    const sample = listAt(given['sample'] ?? null, `${where}.sample`, 8, speciesAt);
    if (!sample.length) throw new LineError(`${where}.sample is empty; name what it holds`);
    return {
      group,
      sample,
      observations: observationsAt(given['observations'] ?? null, `${where}.observations`),
      named: namedAt(given['named'], `${where}.named`),
    };
  });
  for (const [i, { observations }] of groups.entries())
    for (const { test } of observations)
      if (!tests.includes(test))
        throw new LineError(`groups[${i}] has an observation of "${test}", which is not among tests`);
  const { items, confusion, diagnoses } = analyse(tests, groups);
  const rounded = (x: number) => Math.round(x * 1e6) / 1e6;
  return {
    items: items.map((item) => ({ ...item, facility: rounded(item.facility) })),
    confusion,
    diagnoses: diagnoses.map(({ kind, test, tests: all, groups: shown, p, text }) => ({
      kind,
      test,
      ...(all.length > 1 ? { tests: all } : {}),
      groups: shown,
      p: rounded(p),
      text,
    })),
  };
}
