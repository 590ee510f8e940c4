import { describe, expect, test } from '@jest/globals';
import type { Room } from '@kivex/contract';
import { screen, waitFor, within } from '@testing-library/react';
import { enter, faults, Refusal, show } from '../testing/show.js';
import RoomsPage from './RoomsPage.js';

const room = (name: string, id = name): Room =>
  ({
    id,
    name,
    version: 1,
    plan: {
      rows: 2,
      columns: 2,
      benches: [
        { row: 0, column: 0 },
        { row: 1, column: 1 },
      ],
      places: { burner: 2 },
    },
  }) as unknown as Room;
const list = 'GET /api/rooms';
const card = (name: string) => screen.findByRole('form', { name });

describe('the rooms of a school', () => {
  test('without one it says what they are for; a new one has a name no other has', async () => {
    const rooms: Room[] = [];
    const { user, asked } = show(<RoomsPage />, {
      server: {
        [list]: () => rooms,
        'POST /api/rooms': (a: { body: unknown }) => {
          const made = room((a.body as Room).name);
          rooms.push(made);
          return made;
        },
      },
    });
    expect(await screen.findByText('No rooms yet')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Add a room' }));
    expect(await card('Lab 1')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Add a room' }));
    expect(await card('Lab 2')).toBeTruthy();
    expect(asked.filter((a) => a.method === 'POST').map((a) => (a.body as Room).name)).toEqual([
      'Lab 1',
      'Lab 2',
    ]);
    expect(await faults()).toEqual([]);
  });

  test('what is changed is sent together, by the button or by Ctrl+Enter, and then it is saved', async () => {
    const saved = { ...room('Lab North', 'Lab 1'), version: 2 };
    const { user, asked } = show(<RoomsPage />, {
      server: { [list]: [room('Lab 1')], 'PUT /api/rooms/Lab 1': saved, 'PUT /api/rooms/Lab%201': saved },
    });
    const form = within(await card('Lab 1'));
    expect(form.getByRole('button', { name: 'Saved' })).toHaveProperty('disabled', true);
    await user.click(form.getByRole('button', { name: 'Bench' }));
    expect(form.getByText('3 benches')).toBeTruthy();
    await enter(form.getByLabelText('Name of the room'), 'Lab North');
    await user.keyboard('{Control>}{Enter}{/Control}');
    await waitFor(() => expect(asked.filter((a) => a.method === 'PUT')).toHaveLength(1));
    const sent = asked.find((a) => a.method === 'PUT')!.body as Room;
    expect([sent.name, sent.plan.benches.at(-1)]).toEqual(['Lab North', { row: 0, column: 1 }]);
    expect(await form.findByRole('button', { name: 'Saved' })).toBeTruthy();
  });

  test('a name another room has is told at its field; what was entered stays', async () => {
    const { user } = show(<RoomsPage />, {
      server: {
        [list]: [room('Lab 1', 'one')],
        'PUT /api/rooms/one': new Refusal(409, {
          detail: 'Another room has this name. Choose a different one.',
          errors: [{ field: 'name', detail: 'Another room has this name. Choose a different one.' }],
        }),
      },
    });
    const form = within(await card('Lab 1'));
    const name = form.getByLabelText('Name of the room');
    await enter(name, 'Lab 2');
    await user.click(form.getByRole('button', { name: 'Save the room' }));
    await waitFor(() => expect(name.getAttribute('aria-invalid')).toBe('true'));
    expect(name).toHaveProperty('value', 'Lab 2');
    expect(document.activeElement).toBe(name);
    expect(form.getByText('Another room has this name. Choose a different one.')).toBeTruthy();
  });

  test('saved by somebody else meanwhile, it shows both; one takes theirs or saves over it', async () => {
    const theirs = { ...room('Lab North', 'one'), version: 2 };
    const overtaken = { field: 'from', detail: 'Somebody else has saved this room meanwhile.' };
    const at: { now: Room } = { now: room('Lab 1', 'one') };
    const { user, asked } = show(<RoomsPage />, {
      server: {
        [list]: () => [at.now],
        'PUT /api/rooms/one': ({ body }: { body: unknown }) => {
          const { from, ...sent } = body as Room & { from: number };
          if (from === at.now.version) return (at.now = { ...at.now, ...sent, version: from + 1 });
          return new Refusal(409, { detail: overtaken.detail, errors: [overtaken] });
        },
      },
    });
    const form = () => within(screen.getByRole('form'));
    await card('Lab 1');
    await enter(form().getByLabelText('Name of the room'), 'The Keel');
    at.now = theirs;
    await user.click(form().getByRole('button', { name: 'Save the room' }));
    expect(await form().findByText('Name: theirs Lab North, yours The Keel')).toBeTruthy();
    expect(form().getByLabelText('Name of the room')).toHaveProperty('value', 'The Keel');
    expect(await faults()).toEqual([]);
    await user.click(form().getByRole('button', { name: 'Save mine over theirs' }));
    expect(await form().findByRole('button', { name: 'Saved' })).toBeTruthy();
    expect(asked.findLast((a) => a.method === 'PUT')!.body).toMatchObject({ name: 'The Keel', from: 2 });

    await enter(form().getByLabelText('Name of the room'), 'The Hull');
    at.now = { ...theirs, version: 9 };
    await user.click(form().getByRole('button', { name: 'Save the room' }));
    await user.click(await form().findByRole('button', { name: 'Take theirs' }));
    expect(form().getByLabelText('Name of the room')).toHaveProperty('value', 'Lab North');
    expect(form().queryByText(/Somebody else has saved/)).toBeNull();
    expect(form().getByRole('button', { name: 'Saved' })).toHaveProperty('disabled', true);
  });

  test('saved by somebody else while nothing is entered here, it is shown as it is', async () => {
    const at: { rooms: Room[] } = { rooms: [room('Lab 1', 'one')] };
    const { user } = show(<RoomsPage />, {
      server: { [list]: () => at.rooms, 'POST /api/rooms': room('Lab 2') },
    });
    await card('Lab 1');
    at.rooms = [{ ...room('Lab North', 'one'), version: 2 }];
    await user.click(screen.getByRole('button', { name: 'Add a room' }));
    const form = within(await card('Lab North'));
    await waitFor(() => expect(form.getByLabelText('Name of the room')).toHaveProperty('value', 'Lab North'));
    expect(form.queryByText(/Somebody else/)).toBeNull();
  });

  test('a bench left outside a smaller room is told, and such a room is not saved', async () => {
    show(<RoomsPage />, { server: { [list]: [room('Lab 1')] } });
    const form = within(await card('Lab 1'));
    await enter(form.getByLabelText('Rows'), '1');
    expect(await form.findByText(/A bench stands outside the room now/)).toBeTruthy();
    expect(form.getByRole('button', { name: 'Save the room' })).toHaveProperty('disabled', true);
    expect(form.getByRole('button', { name: 'Bench' })).toHaveProperty('disabled', false);
  });

  test('benches are taken out but for the last one', async () => {
    const { user } = show(<RoomsPage />, { server: { [list]: [room('Lab 1')] } });
    const form = within(await card('Lab 1'));
    await user.click(form.getByRole('button', { name: 'Take bench 1 out' }));
    expect(form.getByText('1 bench')).toBeTruthy();
    expect(form.queryByRole('button', { name: /^Take bench/ })).toBeNull();
    expect(form.getByRole('button', { name: 'Bench 1, row 2, place 2' })).toBeTruthy();
  });

  test('a room is taken out only when that is confirmed; a refusal is told', async () => {
    const { user, asked } = show(<RoomsPage />, {
      server: {
        [list]: [room('Lab 1', 'one')],
        'DELETE /api/rooms/one': new Refusal(404, { detail: 'This room is gone. Load the page again.' }),
      },
    });
    const form = within(await card('Lab 1'));
    await user.click(form.getByRole('button', { name: 'Take the room out' }));
    const dialog = await screen.findByRole('alertdialog').catch(() => screen.findByRole('dialog'));
    expect(asked.some((a) => a.method === 'DELETE')).toBe(false);
    await user.click(within(dialog).getByRole('button', { name: 'Take it out' }));
    expect(await form.findByText('This room is gone. Load the page again.')).toBeTruthy();
  });

  test('rooms that cannot be fetched are told, and asked for again', async () => {
    let down = true;
    const { user } = show(<RoomsPage />, {
      server: {
        [list]: () => (down ? new Refusal(503, { detail: 'Kivex is restarting.' }) : [room('Lab 1')]),
      },
    });
    const again = await screen.findByRole('button', { name: /again/i });
    down = false;
    await user.click(again);
    expect(await card('Lab 1')).toBeTruthy();
  });
});
