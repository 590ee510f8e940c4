import { describe, expect, jest, test } from '@jest/globals';
import type { OwnWord, Wording } from '@kivex/core';
import { screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { enter, faults, show } from '../testing/show.js';
import { OwnWords } from './OwnWords.js';
import { WordingEditor } from './WordingEditor.js';

describe('the words that earn', () => {
  const changed = jest.fn<(wording: Wording) => void>();
  function Shown() {
    const [wording, setWording] = useState<Wording>({ strict: ['lilac'], standard: ['pale-purple'] });
    return (
      <WordingEditor
        label="potassium"
        wording={wording}
        change={(next) => {
          setWording(next);
          changed(next);
        }}
      />
    );
  }
  test('a word is moved to another level, or out, by its own list', async () => {
    const { user } = show(<Shown />);
    expect(await faults()).toEqual([]);
    screen.getByRole('button', { name: 'lilac: always earns. Change' }).focus();
    await user.keyboard('{Enter}');
    await screen.findByRole('menuitem', { name: 'earns when generous' });
    await user.keyboard('earns when{Enter}');
    await waitFor(() =>
      expect(changed).toHaveBeenLastCalledWith(expect.objectContaining({ strict: [], generous: ['lilac'] })),
    );
  });
  test('a word is added by typing it; those that stand there are not offered again', async () => {
    const { user } = show(<Shown />);
    const box = screen.getByRole('combobox', { name: 'Add a word to potassium' });
    await enter(box, 'lilac');
    const offered = (await screen.findAllByRole('option')).map((o) => o.textContent);
    expect(offered).not.toContain('lilac');
    await enter(box, 'violet');
    await user.click((await screen.findAllByRole('option', { name: /violet/ }))[0]!);
    await waitFor(() =>
      expect(changed.mock.lastCall![0].standard).toEqual(
        expect.arrayContaining(['pale-purple', expect.stringMatching(/violet/)]),
      ),
    );
  });
});

describe('words of a school’s own', () => {
  function Shown({ onChange }: { onChange: (words: readonly OwnWord[]) => void }) {
    const [words, setWords] = useState<readonly OwnWord[]>([{ phrase: 'tomato', means: 'crimson' }]);
    return (
      <OwnWords
        words={words}
        change={(next) => {
          setWords(next);
          onChange(next);
        }}
      />
    );
  }
  test('a word and the colour it is read as go in together', async () => {
    const changed = jest.fn<(words: readonly OwnWord[]) => void>();
    const { user } = show(<Shown onChange={changed} />);
    await user.type(screen.getByRole('textbox', { name: 'Students write' }), 'lamp glow');
    await enter(screen.getByRole('combobox', { name: 'Kivex reads' }), 'orange-y');
    await user.click((await screen.findAllByRole('option'))[0]!);
    await user.click(screen.getByRole('button', { name: 'Add it' }));
    await waitFor(() => expect(changed).toHaveBeenCalledTimes(1));
    expect(changed.mock.lastCall![0].map((w) => w.phrase)).toEqual(['tomato', 'lamp glow']);
    expect((screen.getByRole('textbox', { name: 'Students write' }) as HTMLInputElement).value).toBe('');
  });
  test('what cannot be taken is told at its field, and stays', async () => {
    const changed = jest.fn();
    const { user } = show(<Shown onChange={changed} />);
    await user.click(screen.getByRole('button', { name: 'Add it' }));
    expect((await screen.findByRole('alert')).textContent).toBe('Choose the colour it is read as.');
    await user.type(screen.getByRole('textbox', { name: 'Students write' }), 'Tomato');
    await enter(screen.getByRole('combobox', { name: 'Kivex reads' }), 'crimson');
    await user.click((await screen.findAllByRole('option'))[0]!);
    await user.click(screen.getByRole('button', { name: 'Add it' }));
    expect(await screen.findByText('“tomato” stands here already.')).toBeTruthy();
    expect((screen.getByRole('textbox', { name: 'Students write' }) as HTMLInputElement).value).toBe(
      'Tomato',
    );
    expect(changed).not.toHaveBeenCalled();
    expect(await faults()).toEqual([]);
  });
  test('a word is taken out again', async () => {
    const changed = jest.fn();
    const { user } = show(<Shown onChange={changed} />);
    await user.click(screen.getByRole('button', { name: 'Take “tomato” out' }));
    expect(changed).toHaveBeenLastCalledWith([]);
  });
});
