import { describe, expect, jest, test } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { enter, faults, show } from '../testing/show.js';
import { Checkbox } from './Checkbox.js';
import { Choices, OneOf, toggled } from './Choices.js';
import { CodeInput } from './CodeInput.js';
import { Field } from './Field.js';
import { Input } from './Input.js';
import { NumberInput } from './NumberInput.js';
import { Select } from './Select.js';

describe('a field', () => {
  test('ties label, help and error to its box', async () => {
    show(
      <Field label="Room" help="As on the door." error="Write the room.">
        <Input />
      </Field>,
    );
    const box = screen.getByRole('textbox', { name: 'Room' });
    expect(box.getAttribute('aria-invalid')).toBe('true');
    const said = (attribute: string) =>
      document.getElementById(box.getAttribute(attribute) ?? '')?.textContent;
    await waitFor(() => expect(said('aria-describedby')).toBe('As on the door.'));
    expect(said('aria-errormessage')).toBe('Write the room.');
    expect(screen.getByRole('alert').textContent).toBe('Write the room.');
    expect(await faults()).toEqual([]);
  });
  test('names a short list as well', () => {
    show(
      <Field label="Kind">
        <Select defaultValue="b">
          <option value="a">A</option>
          <option value="b">B</option>
        </Select>
      </Field>,
    );
    expect((screen.getByRole('combobox', { name: 'Kind' }) as HTMLSelectElement).value).toBe('b');
  });
});

describe('a number field', () => {
  function Shown({
    max = 300,
    optional = false,
    onValue,
  }: {
    max?: number;
    optional?: boolean;
    onValue?: (n: number | null) => void;
  }) {
    const [value, setValue] = useState<number | null>(20);
    return (
      <Field label="More for spills, %">
        <NumberInput
          value={value}
          max={max}
          optional={optional}
          onValue={(n) => {
            setValue(n);
            onValue?.(n);
          }}
        />
      </Field>
    );
  }
  test('gives on what is in range, keeps what is not, and says what would be taken', async () => {
    const given = jest.fn<(n: number | null) => void>();
    const { user } = show(<Shown onValue={given} />);
    const box = screen.getByRole('spinbutton', { name: 'More for spills, %' }) as HTMLInputElement;
    await enter(box, '400');
    await user.tab();
    expect(box.value).toBe('400');
    expect(screen.getByRole('alert').textContent).toBe('Enter a number from 0 to 300.');
    expect(given).not.toHaveBeenCalled();
    await enter(box, '35');
    expect(screen.queryByRole('alert')).toBeNull();
    expect(given).toHaveBeenLastCalledWith(35);
    expect(await faults()).toEqual([]);
  });
  test('may be left empty only where that is said', async () => {
    const given = jest.fn<(n: number | null) => void>();
    const { user } = show(<Shown optional onValue={given} />);
    await user.clear(screen.getByRole('spinbutton'));
    expect(given).toHaveBeenLastCalledWith(null);
    expect(screen.queryByRole('alert')).toBeNull();
  });
  test('arrow keys step it', async () => {
    const given = jest.fn<(n: number | null) => void>();
    const { user } = show(<Shown onValue={given} />);
    screen.getByRole('spinbutton').focus();
    await user.keyboard('{ArrowUp}');
    expect(given).toHaveBeenLastCalledWith(21);
  });
});

test('a tick box says whether it is ticked, and its word ticks it', async () => {
  function Shown() {
    const [on, setOn] = useState(false);
    return (
      <Checkbox checked={on} onChange={setOn}>
        Print the labels
      </Checkbox>
    );
  }
  const { user } = show(<Shown />);
  const box = screen.getByRole('checkbox', { name: 'Print the labels' }) as HTMLInputElement;
  await user.click(screen.getByText('Print the labels'));
  expect(box.checked).toBe(true);
  expect(await faults()).toEqual([]);
});

test('words to switch on and off: each says whether it is on', async () => {
  function Shown() {
    const [chosen, setChosen] = useState<readonly string[]>(['a']);
    return (
      <Choices
        label="Ions"
        choices={[
          { id: 'a', label: 'lithium' },
          { id: 'b', label: 'sodium' },
        ]}
        chosen={chosen}
        toggle={(id) => setChosen(toggled(chosen, id))}
      />
    );
  }
  const { user } = show(<Shown />);
  await user.click(screen.getByRole('button', { name: 'sodium' }));
  await user.click(screen.getByRole('button', { name: 'lithium' }));
  expect(screen.getAllByRole('button').map((b) => b.getAttribute('aria-pressed'))).toEqual(['false', 'true']);
});

test('one of a few: arrow keys go through them, and exactly one is in force', async () => {
  function Shown() {
    const [points, setPoints] = useState('0');
    return (
      <OneOf
        label="Points"
        choices={['0', '1', '2'].map((id) => ({ id, label: `${id} of 2` }))}
        chosen={points}
        choose={setPoints}
      />
    );
  }
  const { user } = show(<Shown />);
  await user.click(screen.getByRole('radio', { name: '1 of 2' }));
  expect(screen.getByRole('radiogroup', { name: 'Points' })).toBeTruthy();
  await user.keyboard('{ArrowRight}');
  expect(screen.getAllByRole('radio').map((r) => (r as HTMLInputElement).checked)).toEqual([
    false,
    false,
    true,
  ]);
});

describe('a code in boxes', () => {
  function Shown({ error, onValue }: { error?: string; onValue?: (v: string) => void }) {
    const [value, setValue] = useState('');
    return (
      <CodeInput
        label="Lesson code"
        digits={6}
        help="Six digits."
        error={error}
        value={value}
        onValue={(next) => {
          setValue(next);
          onValue?.(next);
        }}
      />
    );
  }
  test('typing goes on from box to box', async () => {
    const given = jest.fn<(v: string) => void>();
    const { user } = show(<Shown onValue={given} />);
    screen.getByLabelText('Lesson code: digit 1 of 6').focus();
    await user.keyboard('12345');
    expect(given).toHaveBeenLastCalledWith('12345');
    expect(await faults()).toEqual([]);
  });
  test('its error is said at its first box', () => {
    show(<Shown error="No lesson has this code." />);
    const first = screen.getByLabelText('Lesson code: digit 1 of 6');
    const about = first
      .getAttribute('aria-describedby')!
      .split(' ')
      .map((id) => document.getElementById(id)?.textContent);
    expect(about).toEqual(['Six digits.', 'No lesson has this code.']);
  });
});
