import { describe, expect, test } from '@jest/globals';
import { screen, waitFor, within } from '@testing-library/react';
import { faults, Refusal, show } from '../testing/show.js';
import NewLessonPage from './NewLessonPage.js';

const students = ['Ash Tern', 'Birch Sole', 'Clove Ling', 'Dill Pike', 'Elder Ray'].map((name, i) => ({
  id: `s${i}`,
  name,
  hasPin: i !== 1,
}));
const usual = {
  'GET /api/practicals': [
    { id: 'p1', title: 'Flames', summary: 'Five jars', archived: false },
    { id: 'p2', title: 'An old one', summary: '', archived: true },
  ],
  'GET /api/classes': [{ id: 'c1', name: '9 Lamp', students: 5 }],
  'GET /api/rooms': [
    { id: 'r1', name: 'Lab 2', plan: { rows: 1, columns: 2, benches: [{ row: 0, column: 1 }], places: {} } },
  ],
  'GET /api/classes/c1': { id: 'c1', name: '9 Lamp', students },
};
const page = (server: object = {}, path = '/lessons/new?practical=p1&class=c1') =>
  show(<NewLessonPage />, { path, route: '/lessons/new', server: { ...usual, ...server } });
const groups = () => screen.getByRole('heading', { name: 'Groups' }).closest('div')!;

describe('a new lesson', () => {
  test('is made of what the address names, in groups as large as wanted, and leads to its plan', async () => {
    const { user, asked, at } = page({ 'POST /api/lessons': { id: 'l1' } });
    await screen.findByText(/Ash Tern/);
    await user.selectOptions(screen.getByLabelText('Students a group'), '3');
    await user.click(screen.getByRole('button', { name: 'Make the lesson' }));
    await waitFor(() => expect(at()).toBe('/lessons/l1/plan'));
    const sent = asked.find((a) => a.method === 'POST')!.body as {
      practical: string;
      class: string;
      startsAt: string;
      groups: { students: string[] }[];
    };
    expect([sent.practical, sent.class]).toEqual(['p1', 'c1']);
    expect(Date.parse(sent.startsAt)).toBeGreaterThan(Date.now());
    expect(sent.groups.map((g) => g.students.length)).toEqual([3, 2]);
    expect(sent.groups.flatMap((g) => g.students).sort()).toEqual(students.map((s) => s.id));
  });

  test('what is put away is not offered; who has no PIN is told', async () => {
    page();
    await screen.findByText(/Ash Tern/);
    const offered = within(screen.getByLabelText('Practical')).getAllByRole('option');
    expect(offered.map((o) => o.textContent)).toEqual(['Choose a practical', 'Flames']);
    expect(screen.getByText(/One student has no PIN yet/)).toBeTruthy();
    expect(await faults()).toEqual([]);
  });

  test('for those who were away it seats them alone', async () => {
    page({}, '/lessons/new?practical=p1&class=c1&only=s1,s3');
    await screen.findByText(/Birch Sole/);
    expect(groups().textContent).toContain('Dill Pike');
    expect(groups().textContent).not.toContain('Ash Tern');
  });

  test('in a room of the school its benches are used, and how many stand in a row is no question', async () => {
    const { user } = page();
    await screen.findByText(/Ash Tern/);
    expect(screen.getByLabelText('Benches in a row')).toHaveProperty('disabled', false);
    await user.type(screen.getByLabelText('Room'), 'Lab 2');
    await waitFor(() => expect(screen.getByLabelText('Benches in a row')).toHaveProperty('disabled', true));
    expect(screen.getByText('Its bench and its places are used.')).toBeTruthy();
  });

  test('what the server wants is told at its field; what was entered stays', async () => {
    const { user } = page({
      'POST /api/lessons': new Refusal(422, {
        detail: 'Say where.',
        errors: [{ field: 'room', detail: 'Say in which room the lesson is.' }],
      }),
    });
    await screen.findByText(/Ash Tern/);
    await user.click(screen.getByRole('button', { name: 'Make the lesson' }));
    const room = screen.getByLabelText('Room');
    await waitFor(() => expect(room.getAttribute('aria-invalid')).toBe('true'));
    expect(screen.getByText('Say in which room the lesson is.')).toBeTruthy();
    expect(screen.getByLabelText('Class')).toHaveProperty('value', 'c1');
  });

  test('a class that cannot be fetched is told and asked for again, rather than that none was chosen', async () => {
    let down = true;
    const { user } = page({
      'GET /api/classes/c1': () =>
        down ? new Refusal(503, { detail: 'Kivex is restarting.' }) : usual['GET /api/classes/c1'],
    });
    await screen.findByRole('heading', { name: 'Groups' });
    const again = await within(groups()).findByRole('button', { name: /again/i });
    expect(screen.queryByText('Choose a class', { selector: 'p, h3, strong' })).toBeNull();
    down = false;
    await user.click(again);
    expect(await screen.findByText(/Ash Tern/)).toBeTruthy();
  });

  test('a class of nobody, and a school without a class, lead to where that is mended', async () => {
    page({ 'GET /api/classes/c1': { id: 'c1', name: '9 Lamp', students: [] } });
    expect((await screen.findByRole('link', { name: 'Add students' })).getAttribute('href')).toBe(
      '/classes/c1',
    );
  });
  test('without a class there is no form to fill in vain', async () => {
    page({ 'GET /api/classes': [] }, '/lessons/new');
    expect((await screen.findByRole('link', { name: 'Make a class' })).getAttribute('href')).toBe('/classes');
    expect(screen.queryByRole('button', { name: 'Make the lesson' })).toBeNull();
  });
});
