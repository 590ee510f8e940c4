import { describe, expect, jest, test } from '@jest/globals';
import type { OwnAnswer } from '@kivex/core';
import { screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { enter, faults, show } from '../testing/show.js';
import { OwnAnswers } from './OwnAnswers.js';

const gases = ['H2', 'O2'] as const;
const first: OwnAnswer = { of: { kind: 'purpose', of: 'clean-wire' }, phrase: 'tidy bench', earns: false };

describe('answers of a school’s own', () => {
  function Shown({ onChange }: { onChange: (answers: readonly OwnAnswer[]) => void }) {
    const [answers, setAnswers] = useState<readonly OwnAnswer[]>([first]);
    return (
      <OwnAnswers
        gases={gases}
        answers={answers}
        change={(next) => {
          setAnswers(next);
          onChange(next);
        }}
      />
    );
  }
  test('words are added to the result of a gas test, with what Kivex takes there beside them', async () => {
    const changed = jest.fn<(answers: readonly OwnAnswer[]) => void>();
    const { user } = show(<Shown onChange={changed} />);
    await enter(screen.getByRole('combobox', { name: 'Answers to' }), 'hydrogen shows');
    await user.click(await screen.findByRole('option', { name: /What the test for hydrogen shows/ }));
    expect(await screen.findByText(/Kivex takes: a lit splint gives a squeaky pop/)).toBeTruthy();
    await user.type(screen.getByRole('textbox', { name: 'Students write' }), 'tiny bark');
    await user.click(screen.getByRole('button', { name: 'Add it' }));
    await waitFor(() =>
      expect(changed).toHaveBeenLastCalledWith([
        first,
        { of: { kind: 'gas-test', gas: 'H2', part: 'result' }, phrase: 'tiny bark', earns: true },
      ]),
    );
    expect(await faults()).toEqual([]);
  });
  test('what cannot be taken is told at its field and nothing is lost', async () => {
    const changed = jest.fn();
    const { user } = show(<Shown onChange={changed} />);
    await user.type(screen.getByRole('textbox', { name: 'Students write' }), 'tidy bench');
    await user.click(screen.getByRole('button', { name: 'Add it' }));
    expect(await screen.findByText('Choose what the words answer.')).toBeTruthy();
    await enter(screen.getByRole('combobox', { name: 'Answers to' }), 'wire');
    await user.click(await screen.findByRole('option', { name: /Why is the wire cleaned/ }));
    await user.click(screen.getByRole('button', { name: 'Add it' }));
    expect(await screen.findByText('“tidy bench” stands here already.')).toBeTruthy();
    expect(changed).not.toHaveBeenCalled();
  });
  test('an answer is taken out again', async () => {
    const changed = jest.fn();
    const { user } = show(<Shown onChange={changed} />);
    await user.click(screen.getByRole('button', { name: 'Take “tidy bench” out' }));
    expect(changed).toHaveBeenLastCalledWith([]);
  });
});
