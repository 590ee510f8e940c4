/** What must be done when before a lesson: solutions, samples, soaking and settling, labels, setting out. */
import { isDoneOn } from '../practicals/evidence.js';
import { methodOf } from '../practicals/method.js';
import type { Practical } from '../practicals/practical.js';
import type { LessonNeeds } from './lesson-needs.js';
import { formulaInText, recipeText } from './recipe-text.js';

export interface PrepTask {
  /** Stable over recomputation, so that a tick stays with its task. */
  readonly key: string;
  readonly text: string;
  /** Hours before the lesson begins by which it must be begun. */
  readonly hoursBefore: number;
  readonly kind: 'make' | 'method' | 'label' | 'set-out' | 'after';
}

/** When a lead time falls, in words. */
export function leadTime(hoursBefore: number): string {
  if (hoursBefore < 0) return 'after the lesson';
  if (hoursBefore === 0) return 'just before';
  if (hoursBefore < 4) return 'on the day';
  if (hoursBefore <= 18) return 'overnight';
  if (hoursBefore <= 24) return 'the day before';
  return `${Math.ceil(hoursBefore / 24)} days before`;
}

/** The due moment of a task. @param startsAt ISO 8601 */
export const dueAt = (startsAt: string, hoursBefore: number): string =>
  new Date(Date.parse(startsAt) - hoursBefore * 3_600_000).toISOString();

/** Checks that belong to the prep room whatever is made. */
const labelHours = 24;
const orderHours = 7 * 24;

/** What the store calls it, or its formula where the store has none of it. */
const shown = (name: string): string => (/^[A-Z(][A-Za-z0-9().]*$/.test(name) ? formulaInText(name) : name);

const missing = (needs: LessonNeeds): string[] =>
  [...needs.reagents, ...needs.samples].flatMap(({ recipes }) => {
    const best = recipes[0];
    return best && 'from' in best && !best.from.enough ? [shown(best.from.name)] : [];
  });

/** The tasks of a lesson, first due first; the same thing is never asked twice. */
export function prepTasks(practical: Practical, needs: LessonNeeds): PrepTask[] {
  const tasks: PrepTask[] = [];
  const lacking = [...new Set(missing(needs))];
  if (lacking.length)
    tasks.push({
      key: 'order',
      kind: 'make',
      hoursBefore: orderHours,
      text: `Order, or find another source: ${lacking.join(', ')}. The store does not hold enough within its date.`,
    });
  for (const need of needs.reagents) {
    const recipe = need.recipes[0];
    tasks.push({
      key: `reagent:${need.key}`,
      kind: 'make',
      hoursBefore: need.hoursBefore,
      text: `${need.name}: ${recipe ? recipeText(recipe) : 'as supplied'}.`,
    });
  }
  for (const need of needs.samples.filter((s) => s.portions > 0)) {
    const recipe = need.recipes[0];
    tasks.push({
      key: `sample:${need.key}`,
      kind: 'make',
      hoursBefore: need.hoursBefore,
      text: `${need.holds}${need.molarity === null ? '' : `, ${need.molarity} mol/dm³`}: ${recipe ? recipeText(recipe) : 'as supplied'}.`,
    });
  }
  const seen = new Set<string>();
  for (const planned of practical.tests)
    for (const { task, hoursBefore, whenHolds } of methodOf(planned).preparations) {
      if (whenHolds && !practical.samples.some((s) => s.ions.includes(whenHolds) && isDoneOn(planned, s)))
        continue;
      if (seen.has(task)) continue;
      seen.add(task);
      tasks.push({ key: `method:${planned.test}:${task}`, kind: 'method', hoursBefore, text: `${task}.` });
    }
  tasks.push(
    {
      key: 'labels',
      kind: 'label',
      hoursBefore: labelHours,
      text: 'Print the labels; label one bottle at a time, and look-alikes against their test.',
    },
    {
      key: 'set-out',
      kind: 'set-out',
      hoursBefore: 1,
      text: 'Set out the benches by the apparatus list; try each reagent once on a known.',
    },
    {
      key: 'waste',
      kind: 'after',
      hoursBefore: -2,
      text: 'Collect the waste bottles, rinse the plates, write down what was left over.',
    },
  );
  return tasks.sort((a, b) => b.hoursBefore - a.hoursBefore);
}
