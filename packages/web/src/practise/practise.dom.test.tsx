import { beforeEach, describe, expect, test } from '@jest/globals';
import { ownExercise, screenUnknown, syllabusOf } from '@kivex/core';
import { act, screen, within } from '@testing-library/react';
import { faults, show } from '../testing/show.js';
import PractisePage from './PractisePage.js';
import { useScreenBench } from './screen-bench.js';
import { drawnAs } from './stage/flame-course.js';

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  useScreenBench.setState({ exercise: undefined });
  window.matchMedia = ((media: string) => ({
    media,
    matches: /min-width|reduced-motion/.test(media),
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  })) as never;
});
const press = (name: string | RegExp) => screen.getAllByRole('button', { name })[0]!;

describe('practising on screen', () => {
  test('a number that is none is told at its field, and the choice stays', async () => {
    const { user } = show(<PractisePage />, { path: '/practise?try=417' });
    const box = screen.getByLabelText('Number');
    expect((box as HTMLInputElement).value).toBe('417');
    await user.clear(box);
    await user.type(box, '4 17');
    await user.click(press('To the bench'));
    expect(screen.getByText('Give a whole number from 1 to 99999.')).toBeTruthy();
    expect(await faults()).toEqual([]);
  });
  test('an unknown is tested, logged, named and looked back on without the pointer leaving the page', async () => {
    useScreenBench.getState().start(ownExercise(syllabusOf('core'), 'cation', ['Cu2+', 'Cl-']), 'Unknown 9');
    const { user } = show(<PractisePage />);
    await user.click(screen.getByText('Tubes'));
    expect(screen.getByText(/The bench is empty/)).toBeTruthy();
    await user.click(press('Goggles'));
    await user.click(press('1 cm³ into a fresh tube'));
    expect(screen.getByRole('status').textContent).toBe('A blue liquid.');
    await user.click(press('dilute sodium hydroxide'));
    expect(screen.getByRole('img', { name: /tube 1\. A blue liquid\. A blue precipitate/ })).toBeTruthy();
    await user.click(press('strong sodium hydroxide'));
    expect(await faults()).toEqual([]);
    await user.click(screen.getByText('Log'));
    await user.click(await screen.findByRole('button', { name: /^Unknown 9, Sodium hydroxide/ }));
    await user.click(press(/^blue/));
    await user.click(press('does not dissolve'));
    await user.click(press('Log it'));
    await user.click(screen.getByText('Name it'));
    await user.click(await screen.findByRole('button', { name: /Sodium hydroxide: blue/ }));
    await user.click(press(/^copper\(II\)/));
    await user.click(press('This is my answer'));
    await user.click(press('Look back'));
    expect(screen.getByText(/It was copper\(II\) chloride. You named copper\(II\)/).textContent).toMatch(
      /3 of 3 points/,
    );
    expect(screen.getByText(/par is \d/)).toBeTruthy();
    const steps = within(screen.getByRole('group', { name: 'Steps' })).getAllByRole('button');
    expect(steps).toHaveLength(4);
    await user.click(steps[2]!);
    expect(screen.getByText(/^add NaOH 0\.4 mol\/dm³, 5 drops: A blue liquid/)).toBeTruthy();
    expect(await faults()).toEqual([]);
  }, 40_000);
  test('a slip is not told as it is made, but in looking back', async () => {
    useScreenBench.getState().start(ownExercise(syllabusOf('core'), 'anion', ['Na+', 'CO3^2-']), 'Unknown 9');
    const { log, finish } = useScreenBench.getState();
    const { user } = show(<PractisePage />);
    await user.click(press('1 cm³ into a fresh tube'));
    await user.click(press('silver nitrate'));
    expect(screen.getByRole('status').textContent).toBe('A colourless liquid. A yellow precipitate.');
    await act(async () => {
      await log({ type: 'naming', sample: screenUnknown, answer: 'iodide', evidence: [] });
      finish();
    });
    expect((await screen.findByRole('heading', { name: 'What slipped' })).parentElement!.textContent).toMatch(
      /At step 2: No acid went in first/,
    );
  });
  test('a known stands beside the unknown, both are seen, and gas is led over water', async () => {
    useScreenBench.getState().start(ownExercise(syllabusOf('core'), 'cation', ['Cu2+', 'Cl-']), 'Unknown 9');
    const { user } = show(<PractisePage />);
    await user.click(screen.getByText('Tubes'));
    await user.click(press('1 cm³ into a fresh tube'));
    await user.click(screen.getByText('A known beside it'));
    const box = screen.getByLabelText<HTMLSelectElement>('Known sample');
    await user.selectOptions(
      box,
      [...box.options].find((o) => /iron\(II\) /.test(o.text))!,
    );
    await user.click(press('Some into a fresh tube'));
    expect(useScreenBench.getState().actions.at(-1)).toMatchObject({
      sample: expect.stringMatching(/^known iron\(II\)/),
    });
    await user.click(press('Two side by side'));
    expect(screen.getByRole('img', { name: /tube 2\. .* Beside it tube 1\. A blue liquid\./ })).toBeTruthy();
    await user.click(press('Over water into a jar'));
    expect(useScreenBench.getState().actions.at(-1)).toEqual({
      do: 'connect',
      from: 'tube 2',
      to: 'jar 1',
      over: 'water',
    });
    expect(await faults()).toEqual([]);
  }, 30_000);
  test.each([
    ['Stir', { do: 'stir' }],
    ['Warm over a flame', { do: 'warm', in: 'flame' }],
    ['Bung in', { do: 'stopper', with: 'bung' }],
    ['Open it', { do: 'stopper', with: 'none' }],
    ['Pour 1 cm³ into a fresh tube', { do: 'pour', to: 'tube 2', mL: 1 }],
    ['… with tap water', { do: 'wash', with: 'tap' }],
    ['Empty into the silver waste', { do: 'discard', to: 'silver' }],
  ])('more to do: %s', async (name, action) => {
    useScreenBench.getState().start(ownExercise(syllabusOf('core'), 'cation', ['Cu2+', 'Cl-']), 'Unknown 9');
    const { user } = show(<PractisePage />);
    await user.click(screen.getByText('Tubes'));
    await user.click(press('1 cm³ into a fresh tube'));
    await user.click(screen.getByText(/^More to do with/));
    await user.click(press(name));
    expect(useScreenBench.getState().actions.at(-1)).toMatchObject(action);
    expect(useScreenBench.getState().problem).toBeUndefined();
  });
  test('acids stand ready for a metal, whatever the syllabus', async () => {
    useScreenBench.getState().start(ownExercise(syllabusOf('core'), 'metal', ['Zn'], 'metal'), 'zinc');
    const { user } = show(<PractisePage />);
    await user.click(screen.getByText('Tubes'));
    for (const acid of ['hydrochloric', 'sulfuric', 'nitric'])
      expect(screen.getByRole('button', { name: `dilute ${acid} acid` })).toBeTruthy();
  });
  test('the flame is told moment by moment; where motion is not wanted it stands at its end', async () => {
    localStorage.setItem('kivex-practise-syllabus', 'senior');
    useScreenBench
      .getState()
      .start(ownExercise(syllabusOf('senior'), 'cation', ['Ba2+', 'Cl-']), 'Unknown 9');
    const { user, container } = show(<PractisePage />);
    await user.click(screen.getByText('Flame'));
    await user.click(press(/In fresh concentrated acid/));
    await user.click(press('From the tile'));
    await user.click(press('Ten seconds more'));
    expect(
      screen.getByRole('img', { name: 'The burner. The flame is apple green, then orange.' }),
    ).toBeTruthy();
    const last = useScreenBench.getState().seen.at(-1)!.flame!;
    expect(container.querySelector('#kx-plume stop')!.getAttribute('stop-color')).toBe(
      drawnAs({ srgb: last.srgb, name: last.moments.at(-1)!.name }, false).outer,
    );
    expect(container.textContent).toContain('0.3 s');
    await user.click(press('Through blue glass'));
    await user.click(press('From the tile'));
    await user.click(press('One second'));
    expect(
      screen.getByRole('img', { name: /The flame is blue green\. Through the blue glass\./ }),
    ).toBeTruthy();
  }, 30_000);
});
