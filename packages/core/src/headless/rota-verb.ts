/** The verb `rota`: who is where when. */
import type { RotaFrom, RotaPin, RotaTask } from '../planning/rota-problem.js';
import { rota } from '../planning/rota.js';
import { LineError, listAt, objectAt, textAt, wholeAt, type Json, type JsonObject } from './line-shape.js';

const mostGroups = 60;
const mostTasks = 30;
const longestLesson = 600;

const minutesAt = (value: Json | undefined, where: string): number => {
  const minutes = wholeAt(value, where);
  if (minutes > longestLesson)
    throw new LineError(`${where} is ${minutes} minutes; at most ${longestLesson} are planned`);
  return minutes;
};

function taskAt(value: Json, where: string): RotaTask {
  const task = objectAt(value, where, ['id', 'attended', 'unattended', 'station']);
  return {
    id: textAt(task['id'], `${where}.id`),
    attended: minutesAt(task['attended'], `${where}.attended`),
    ...(task['unattended'] === undefined
      ? {}
      : { unattended: minutesAt(task['unattended'], `${where}.unattended`) }),
    station: textAt(task['station'], `${where}.station`),
  };
}
function pairAt(value: Json, where: string): [string, string] {
  const pair = listAt(value, where, 2, textAt);
  if (pair.length !== 2) throw new LineError(`${where} must be a pair [first, then]`);
  return [pair[0]!, pair[1]!];
}

function placesAt(given: Json | undefined, where: string): Record<string, number> {
  if (typeof given !== 'object' || given === null || Array.isArray(given))
    throw new LineError(`${where} must be an object of name: places`);
  return Object.fromEntries(
    Object.entries(given as JsonObject).map(([name, places]) => [
      name,
      wholeAt(places, `${where} ${name.slice(0, 40)}`),
    ]),
  );
}
function doneAt(value: Json, where: string): RotaPin {
  const done = objectAt(value, where, ['group', 'task', 'start']);
  return {
    group: wholeAt(done['group'], `${where}.group`),
    task: textAt(done['task'], `${where}.task`),
    start: minutesAt(done['start'], `${where}.start`),
  };
}
function fromAt(value: Json): RotaFrom {
  const from = objectAt(value, 'from', ['minute', 'done', 'places']);
  return {
    minute: minutesAt(from['minute'], 'from.minute'),
    done: listAt(from['done'], 'from.done', mostGroups * mostTasks, doneAt),
    ...(from['places'] === undefined ? {} : { places: placesAt(from['places'], 'from.places') }),
  };
}

/** Runs `rota` on one line. @throws LineError | RangeError with what is wrong. */
export function rotaVerb(line: JsonObject): object {
  objectAt(line, 'the line', [
    'id',
    'groups',
    'tasks',
    'stations',
    'lesson',
    'setUp',
    'clearUp',
    'before',
    'apart',
    'from',
  ]);
  const groups = wholeAt(line['groups'], 'groups');
  if (groups < 1 || groups > mostGroups)
    throw new LineError(`groups is ${groups}; from 1 to ${mostGroups} are planned`);
  const tasks = listAt(line['tasks'], 'tasks', mostTasks, taskAt);
  if (!tasks.length) throw new LineError('tasks is empty; give at least one task');
  const given = line['stations'];
  const found = rota({
    groups,
    tasks,
    stations: placesAt(given, 'stations'),
    lesson: minutesAt(line['lesson'], 'lesson'),
    setUp: minutesAt(line['setUp'], 'setUp'),
    clearUp: minutesAt(line['clearUp'], 'clearUp'),
    ...(line['before'] === undefined ? {} : { before: listAt(line['before'], 'before', 400, pairAt) }),
    ...(line['apart'] === undefined ? {} : { apart: listAt(line['apart'], 'apart', 100, pairAt) }),
    ...(line['from'] === undefined ? {} : { from: fromAt(line['from']) }),
  });
  // The proof is for whoever checks it in the project; a line stays short.
  return { ...found, proof: undefined };
}
