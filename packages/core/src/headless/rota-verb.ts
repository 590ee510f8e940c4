/** The verb `rota`: who is where when. */
import type { RotaTask } from '../planning/rota-problem.js';
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

/** Runs `rota` on one line. @throws LineError | RangeError with what is wrong. */
export function rotaVerb(line: JsonObject): object {
  objectAt(line, 'the line', ['id', 'groups', 'tasks', 'stations', 'lesson', 'setUp', 'clearUp', 'before']);
  const groups = wholeAt(line['groups'], 'groups');
  if (groups < 1 || groups > mostGroups)
    throw new LineError(`groups is ${groups}; from 1 to ${mostGroups} are planned`);
  const tasks = listAt(line['tasks'], 'tasks', mostTasks, taskAt);
  if (!tasks.length) throw new LineError('tasks is empty; give at least one task');
  const given = line['stations'];
  if (typeof given !== 'object' || given === null || Array.isArray(given))
    throw new LineError('stations must be an object of name: places');
  const stations = Object.fromEntries(
    Object.entries(given as JsonObject).map(([name, places]) => [
      name,
      wholeAt(places, `stations ${name.slice(0, 40)}`),
    ]),
  );
  return rota({
    groups,
    tasks,
    stations,
    lesson: minutesAt(line['lesson'], 'lesson'),
    setUp: minutesAt(line['setUp'], 'setUp'),
    clearUp: minutesAt(line['clearUp'], 'clearUp'),
    ...(line['before'] === undefined ? {} : { before: listAt(line['before'], 'before', 400, pairAt) }),
  });
}
