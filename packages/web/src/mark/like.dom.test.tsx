import { describe, expect, test } from '@jest/globals';
import { onlineManager } from '@tanstack/react-query';
import { screen, waitFor, within } from '@testing-library/react';
import { ash, birch, clove, lessonOf, markOf, rowOf, salt } from '../testing/lesson-fixture.js';
import { faults, Refusal, show } from '../testing/show.js';
import { LikeAnswers } from './LikeAnswers.js';

const lesson = lessonOf(salt);
const jar = lesson.samples.find((s) => s.role === 'unknown' && s.ions.includes('Cu2+'))!;
const open = { open: true, points: 0, verdict: 'review' as never };
const seen = (answer: string, part: Parameters<typeof markOf>[0] = open) =>
  markOf({ key: `observation:${jar.id}`, sample: jar.id, answer, ...part });
const [murky, Murky, swampy, right] = [seen('murky'), seen('Murky'), seen('swampy'), seen('blue-green', {})];
const rows = [rowOf(ash, [murky]), rowOf(birch, [Murky, right]), rowOf(clove, [swampy])];
const path = '/api/lessons/lesson/marks/decisions';
const like = (server: Record<string, unknown> = {}) =>
  show(<LikeAnswers lesson={lesson} rows={rows} follows={<p>What follows</p>} />, { server });
const inList = async (name: RegExp) =>
  within(await screen.findByRole('list', { name: 'Like answers' })).findByRole('button', { name });
const first = () => inList(/murky/i);

describe('like answers together', () => {
  test('what wants a person stands first, the biggest first, and how many decisions that is', async () => {
    like();
    expect(await screen.findByText(/3 answers want a person: 2 decisions/)).toBeTruthy();
    const list = within(screen.getByRole('list', { name: 'Like answers' })).getAllByRole('button');
    expect(list.map((row) => row.textContent)).toEqual([
      expect.stringMatching(/^2 ×murky.*1 other way.*2 to look at$/i),
      expect.stringMatching(/^1 ×swampy.*1 to look at$/),
      expect.stringMatching(/^1 ×blue-green.*1 of 1$/),
    ]);
    expect(screen.getByText('What follows')).toBeTruthy();
    expect(await faults()).toEqual([]);
  });
  test('a figure and Enter decide for all of them, and the next comes up', async () => {
    const { user, asked } = like({ [`POST ${path}`]: { decision: 'd1', marks: 2 } });
    await first();
    await user.keyboard('n');
    expect(await screen.findByRole('button', { name: 'Decide for 2' })).toBeTruthy();
    await user.keyboard('1');
    await waitFor(() => expect(document.activeElement).toBe(screen.getByRole('textbox', { name: 'Why' })));
    expect((screen.getByRole('textbox', { name: 'Why' }) as HTMLTextAreaElement).value).toBe(
      'Means the right thing',
    );
    await user.keyboard('{Enter}');
    await waitFor(() => expect(asked.some((a) => a.method === 'POST')).toBe(true));
    const { body } = asked.find((a) => a.method === 'POST')!;
    expect(body).toEqual({
      marks: expect.arrayContaining([murky.id, Murky.id]),
      points: 1,
      reason: 'Means the right thing',
    });
    expect(await screen.findByRole('button', { name: 'Decide for 1' })).toBeTruthy();
    expect((await inList(/swampy/)).getAttribute('aria-pressed')).toBe('true');
  });
  test('who is not meant is left out', async () => {
    const { user, asked } = like({ [`POST ${path}`]: { decision: 'd1', marks: 1 } });
    await user.click(await first());
    await user.click(await screen.findByRole('button', { name: birch.name }));
    await user.click(screen.getByText('Too vague'));
    await user.click(screen.getByRole('button', { name: 'Decide for 1' }));
    await waitFor(() =>
      expect(asked.find((a) => a.method === 'POST')?.body).toEqual({
        marks: [murky.id],
        points: 0,
        reason: 'Too vague',
      }),
    );
  });
  test('comments that fit the answer are offered as they will read; sent is a place for what each wrote', async () => {
    const { user, asked } = like({ [`POST ${path}`]: { decision: 'd1', marks: 2 } });
    await user.click(await first());
    await user.click(await screen.findByRole('button', { name: /^You wrote “[^{}]+”; to be seen: / }));
    await user.click(screen.getByRole('button', { name: 'Decide for 2' }));
    await waitFor(() =>
      expect(asked.find((a) => a.method === 'POST')?.body).toMatchObject({
        reason: expect.stringMatching(/^You wrote “\{answer\}”; to be seen: /),
      }),
    );
    expect(screen.getByText(/\{answer\} stands for what each of them wrote/)).toBeTruthy();
  });
  test('the next comes up before what was decided is sorted anew, and none decided comes again', async () => {
    const four = [seen('murky'), seen('zebra'), seen('custard')];
    const { user } = show(
      <LikeAnswers lesson={lesson} rows={[rowOf(ash, four)]} follows={<p>What follows</p>} />,
      { server: { [`POST ${path}`]: { decision: 'd', marks: 1 } } },
    );
    await screen.findByText(/3 answers want a person/);
    const said: string[] = [];
    for (let i = 0; i < 3; i++) {
      (document.activeElement as HTMLElement).blur();
      if (!i) await user.keyboard('n');
      const now = await waitFor(() => {
        const row = screen.getAllByRole('button', { pressed: true }).find((b) => b.id.startsWith('like-'))!;
        expect(said).not.toContain(row.textContent);
        return row.textContent;
      });
      said.push(now);
      await user.click(await screen.findByText('Too vague'));
      await user.click(screen.getByRole('button', { name: 'Decide for 1' }));
    }
    expect(said).toEqual([
      expect.stringMatching(/custard/),
      expect.stringMatching(/murky/),
      expect.stringMatching(/zebra/),
    ]);
  });
  test('how long the rest will take is said once a pace can be told', async () => {
    const many = ['murky', 'zebra', 'custard', 'velvet', 'quilted', 'oblong'].map((word) => seen(word));
    const { user } = show(
      <LikeAnswers lesson={lesson} rows={[rowOf(ash, many)]} follows={<p>What follows</p>} />,
      { server: { [`POST ${path}`]: { decision: 'd', marks: 1 } } },
    );
    expect((await screen.findByText(/6 answers want a person/)).textContent).not.toMatch(/at your pace/);
    await user.keyboard('n');
    for (let i = 0; i < 4; i++) {
      await user.click(await screen.findByText('Too vague'));
      await user.click(screen.getByRole('button', { name: 'Decide for 1' }));
      await waitFor(() =>
        expect((screen.getByRole('textbox', { name: 'Why' }) as HTMLTextAreaElement).value).toBe(''),
      );
    }
    expect(await screen.findByText(/6 decisions, about 1 minute at your pace/)).toBeTruthy();
  });
  test('the last decision is taken back as one', async () => {
    const { user, asked } = like({
      [`POST ${path}`]: { decision: 'd1', marks: 2 },
      [`POST ${path}/d1/undo`]: { decision: 'd2', marks: 2 },
    });
    await user.click(await first());
    await user.click(await screen.findByText('Means the right thing'));
    await user.click(screen.getByRole('button', { name: 'Decide for 2' }));
    await screen.findByRole('button', { name: /Take the last back \(2\)/ });
    (document.activeElement as HTMLElement).blur();
    await user.keyboard('u');
    await waitFor(() => expect(asked.at(-1)!.path).toBe(`${path}/d1/undo`));
    await waitFor(() => expect(screen.queryByRole('button', { name: /Take the last back/ })).toBeNull());
  });
  test('a decision becomes a rule: what it would do is shown first, and it is taken back as one', async () => {
    const preview = {
      students: [
        {
          student: { id: ash.id, name: ash.name },
          before: { points: 3, max: 6 },
          after: { points: 4, max: 6 },
        },
      ],
      items: 2,
      reopened: 0,
      elsewhere: { lessons: 2, answers: 5 },
    };
    const { user, asked } = like({
      'POST /api/lessons/lesson/marks/rules/preview': preview,
      'POST /api/lessons/lesson/marks/rules': { id: 'r1' },
      'POST /api/answer-rules/r1/undo': null,
    });
    await user.click(await first());
    await user.click(await screen.findByRole('checkbox', { name: /Make it a rule of the syllabus/ }));
    expect(
      await screen.findByText(
        'In 2 other lessons 5 answers follow; marks that have once been given out stay.',
      ),
    ).toBeTruthy();
    expect(screen.getByRole('row', { name: /Ash Tern/ }).textContent).toContain('4/6');
    // A rule covers whoever wrote it: nobody is left out of it.
    expect(screen.queryByRole('button', { name: birch.name })).toBeNull();
    expect(await faults()).toEqual([]);
    (document.activeElement as HTMLElement).blur();
    await user.keyboard('1');
    await waitFor(() =>
      expect(asked.filter((a) => a.path.endsWith('/preview')).at(-1)?.body).toEqual({
        mark: murky.id,
        points: 1,
      }),
    );
    await user.click(screen.getByRole('button', { name: 'Make the rule' }));
    await waitFor(() =>
      expect(asked.find((a) => a.path.endsWith('/rules'))?.body).toEqual({
        mark: murky.id,
        points: 1,
        reason: 'Means the right thing',
      }),
    );
    expect(asked.some((a) => a.path.endsWith('/decisions'))).toBe(false);
    await user.click(await screen.findByRole('button', { name: /Take the last back \(rule\)/ }));
    await waitFor(() => expect(asked.at(-1)!.path).toBe('/api/answer-rules/r1/undo'));
  });
  test('a refusal is told at its box, and what was set stays', async () => {
    const { user } = like({
      [`POST ${path}`]: new Refusal(422, {
        detail: 'Say why.',
        errors: [{ field: 'reason', detail: 'Say why, in a few words.' }],
      }),
    });
    await user.click(await first());
    await user.type(await screen.findByRole('textbox', { name: 'Why' }), 'x');
    await user.click(screen.getByRole('button', { name: 'Decide for 2' }));
    expect((await screen.findByRole('alert')).textContent).toBe('Say why, in a few words.');
    expect((screen.getByRole('textbox', { name: 'Why' }) as HTMLTextAreaElement).value).toBe('x');
    expect((await first()).getAttribute('aria-pressed')).toBe('true');
  });
  test('where the last could not be taken back it is said, and can be tried again', async () => {
    const { user } = like({
      [`POST ${path}`]: { decision: 'd1', marks: 2 },
      [`POST ${path}/d1/undo`]: new Refusal(422, { detail: 'The marks were decided anew since.' }),
    });
    await user.click(await first());
    await user.click(await screen.findByText('Means the right thing'));
    await user.click(screen.getByRole('button', { name: 'Decide for 2' }));
    await user.click(await screen.findByRole('button', { name: /Take the last back/ }));
    expect(await screen.findByText('The marks were decided anew since.')).toBeTruthy();
    expect(screen.getByRole('button', { name: /Take the last back/ })).toBeTruthy();
  });
  test('with the network gone taking back is tried at once and told, not kept for later', async () => {
    const { user } = like({
      [`POST ${path}`]: { decision: 'd1', marks: 2 },
      [`POST ${path}/d1/undo`]: new Refusal(503, { detail: 'Kivex cannot be reached.' }),
    });
    await user.click(await first());
    await user.click(await screen.findByText('Means the right thing'));
    await user.click(screen.getByRole('button', { name: 'Decide for 2' }));
    const back = await screen.findByRole('button', { name: /Take the last back/ });
    onlineManager.setOnline(false);
    try {
      await user.click(back);
      expect(await screen.findByText('Kivex cannot be reached.')).toBeTruthy();
    } finally {
      onlineManager.setOnline(true);
    }
  });
});
