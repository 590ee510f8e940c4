import { beforeEach, describe, expect, jest, test } from '@jest/globals';
import type { UnknownExercise } from '@kivex/core';
import { syllabusOf } from '@kivex/core';
import { screen, waitFor } from '@testing-library/react';
import { enter, faults, show } from '../testing/show.js';
import { OwnMaking } from './OwnMaking.js';

const start = jest.fn<(exercise: UnknownExercise, label: string) => void>();
beforeEach(() => {
  start.mockClear();
});

describe('making one’s own', () => {
  test('a salt at a strength, with a trace of another', async () => {
    const { user } = show(<OwnMaking syllabus={syllabusOf('senior')} start={start} />);
    await user.selectOptions(screen.getByLabelText('Cation'), 'K+');
    await user.selectOptions(screen.getByLabelText('Anion'), 'Br-');
    await enter(screen.getByLabelText('Strength, mol/dm³'), '0,2');
    await user.selectOptions(screen.getByLabelText('A hundredth part of'), 'Na+');
    expect(await faults()).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'Set it out' }));
    expect(start.mock.lastCall![0]).toMatchObject({
      asks: 'salt',
      sample: { ions: { 'K+': 0.2, 'Br-': 0.2, 'Na+': 0.002, 'Cl-': 0.002 } },
    });
    expect(start.mock.lastCall![1]).toBe('potassium bromide');
  });
  test('a salt there is not, and a strength that cannot be, are told at their fields', async () => {
    const { user } = show(<OwnMaking syllabus={syllabusOf('senior')} start={start} />);
    await user.selectOptions(screen.getByLabelText('Cation'), 'Al3+');
    await user.selectOptions(screen.getByLabelText('Anion'), 'CO3^2-');
    await user.click(screen.getByRole('button', { name: 'Set it out' }));
    expect(screen.getByText(/There is no such salt: .* Choose another partner/)).toBeTruthy();
    await user.selectOptions(screen.getByLabelText('Anion'), 'Cl-');
    await enter(screen.getByLabelText('Strength, mol/dm³'), '80');
    await user.click(screen.getByRole('button', { name: 'Set it out' }));
    expect(screen.getByText('Give a strength above 0, up to 5 mol/dm³.')).toBeTruthy();
    expect(start).not.toHaveBeenCalled();
    // Mended, what was said against it goes.
    await enter(screen.getByLabelText('Strength, mol/dm³'), '0.5');
    expect(screen.queryByText('Give a strength above 0, up to 5 mol/dm³.')).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Set it out' }));
    expect(start).toHaveBeenCalledTimes(1);
  });
  test('what is no longer on offer as a trace, being the salt itself, is none', async () => {
    const { user } = show(<OwnMaking syllabus={syllabusOf('senior')} start={start} />);
    await user.selectOptions(screen.getByLabelText('Anion'), 'Cl-');
    await user.selectOptions(screen.getByLabelText('A hundredth part of'), 'Na+');
    await user.selectOptions(screen.getByLabelText('Cation'), 'Na+');
    await user.click(screen.getByRole('button', { name: 'Set it out' }));
    expect(start.mock.lastCall![0]).toMatchObject({ sample: { ions: { 'Na+': 0.1, 'Cl-': 0.1 } } });
  });
  test('a syllabus of gases has gases alone', async () => {
    const { user } = show(<OwnMaking syllabus={syllabusOf('gases')} start={start} />);
    expect(screen.queryByLabelText('Cation')).toBeNull();
    await user.selectOptions(screen.getByLabelText('What'), 'O2');
    await user.click(screen.getByRole('button', { name: 'Set it out' }));
    expect(start.mock.lastCall![0]).toMatchObject({ asks: 'gas', ions: ['O2'], form: 'gas' });
  });
  test('goes into a practical by its address, once it can be set out', async () => {
    const { user, at } = show(<OwnMaking syllabus={syllabusOf('senior')} start={start} />, {
      path: '/practise',
    });
    const into = () => user.click(screen.getByRole('button', { name: 'Teachers: into a practical' }));
    await user.selectOptions(screen.getByLabelText('Cation'), 'K+');
    await user.selectOptions(screen.getByLabelText('Anion'), 'Br-');
    await enter(screen.getByLabelText('Strength, mol/dm³'), '0');
    await into();
    expect(await screen.findByText('Give a strength above 0, up to 5 mol/dm³.')).toBeTruthy();
    expect(at()).toBe('/practise');
    await enter(screen.getByLabelText('Strength, mol/dm³'), '0.2');
    await into();
    await waitFor(() => expect(at()).toBe('/practicals?holds=K%2B+Br-&form=solution&strength=0.2'));
    expect(start).not.toHaveBeenCalled();
  });
  test('lumps, and a metal', async () => {
    const { user } = show(<OwnMaking syllabus={syllabusOf('senior')} start={start} />);
    await user.selectOptions(screen.getByLabelText('Cation'), 'Ca2+');
    await user.selectOptions(screen.getByLabelText('Anion'), 'CO3^2-');
    await user.selectOptions(screen.getByLabelText('As'), 'lumps');
    await user.click(screen.getByRole('button', { name: 'Set it out' }));
    expect(start.mock.lastCall![0]).toMatchObject({ form: 'solid', sample: { form: 'lumps' } });
    await user.selectOptions(screen.getByLabelText('What'), 'Zn');
    await user.click(screen.getByRole('button', { name: 'Set it out' }));
    expect(start.mock.lastCall![0]).toMatchObject({ asks: 'metal', form: 'metal', ions: ['Zn'] });
    expect(start.mock.lastCall![1]).toBe('zinc');
  });
});
