/** The verb `allocate`: who gets which unknown. */
import { allocate, type AllocationGroup, type AllocationSample } from '../planning/allocate.js';
import {
  LineError,
  listAt,
  numberAt,
  objectAt,
  textAt,
  wholeAt,
  type Json,
  type JsonObject,
} from './line-shape.js';

const mostGroups = 60;
const mostSamples = 60;

function groupAt(value: Json, where: string): AllocationGroup {
  const group = objectAt(value, where, ['id', 'bench']);
  const bench = listAt(group['bench'], `${where}.bench`, 2, numberAt);
  if (bench.length !== 2) throw new LineError(`${where}.bench must be [row, column]`);
  return { id: textAt(group['id'], `${where}.id`), bench: [bench[0]!, bench[1]!] };
}
function sampleAt(value: Json, where: string): AllocationSample {
  const sample = objectAt(value, where, ['id', 'difficulty', 'available']);
  const difficulty = numberAt(sample['difficulty'], `${where}.difficulty`);
  if (difficulty < 1 || difficulty > 5)
    throw new LineError(`${where}.difficulty is ${difficulty}; it runs from 1 to 5`);
  return {
    id: textAt(sample['id'], `${where}.id`),
    difficulty,
    ...(sample['available'] === undefined
      ? {}
      : { available: wholeAt(sample['available'], `${where}.available`) }),
  };
}
const distinct = (ids: readonly string[], what: string): void => {
  const twice = ids.find((id, i) => ids.indexOf(id) !== i);
  if (twice !== undefined) throw new LineError(`${what} names "${twice.slice(0, 60)}" twice`);
};

/** Runs `allocate` on one line. @throws LineError | RangeError with what is wrong. */
export function allocateVerb(line: JsonObject): object {
  objectAt(line, 'the line', ['id', 'groups', 'samples', 'perGroup', 'history']);
  const groups = listAt(line['groups'], 'groups', mostGroups, groupAt);
  const samples = listAt(line['samples'], 'samples', mostSamples, sampleAt);
  if (!groups.length) throw new LineError('groups is empty; give at least one group');
  distinct(
    groups.map((g) => g.id),
    'groups',
  );
  distinct(
    samples.map((s) => s.id),
    'samples',
  );
  const perGroup = wholeAt(line['perGroup'], 'perGroup');
  if (perGroup < 1) throw new LineError('perGroup is 0; each group gets at least one sample');
  const given = line['history'];
  if (given !== undefined && (typeof given !== 'object' || given === null || Array.isArray(given)))
    throw new LineError('history must be an object of group: [sample ids]');
  const history = Object.fromEntries(
    Object.entries((given ?? {}) as JsonObject).map(([group, ids]) => [
      group,
      listAt(ids, `history ${group.slice(0, 40)}`, 400, textAt),
    ]),
  );
  return allocate({ groups, samples, perGroup, history });
}
