import { expect, test, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { KivexServer } from './kivex-server.js';
import { allSaved, goTo, joinLesson, laptop, tablet, type Person } from './people.js';

/** A practical of one's own, from an empty school to a lesson planned, rehearsed, prepared and run. */
test.describe.serial('planning and preparing, end to end', () => {
  let kivex: KivexServer;
  let teacher: Person;
  let lesson = '';
  let code = '';
  const pins = new Map<string, string>();

  test.beforeAll(async ({ browser }) => {
    kivex = await KivexServer.start();
    teacher = await laptop(browser);
  });
  test.afterAll(async () => {
    await teacher?.context.close();
    await kivex?.stop();
  });
  const part = (page: Page, name: RegExp | string) =>
    page
      .getByRole('tablist', { name: /^Parts of/ })
      .getByRole('tab', { name })
      .click();
  const follows = (page: Page) => page.getByLabel('What follows');

  test('an empty school: a room on a plan, and what a store usually holds', async () => {
    const { page } = teacher;
    await page.goto(kivex.base);
    await page.getByLabel('Name of the school').fill('Tarn Light School');
    await page.getByLabel('Your name').fill('Ivo Beck');
    await page.getByLabel('Your e-mail address').fill('ivo@tarn.example');
    await page.getByLabel('Your password').fill('a long enough one');
    await page.getByLabel('Set-up code').fill('12345678');
    await page.getByRole('button', { name: 'Make the school' }).click();
    await page.getByRole('link', { name: 'Rooms' }).click();
    await page.getByRole('button', { name: 'Add a room' }).click();
    const bench = page.getByRole('button', { name: 'Bench 1, row 1, place 1' });
    await bench.focus();
    await page.keyboard.press('Space');
    await expect(page.getByText('Bench 1 over row 1, place 1.')).toBeAttached();
    await page.keyboard.press('ArrowDown');
    await expect(page.getByText('Bench 1 over row 2, place 1.')).toBeAttached();
    await page.keyboard.press('ArrowDown');
    await expect(page.getByText('Bench 1 over row 3, place 1.')).toBeAttached();
    await page.keyboard.press('Space');
    await expect(page.getByRole('button', { name: 'Bench 1, row 3, place 1' })).toBeVisible();
    await page.getByLabel('fume cupboard').fill('1');
    await page.getByRole('button', { name: 'Save the room' }).click();
    await expect(page.getByRole('button', { name: 'Saved' })).toBeVisible();
    await page.getByRole('link', { name: 'Store' }).click();
    await page.getByRole('button', { name: 'Enter what a school usually holds' }).click();
    await expect(page.getByText('Silver nitrate')).toBeVisible();
    const silver = page.getByRole('row', { name: /Silver nitrate/ });
    await silver.getByRole('button', { name: /^New batch/ }).click();
    await page.getByLabel('Batch mark').fill('SN-1');
    await page.getByLabel('Amount, g').fill('25');
    await page.getByRole('button', { name: 'Enter the batch' }).click();
    await expect(silver.getByText('25 g')).toBeVisible();
  });

  test('a practical from scratch: samples typed, tests added, each consequence told and mended', async () => {
    const { page } = teacher;
    await page.getByRole('link', { name: 'Practicals' }).click();
    await page.getByRole('button', { name: 'New practical' }).click();
    await page.getByLabel('Title').fill('Halides and sulfate from the lamp store');
    await page.getByLabel('Students name').selectOption('anion');
    await expect(follows(page).getByText(/nothing to name yet/)).toBeVisible();
    await part(page, /Samples/);
    for (const salt of ['sodium chloride', 'KBr', 'potassium iodide', 'sodium sulfate']) {
      await page.getByRole('combobox', { name: 'Add a sample' }).fill(salt);
      await page.getByRole('button', { name: 'Unknown', exact: true }).click();
    }
    await page.getByRole('combobox', { name: 'Add a sample' }).fill('soup');
    await page.getByRole('button', { name: 'Unknown', exact: true }).click();
    await expect(page.getByText(/“soup” could not be read/)).toBeVisible();
    await page.getByRole('combobox', { name: 'Add a sample' }).fill('K2SO4');
    await page.getByRole('button', { name: 'Known', exact: true }).click();
    await part(page, /Tests/);
    await page.getByRole('combobox', { name: 'Add a test' }).fill('sulf');
    await page.getByRole('option', { name: /^Sulfate/ }).click();
    await expect(follows(page).getByText(/stay alike.*silver nitrate/)).toBeVisible();
    await follows(page).getByRole('button', { name: 'Add it' }).first().click();
    await expect(follows(page).getByText(/told from every other/)).toBeVisible();
    await follows(page).getByRole('button', { name: 'Add a blank' }).click();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(follows(page).getByRole('button', { name: 'Add a blank' })).toBeVisible();
    await follows(page).getByRole('button', { name: 'Add a blank' }).click();
    // A reload loses nothing that was entered.
    await page.reload();
    await expect(page.getByText('with changes not saved yet')).toBeVisible();
    await page.getByRole('button', { name: 'Save as version 2' }).click();
    await expect(page.getByRole('button', { name: 'Saved' })).toBeVisible();
  });

  test('its evidence is computed; a strength too low to see is flagged', async () => {
    const { page } = teacher;
    await part(page, 'Evidence');
    const row = page.getByRole('row', { name: /potassium bromide/ });
    await expect(row.getByText('cream')).toBeVisible();
    await expect(page.getByRole('heading', { name: 'The key' })).toBeVisible();
    await part(page, /Samples/);
    await page.getByLabel('Strength of sodium sulfate').fill('0.0001');
    await expect(follows(page).getByText(/too faint to see/)).toBeVisible();
    await page.getByLabel('Strength of sodium sulfate').fill('0.1');
    await expect(follows(page).getByText(/too faint to see/)).toHaveCount(0);
    await page.getByRole('button', { name: 'Throw changes away' }).click();
  });

  test('a number out of range is told below it; with the network cut, what is changed waits and is sent', async () => {
    const { page, context } = teacher;
    await part(page, /Samples/);
    const strength = page.getByLabel('Strength of sodium sulfate');
    await strength.fill('-3');
    await expect(page.getByText('Enter a number from 0.00001 to 20.')).toBeVisible();
    await expect(strength).toHaveValue('-3');
    await strength.fill('0.2');
    await expect(page.getByText(/Enter a number from/)).toHaveCount(0);
    await context.setOffline(true);
    await page.getByRole('button', { name: /^Save as version/ }).click();
    await expect(page.getByText(/What you changed is not saved yet/)).toBeVisible();
    await expect(strength).toHaveValue('0.2');
    await context.setOffline(false);
    await expect(page.getByRole('button', { name: 'Saved' })).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('Strength of sodium sulfate')).toHaveValue('0.2');
  });

  test('the rota is found with its bound, altered by hand, and says when it cannot fit', async () => {
    const { page } = teacher;
    await part(page, 'Rota');
    await expect(page.getByText(/Ends at minute \d+/)).toBeVisible({ timeout: 20_000 });
    const block = page.getByRole('button', { name: /^Sulfate, minute \d+ to \d+/ }).first();
    const before = Number(/minute (\d+)/.exec((await block.getAttribute('aria-label'))!)![1]);
    await block.focus();
    await page.keyboard.press('Space');
    const shift = () => block.evaluate((node) => getComputedStyle(node).transform);
    for (let i = 0; i < 3; i++) {
      const from = await shift();
      await page.keyboard.press('ArrowRight');
      await expect.poll(shift).not.toBe(from);
    }
    await page.keyboard.press('Space');
    await expect(
      page.getByRole('button', { name: new RegExp(`^Sulfate, minute ${before + 3} to .*set by hand`) }),
    ).toBeVisible({ timeout: 20_000 });
    await expect(page.getByText(/Ends at minute \d+/)).toBeVisible({ timeout: 20_000 });
    await page.getByRole('button', { name: 'Let all 1 go' }).click();
    await part(page, 'About');
    await page.getByLabel('Minutes in all').fill('20');
    await part(page, 'Rota');
    await expect(page.getByText(/more than the lesson has.*To mend it/)).toBeVisible({ timeout: 30_000 });
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('button', { name: 'Saved' })).toBeVisible();
  });

  test('a rehearsal of 500 lessons forecasts names and times, and ranks single changes', async () => {
    const { page } = teacher;
    await part(page, 'Rehearsal');
    const rehearse = page.getByRole('button', { name: 'Rehearse 500 times' });
    await rehearse.click();
    await page.getByRole('button', { name: 'Stop' }).click();
    await rehearse.click();
    await expect(page.getByText('of unknowns named rightly')).toBeVisible({ timeout: 60_000 });
    await expect(page.getByRole('region', { name: 'Single changes' }).getByRole('row').nth(3)).toBeVisible({
      timeout: 60_000,
    });
    await expect(rehearse).toBeVisible({ timeout: 60_000 });
  });

  test('a lesson of it at the benches of the room; jars dealt by hand where wanted', async () => {
    const { page } = teacher;
    await page.getByRole('link', { name: 'Classes' }).click();
    await page.getByLabel('Name of the class').fill('9 Lamp');
    await page.getByRole('button', { name: 'Make the class' }).click();
    // The page before has a box for files of its own.
    await expect(page.getByRole('heading', { name: /9 Lamp/ })).toBeVisible();
    await page.locator('input[type=file]').setInputFiles({
      name: 'names.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from('First name;Surname\nAsh;Tern\nBirch;Sole\nClove;Ling\nDill;Pike\n'),
    });
    await page.getByRole('button', { name: 'Add 4 students' }).click();
    await expect(page.getByText('4 added')).toBeVisible();
    await page.getByRole('button', { name: 'Make PIN cards' }).click();
    await expect(page.getByRole('button', { name: 'Print the cards' })).toBeVisible();
    await expect(page.getByRole('listitem')).toHaveCount(4);
    for (const card of await page.getByRole('listitem').allInnerTexts()) {
      const [, name, pin] = /^(.*?)\n[\s\S]*PIN\s*(\d{4})/.exec(card)!;
      pins.set(name!, pin!);
    }
    await page.getByRole('button', { name: 'I have printed them' }).click();
    await page.getByRole('link', { name: 'Practicals' }).click();
    await page
      .getByRole('row', { name: /Halides and sulfate from the lamp store/ })
      .getByRole('link', { name: 'Lesson' })
      .click();
    await page.getByLabel('Class').selectOption({ label: '9 Lamp (4)' });
    await page.getByLabel('Room').fill('Lab 1');
    await expect(page.getByText('Its 10 benches')).toBeVisible();
    await page.getByRole('button', { name: 'Make the lesson' }).click();
    await expect(page.getByRole('heading', { name: 'The room' })).toBeVisible();
    lesson = new URL(page.url()).pathname.split('/')[2]!;
    code = (await page.locator('text=Students join with the code').locator('b').innerText()).trim();
    const must = page.getByRole('group', { name: 'Jars Group 1 must have' }).getByRole('button').first();
    const jar = await must.innerText();
    await must.click();
    await page.getByRole('button', { name: 'Deal again' }).click();
    await expect(page.getByText(/as even as can be/).first()).toBeVisible({ timeout: 30_000 });
    await page.getByRole('button', { name: 'Use this dealing' }).click();
    await expect(page.getByRole('columnheader', { name: 'has', exact: true })).toBeVisible();
    await expect(
      page.getByRole('region', { name: 'Who gets which jar' }).getByRole('row', { name: /Group 1/ }),
    ).toContainText(`Jar ${jar}`);
    await part(page, 'Rota');
    await expect(page.getByText(/Ends at minute \d+/)).toBeVisible({ timeout: 20_000 });
    await page.getByRole('button', { name: 'Keep this rota' }).click();
    await expect(page.getByRole('button', { name: 'This rota is kept' })).toBeVisible();
    await page.reload();
    await expect(page.getByText(/The rota kept with the lesson; it ends at minute \d+/)).toBeVisible();
    await expect(page.getByRole('button', { name: 'This rota is kept' })).toBeDisabled();
  });

  test('the technician’s work: recipes from the store, weighed out, ticked, logged', async () => {
    const { page } = teacher;
    await page.goto(`${kivex.base}/lessons/${lesson}/prepare?part=make`);
    const silver = page.getByRole('row', { name: /^silver nitrate solution/ });
    await expect(silver.getByText(/g of AgNO₃, made up to/)).toBeVisible();
    await silver.getByRole('button', { name: 'Weigh out' }).click();
    const box = page.getByRole('group', { name: /^Weigh out Silver nitrate/ });
    await expect(box.getByText(/to go|too much/)).toBeVisible();
    // The display is unsettled from the press on, so each reading waited for is the one after it.
    await box.getByRole('button', { name: 'Tare' }).click();
    await expect(box.getByText(/to go/)).toBeVisible();
    await expect(box.locator('output')).toHaveText('0.00 g');
    for (let i = 0; i < 8 && !(await box.getByText('right', { exact: true }).isVisible()); i++) {
      await box.getByRole('button', { name: i < 3 ? 'Pour' : 'A grain or two' }).click();
      await expect(box.getByText(/to go|too much|right/)).toBeVisible();
    }
    await expect(box.getByText('right', { exact: true })).toBeVisible();
    await box.getByRole('button', { name: /^Take .* from the store/ }).click();
    await expect(page.getByText(/of Silver nitrate, batch SN-1: Ivo Beck/)).toBeVisible();
    await part(page, /To do/);
    await page.getByRole('checkbox', { name: /Print the labels/ }).press('Space');
    await expect(page.getByText(/done by Ivo Beck/)).toBeVisible();
    await part(page, 'Waste and substitutes');
    await page.getByRole('combobox', { name: 'What is to hand instead' }).fill('nitric');
    await page.getByRole('option', { name: 'nitric acid: dilute hydrochloric acid' }).click();
    await expect(
      page.getByRole('region', { name: 'Results that change' }).getByText('white').first(),
    ).toBeVisible();
    await page.getByRole('button', { name: 'Use it, and log it' }).click();
    await expect(page.getByText(/nitric acid → dilute hydrochloric acid/)).toBeVisible();
    await part(page, 'Benches');
    await page.getByLabel('Wells to skip').fill('A1 Z9');
    await expect(page.getByText(/no well Z9/)).toBeVisible();
    await page.getByLabel('Wells to skip').fill('A1');
    await expect(page.getByText(/no well/)).toHaveCount(0);
  });

  test('labels and papers come out; the simulated printer shows what it would print', async () => {
    const { page } = teacher;
    await page.goto(`${kivex.base}/lessons/${lesson}/prepare?part=labels`);
    await page.getByRole('button', { name: 'Label printer' }).click();
    await expect(page.getByText(/What the label printer would print/)).toBeVisible();
    const printed = page.getByRole('region', { name: 'Printed labels' });
    await expect(printed.getByAltText('QR code').first()).toBeVisible();
    await expect(printed).not.toContainText('bromide');
    for (const [link, name] of [
      ['A4 sheet (PDF)', 'kivex-labels.pdf'],
      ['Prep sheet (PDF)', 'kivex-prep-sheet.pdf'],
    ] as const) {
      const [file] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('link', { name: link }).click(),
      ]);
      expect(file.suggestedFilename()).toBe(name);
      expect(readFileSync(await file.path(), 'latin1').slice(0, 5)).toBe('%PDF-');
    }
    await part(page, 'Hazards');
    await expect(page.getByText(/never replace, your employer/).first()).toBeVisible();
  });

  test('the practical goes out as a file and comes back; a broken file is told at each place', async () => {
    const { page } = teacher;
    await page.getByRole('link', { name: 'Practicals' }).click();
    await page.getByRole('link', { name: 'Halides and sulfate from the lamp store' }).click();
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('link', { name: 'File', exact: true }).click(),
    ]);
    const text = readFileSync(await file.path(), 'utf8');
    await page.getByRole('link', { name: 'Practicals' }).click();
    const choose = (content: string) =>
      page
        .locator('input[type=file]')
        .setInputFiles({ name: 'p.json', mimeType: 'application/json', buffer: Buffer.from(content) });
    await choose(text.replace('"Br-"', '"Xx-"'));
    await expect(page.getByText(/cannot be taken yet/)).toBeVisible();
    await expect(page.getByText(/samples 2, ions 2/).first()).toBeVisible();
    await choose(text);
    await expect(
      page.getByRole('heading', { name: 'Halides and sulfate from the lamp store' }),
    ).toBeVisible();
    await expect(page.getByText(/^Version 1, saved/)).toBeVisible();
  });

  test('the lesson runs: one chooses the test, logs what is seen, names the anion, and is marked', async ({
    browser,
  }) => {
    const { page: desk } = teacher;
    await desk.goto(`${kivex.base}/lessons/${lesson}/plan`);
    await desk.getByRole('button', { name: 'Begin the lesson' }).click();
    const student = await tablet(browser);
    const { page } = student;
    await joinLesson(page, kivex.base, code, 'Ash Tern', pins.get('Ash Tern')!);
    await goTo(page, 'Method');
    await page.getByRole('group', { name: 'Tests' }).getByRole('button', { name: 'Halides' }).click();
    await expect(page.getByText(/step 1 of/)).toBeVisible();
    await goTo(page, 'Log');
    await page.getByRole('group', { name: 'Tests' }).getByRole('button', { name: 'Halides' }).click();
    const jar = page.getByRole('group', { name: 'Samples' }).getByRole('button', { name: /^Jar/ }).first();
    const label = /Jar \d{3}/.exec(await jar.innerText())![0];
    await jar.click();
    await page
      .getByRole('group', { name: /silver nitrate|precipitate/i })
      .first()
      .getByRole('button', { name: 'cream', exact: true })
      .click();
    await page.getByRole('button', { name: 'Log it' }).click();
    await expect(page.getByRole('heading', { name: `Logged for ${label}.` })).toBeVisible();
    await allSaved(page);
    await goTo(page, 'Name');
    await expect(page.getByText('Which anion is in each jar?')).toBeVisible();
    await page.getByRole('button', { name: /Halides: cream/ }).click();
    await page
      .getByRole('group', { name: `Ions for ${label}` })
      .getByRole('button', { name: /bromide/ })
      .click();
    await page.getByRole('button', { name: 'This is my answer' }).first().click();
    await goTo(page, 'Hand in');
    await page.getByRole('button', { name: 'Hand in my work' }).click();
    await allSaved(page);
    await desk.goto(`${kivex.base}/lessons/${lesson}/mark`);
    await expect(desk.getByRole('row', { name: /Ash Tern/ })).toBeVisible();
    await expect(
      desk.getByRole('button', { name: new RegExp(`Ash Tern, ${label}, named`, 'i') }),
    ).toBeVisible();
    await student.context.close();
  });
});
