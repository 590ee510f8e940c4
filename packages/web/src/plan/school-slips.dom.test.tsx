import { describe, expect, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import { rehearsalPlanOf } from '../lessons/rehearsal-plan-of.js';
import { lessonOf, salt } from '../testing/lesson-fixture.js';
import { faults, show } from '../testing/show.js';
import { RehearsalPanel } from './RehearsalPanel.js';
import { ownSlips, ownWords, withSlips } from './school-slips.js';

const lesson = lessonOf(salt);
const plan = rehearsalPlanOf(lesson);
const school = { factor: 1.42, names: 96, lessons: 3, pace: 1.2, groups: 30, runs: 0 };

describe('the rate of slips of a rehearsal', () => {
  test('is the school’s own where lessons count and it is wanted, else the usual', () => {
    const whole = { ...plan, runs: 10, seed: 1 };
    expect(withSlips(whole, school, false)).toMatchObject({ slipFactor: 1.42, paceFactor: 1.2 });
    expect(ownWords({ ...school, groups: 0 })).not.toMatch(/minutes/);
    expect(ownWords({ ...school, groups: 0, runs: 24 })).toMatch(
      /from 3 lessons with 96 names and 24 runs on screen$/,
    );
    expect(ownWords({ ...school, lessons: 0, names: 0, groups: 0, runs: 1 })).toMatch(
      /from one run on screen$/,
    );
    expect(ownSlips({ ...school, lessons: 0, names: 0, runs: 1 })).toBeDefined();
    expect(withSlips(whole, school, true)).toBe(whole);
    expect(withSlips(whole, undefined, false)).toBe(whole);
    expect([
      ownSlips(undefined),
      ownSlips({ factor: 1, names: 0, lessons: 0, pace: 1, groups: 0, runs: 0 }),
      ownSlips(school),
    ]).toEqual([undefined, undefined, school]);
  });
  const panel = (slips: object) =>
    show(<RehearsalPanel plan={plan} practical={lesson.practical} />, {
      server: { 'GET /api/school/slips': slips },
    });
  test('is said, with what it rests on, and can be put off', async () => {
    const { user } = panel(school);
    const box = await screen.findByRole<HTMLInputElement>('checkbox', {
      name: 'Slips as in this school: 1.4 times the usual, from 3 lessons with 96 names; 1.2 times the minutes, from 30 groups',
    });
    expect(box.checked).toBe(true);
    await user.click(box);
    expect(box.checked).toBe(false);
    expect(await faults()).toEqual([]);
  });
  test('is not spoken of where no lesson counts', async () => {
    panel({ factor: 1, names: 0, lessons: 0, pace: 1, groups: 0, runs: 0 });
    expect(await screen.findByRole('button', { name: /^Rehearse/ })).toBeTruthy();
    expect(screen.queryByRole('checkbox')).toBeNull();
  });
});
