import { describe, expect, jest, test } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { enter, faults, show } from '../testing/show.js';
import { Button } from './Button.js';
import { Combobox, Suggesting } from './Combobox.js';
import { Dialog } from './Dialog.js';
import { Field } from './Field.js';
import { Menu } from './Menu.js';
import { speciesChoice } from './Species.js';

describe('a long list that grows shorter as one types', () => {
  const ions = ['Li+', 'Na+', 'K+', 'Cu2+', 'Fe2+', 'Fe3+'].map(speciesChoice);
  function Shown({ onChoose }: { onChoose: (id: string) => void }) {
    const [value, setValue] = useState('Na+');
    return (
      <Field label="Cation">
        <Combobox
          value={value}
          choices={ions}
          onChoose={(id) => {
            setValue(id);
            onChoose(id);
          }}
        />
      </Field>
    );
  }
  test('found by name or formula, chosen with Enter, shown by its name', async () => {
    const chosen = jest.fn<(id: string) => void>();
    const { user } = show(<Shown onChoose={chosen} />);
    const box = screen.getByRole('combobox', { name: 'Cation' }) as HTMLInputElement;
    expect(box.value).toBe('sodium');
    await enter(box, 'fe3');
    await waitFor(() => expect(screen.getAllByRole('option')).toHaveLength(1));
    await user.keyboard('{Enter}');
    expect(chosen).toHaveBeenLastCalledWith('Fe3+');
    await waitFor(() => expect(box.value).toBe('iron(III)'));
  });
  test('formulas in it are set as formulas, and what fits nothing is said', async () => {
    show(<Shown onChoose={() => undefined} />);
    const box = screen.getByRole('combobox', { name: 'Cation' });
    await enter(box, 'copper');
    const option = await screen.findByRole('option');
    expect(option.querySelector('sup')?.textContent).toBe('2+');
    expect(await faults()).toEqual([]);
    await enter(box, 'zzz');
    expect(await screen.findByText('Nothing here is called that.')).toBeTruthy();
  });
});

test('a suggesting box keeps whatever is typed, and takes a suggestion that is pressed', async () => {
  const given = jest.fn<(text: string) => void>();
  function Shown() {
    const [text, setText] = useState('');
    return (
      <Suggesting
        aria-label="Add a sample"
        text={text}
        choices={[{ id: 'ZnSO4', name: 'zinc sulfate', also: 'ZnSO4' }]}
        onText={(next) => {
          setText(next);
          given(next);
        }}
      />
    );
  }
  const { user } = show(<Shown />);
  const box = screen.getByRole('combobox', { name: 'Add a sample' }) as HTMLInputElement;
  await enter(box, 'soup');
  await user.tab();
  expect(box.value).toBe('soup');
  await enter(box, 'znso');
  await user.click(await screen.findByRole('option', { name: 'zinc sulfate' }));
  await waitFor(() => expect(box.value).toBe('zinc sulfate'));
  expect(given).toHaveBeenLastCalledWith('zinc sulfate');
});

test('a dialog says what it is, and Escape closes it', async () => {
  const closed = jest.fn();
  const { user } = show(
    <Dialog open close={closed} title="Go to">
      <input aria-label="Go to" />
    </Dialog>,
  );
  expect(screen.getByRole('dialog', { name: 'Go to' })).toBeTruthy();
  expect(await faults()).toEqual([]);
  await user.keyboard('{Escape}');
  await waitFor(() => expect(closed).toHaveBeenCalledTimes(1));
});

test('a menu opens from the keyboard and does what is chosen', async () => {
  const chosen = jest.fn<(id: string) => void>();
  const { user } = show(
    <Menu
      entries={[
        { id: 'a', label: 'Group 1', group: 'Move Ash to' },
        { id: 'b', label: 'Group 2', group: 'Move Ash to' },
      ]}
      choose={chosen}
    >
      <Button>Ash</Button>
    </Menu>,
  );
  screen.getByRole('button', { name: 'Ash' }).focus();
  await user.keyboard('{Enter}');
  await screen.findByRole('menu');
  await user.keyboard('{ArrowDown}{Enter}');
  await waitFor(() => expect(chosen).toHaveBeenCalledTimes(1));
  expect(['a', 'b']).toContain(chosen.mock.lastCall![0]);
});
