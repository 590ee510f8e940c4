import { expect, test, type Page } from '@playwright/test';
import { KivexServer } from './kivex-server.js';
import { allSaved, goTo, joinLesson, kept, laptop, logColour, phone, tablet, type Person } from './people.js';

/** The whole of a first lesson, from an empty Kivex to marks in a file; each test goes on from the one before. */
test.describe.serial('a first lesson, end to end', () => {
  let kivex: KivexServer;
  let teacher: Person;
  let one: Person;
  let two: Person;
  let code = '';
  const pins = new Map<string, string>();
  const jars: string[] = [];

  test.beforeAll(async ({ browser }) => {
    kivex = await KivexServer.start();
    [teacher, one, two] = await Promise.all([
      laptop(browser),
      phone(browser),
      tablet(browser, { keeps: true }),
    ]);
  });
  test.afterAll(async () => {
    await Promise.all([teacher, one, two].map((p) => p?.context.close()));
    await kivex?.stop();
  });
  const jarsOf = async (page: Page) => {
    const jars = page.getByRole('button', { name: /^Jar \d/ });
    await expect(jars.first()).toBeVisible();
    return (await jars.allTextContents()).map((t) => /Jar \d{3}/.exec(t)![0]);
  };

  test('an empty Kivex asks for its first school, and says at the field what is wrong', async () => {
    const { page } = teacher;
    await page.goto(kivex.base);
    await expect(page).toHaveURL(/first-school/);
    await page.getByLabel('Name of the school').fill('Tarn Light School');
    await page.getByLabel('Your name').fill('Ivo Beck');
    await page.getByLabel('Your e-mail address').fill('ivo@tarn.example');
    await page.getByLabel('Your password').fill('short');
    await page.getByLabel('Set-up code').fill('12345678');
    await page.getByRole('button', { name: 'Make the school' }).click();
    await expect(page.getByRole('alert')).toContainText('at least 10 characters');
    await expect(page.getByLabel('Name of the school')).toHaveValue('Tarn Light School');
    await page.getByLabel('Your password').fill('a long enough one');
    await page.getByRole('button', { name: 'Make the school' }).click();
    await expect(page.getByRole('heading', { name: 'Classes', exact: true })).toBeVisible();
  });

  test('a class from a pasted list; lines that cannot be taken are told and kept', async () => {
    const { page } = teacher;
    await page.getByLabel('Name of the class').fill('9 Lamp');
    await page.getByRole('button', { name: 'Make the class' }).click();
    await page
      .getByLabel(/Paste one name a line/)
      .fill('Ash Tern\nBirch Sole\nClove Ling\nDill Pike\nash tern');
    await expect(page.getByText('Already in the class')).toBeVisible();
    await page.getByRole('button', { name: 'Add 4 students' }).click();
    await expect(page.getByText('4 added')).toBeVisible();
    await expect(page.getByLabel(/Paste one name a line/)).toHaveValue('ash tern');
  });

  test('PIN cards are shown once, to print', async () => {
    const { page } = teacher;
    await page.getByRole('button', { name: 'Make PIN cards' }).click();
    await expect(page.getByRole('button', { name: 'Print the cards' })).toBeVisible();
    await expect(page.getByRole('listitem')).toHaveCount(4);
    for (const card of await page.getByRole('listitem').allInnerTexts()) {
      const [, name, pin] = /^(.*?)\n[\s\S]*PIN\s*(\d{4})/.exec(card)!;
      pins.set(name!, pin!);
    }
    await page.getByRole('button', { name: 'I have printed them' }).click();
    await expect(page.getByText('no PIN yet')).toHaveCount(0);
  });

  test('a lesson is made for the class, with a wrong field told first', async () => {
    const { page } = teacher;
    await page.getByRole('link', { name: 'Lessons' }).click();
    await page.getByRole('link', { name: 'New lesson' }).first().click();
    await page.getByLabel('Class').selectOption({ label: '9 Lamp (4)' });
    await page.getByLabel('Practical').selectOption({ label: 'Flame colours of unlabelled jars' });
    await expect(page.getByRole('button', { name: 'Dill Pike: move to another group' })).toBeVisible();
    await page.getByRole('button', { name: 'Make the lesson' }).click();
    await expect(page.getByRole('alert')).toContainText('which room');
    await page.getByLabel('Room').fill('Lab 4');
    await page.getByRole('button', { name: 'Make the lesson' }).click();
    await expect(page.getByRole('heading', { name: 'The room' })).toBeVisible();
    code = (await page.locator('text=Students join with the code').locator('b').innerText()).trim();
    expect(code).toMatch(/^\d{6}$/);
  });

  test('students join on their own devices and wait; wrong code and PIN are told at the field', async () => {
    const { page } = one;
    await page.goto(kivex.base);
    await page.getByLabel('Lesson code').fill('1');
    await page.getByRole('button', { name: 'Next' }).click();
    await expect(page.getByRole('alert')).toContainText('six digits');
    await page.getByLabel('Lesson code').fill(code);
    await page.getByRole('button', { name: 'Next' }).click();
    await page.getByLabel('Who are you?').selectOption({ label: 'Ash Tern' });
    await page.getByLabel('Your PIN').fill('0000');
    await page.getByRole('button', { name: 'Join' }).click();
    await expect(page.getByRole('alert')).toContainText('not the PIN');
    await page.getByLabel('Your PIN').fill(pins.get('Ash Tern')!);
    await page.getByRole('button', { name: 'Join' }).click();
    await expect(page.getByText('You are in, Ash Tern')).toBeVisible();
    await joinLesson(two.page, kivex.base, code, 'Clove Ling', pins.get('Clove Ling')!);
  });

  test('the teacher begins; the waiting benches open by themselves', async () => {
    await teacher.page.getByRole('button', { name: 'Begin the lesson' }).click();
    for (const { page } of [one, two]) {
      await expect(page.getByRole('heading', { name: /Your tile 0 of 7 logged/ })).toBeVisible();
      await goTo(page, 'Method');
      await expect(page.getByRole('heading', { name: /light the burner/ })).toBeVisible();
    }
    await expect(teacher.page.getByText('live', { exact: true })).toBeVisible();
    await expect(
      teacher.page.getByLabel('Group 1', { exact: true }).getByText('1 devices connected'),
    ).toBeVisible();
  });

  test('the method goes one step at a time with its cautions, and asks the teacher over', async () => {
    const { page } = one;
    await page.getByRole('button', { name: 'Next step' }).click();
    await expect(page.getByText(/Burns skin and its fumes hurt the lungs/)).toBeVisible();
    await page.getByRole('button', { name: 'Ask the teacher over' }).click();
    await expect(teacher.page.getByText('wants something signed off')).toBeVisible();
    await teacher.page.getByRole('button', { name: 'Sign off Flame test' }).click();
    await expect(teacher.page.getByText('wants something signed off')).toHaveCount(0);
    await expect(page.getByText(/Your teacher has seen it/)).toBeVisible();
    await expect(page.getByRole('button', { name: 'Call', exact: true })).toBeEnabled();
    await expect(page.getByText(/clear away/)).toHaveCount(0);
    const next = page.getByRole('button', { name: 'Next step' });
    await expect(next).toBeVisible();
    while (await next.isVisible()) await next.click();
    await expect(page.getByText(/clear away:.*Acid from the watch glass/)).toBeVisible();
  });

  test('an observation stands on the board, and for the partner, at once', async () => {
    await goTo(one.page, 'Log');
    jars.push(...(await jarsOf(one.page)));
    expect(jars).toHaveLength(2);
    await logColour(one.page, 'lithium chloride', 'crimson');
    await logColour(one.page, jars[0]!, 'lilac');
    await allSaved(one.page);
    const tile = teacher.page.getByLabel('Group 1', { exact: true });
    await expect(tile.getByText('lilac')).toBeVisible();
    await expect(tile.getByText('2/7 logged', { exact: false })).toBeVisible();
  });

  test('a cell of the group’s own tile leads to its pad, ready for that sample', async () => {
    const { page } = one;
    await goTo(page, 'Tile');
    await expect(page.getByRole('heading', { name: /Your tile 2 of 7 logged/ })).toBeVisible();
    const cell = page.getByRole('button', {
      name: new RegExp(`${jars[0]!}, Flame test: lilac|Flame test lilac`),
    });
    const next = page.getByRole('button', { name: 'Sample after' });
    for (let n = 0; n < 7 && (await next.isVisible()); n++) {
      if (await page.getByText(jars[0]!, { exact: true }).isVisible()) break;
      await next.click();
    }
    await cell.click();
    await expect(page.getByRole('heading', { name: jars[0]! })).toBeVisible();
    await expect(page.getByRole('group', { name: 'What colour was the flame?' })).toBeVisible();
  });

  test('the teacher stops the class: every bench stands still until it goes on, one that was away too', async () => {
    await two.context.setOffline(true);
    await teacher.page.getByRole('button', { name: 'Stop the class' }).click();
    await expect(one.page.getByRole('alert').filter({ hasText: 'Stop. Put everything down' })).toBeVisible();
    await expect(one.page.getByRole('group', { name: 'What colour was the flame?' })).toHaveCount(0);
    await two.context.setOffline(false);
    await expect(two.page.getByRole('alert').filter({ hasText: 'Stop. Put everything down' })).toBeVisible();
    await teacher.page.getByRole('button', { name: 'Go on' }).click();
    for (const { page } of [one, two])
      await expect(page.getByText('Stop. Put everything down')).toHaveCount(0);
    await expect(one.page.getByRole('group', { name: 'What colour was the flame?' })).toBeVisible();
  });

  test('a hint to one group is read there and put away', async () => {
    await teacher.page.getByRole('button', { name: 'Give a hint' }).click();
    const sheet = teacher.page.getByRole('dialog');
    await sheet.getByLabel('To whom?').selectOption({ label: 'Group 1' });
    await sheet.getByLabel('What the bench reads').fill('Look in the first two seconds.');
    await sheet.getByRole('button', { name: 'Send it' }).click();
    await expect(one.page.getByText('Look in the first two seconds.')).toBeVisible();
    await expect(two.page.getByText('Look in the first two seconds.')).toHaveCount(0);
    await one.page.getByRole('button', { name: 'Read it' }).click();
    await expect(one.page.getByText('Look in the first two seconds.')).toHaveCount(0);
  });

  test('a correction stands beside the first entry, and a doubtful repeat is marked so', async () => {
    const { page } = one;
    await page.getByRole('button', { name: 'Correct' }).click();
    await page
      .getByRole('group', { name: 'What colour was the flame?' })
      .getByRole('button', { name: 'yellow', exact: true })
      .click();
    await page.getByRole('button', { name: 'Log it' }).click();
    await expect(page.getByText('corrected below')).toBeVisible();
    await expect(page.getByText(/Yellow covers other colours/)).toBeVisible();
    await page.getByRole('button', { name: 'Look again now' }).click();
    await page.getByText('What did you see through the blue glass?').click();
    await page
      .getByRole('group', { name: /through the blue glass/ })
      .getByRole('button', { name: 'crimson' })
      .click();
    await page.getByLabel('In your own words').fill('pinky red in the glass');
    await page.getByRole('button', { name: 'Not sure' }).click();
    await page.getByRole('button', { name: 'Log it' }).click();
    await expect(page.getByText('“pinky red in the glass”')).toBeVisible();
    await allSaved(page);
  });

  test('what is half entered survives a reload', async () => {
    const { page } = one;
    await page.getByRole('group', { name: 'Samples' }).getByRole('button', { name: jars[1]! }).click();
    await page
      .getByRole('group', { name: 'What colour was the flame?' })
      .getByRole('button', { name: 'apple-green' })
      .click();
    await page.reload();
    await expect(page.getByRole('button', { name: 'apple-green' })).toHaveAttribute('aria-pressed', 'true');
    await page.getByRole('button', { name: 'Log it' }).click();
    await allSaved(page);
  });

  test('without a network the bench goes on, even over a reload, and catches up by itself', async () => {
    const { page, context } = two;
    await goTo(page, 'Log');
    const [jar] = await jarsOf(page);
    // The shell must be on the device before the network goes.
    await kept(page);
    await context.setOffline(true);
    await logColour(page, jar!, 'brick-red');
    await expect(page.getByText(/safe on this device/)).toBeVisible();
    await page.reload();
    await expect(page.getByText(/safe on this device/)).toBeVisible();
    await logColour(page, 'sodium chloride', 'yellow');
    await context.setOffline(false);
    await allSaved(page);
    await expect(teacher.page.getByLabel('Group 2', { exact: true }).getByText('brick-red')).toBeVisible();
  });

  test('the server killed mid-lesson and started again: nothing acknowledged is lost, all recover by themselves', async () => {
    await kivex.kill();
    await goTo(one.page, 'Log');
    await logColour(one.page, 'potassium chloride', 'lilac');
    await expect(one.page.getByText(/safe on this device/)).toBeVisible();
    await kivex.up();
    await allSaved(one.page);
    await expect(teacher.page.getByText('live', { exact: true })).toBeVisible();
    await expect(
      teacher.page.getByLabel('Group 1', { exact: true }).getByText('4/7 logged', { exact: false }),
    ).toBeVisible();
    await expect(
      teacher.page.getByLabel('Group 2', { exact: true }).getByText('2/7 logged', { exact: false }),
    ).toBeVisible();
  });

  test('naming wants evidence pointed at; then it hands in', async () => {
    const { page } = one;
    await goTo(page, 'Name');
    const answer = page.getByRole('button', { name: 'This is my answer' }).first();
    await page
      .getByRole('group', { name: `Ions for ${jars[0]}` })
      .getByRole('button', { name: /sodium/ })
      .click();
    await expect(answer).toBeDisabled();
    await page.getByRole('button', { name: 'yellow', exact: true }).click();
    await answer.click();
    await expect(page.getByText('you said sodium')).toBeVisible();
    await goTo(page, 'Hand in');
    await expect(page.getByText(/things are missing/)).toBeVisible();
    await page.getByRole('button', { name: 'Hand in my work' }).click();
    await expect(page.getByText(/You handed in at/)).toBeVisible();
    await expect(teacher.page.getByText('1 of 4')).toBeVisible();
  });

  test('marks stand at once, with reasons; a change wants a reason and keeps who and when', async () => {
    const { page } = teacher;
    await page.getByRole('link', { name: 'Mark', exact: true }).click();
    await page.getByRole('button', { name: `Ash Tern, ${jars[0]}, named` }).click();
    const desk = page.getByLabel('Marking desk');
    await expect(desk.getByText(/follows from what was recorded|is what the sample holds/)).toBeVisible();
    await page.getByRole('button', { name: `Ash Tern, ${jars[1]}, named` }).click();
    await desk.getByText('1 of 1').click();
    await desk.getByRole('button', { name: 'Save the mark' }).click();
    await expect(desk.getByRole('alert')).toContainText('Say why');
    await desk.getByLabel('Why').fill('Told me at the bench');
    await desk.getByRole('button', { name: 'Save the mark' }).click();
    await page.getByRole('button', { name: `Ash Tern, ${jars[1]}, named: earned, changed` }).click();
    await expect(desk.getByText(/Ivo Beck set 1 on .*: Told me at the bench/)).toBeVisible();
    await desk.getByRole('button', { name: 'Close' }).click();
  });

  test('ending marks everybody; the file of marks comes out; release shows students their own', async () => {
    const { page } = teacher;
    await page.getByRole('link', { name: 'Run', exact: true }).click();
    await page.getByRole('button', { name: 'End the lesson' }).click();
    await page.getByRole('link', { name: 'Go to the marks' }).click();
    await expect(page.getByRole('button', { name: /^Dill Pike/ }).first()).toBeVisible();
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('link', { name: 'CSV' }).first().click(),
    ]);
    const lines = (await (await download.createReadStream()).toArray()).join('').trim().split('\r\n');
    expect(lines).toHaveLength(5);
    expect(lines.find((l) => l.startsWith('Ash Tern'))).toMatch(/,9,,\d+$/);
    await expect(one.page.getByText('The lesson is over')).toBeVisible();
    await page.getByRole('button', { name: 'Release the marks' }).click();
    await expect(one.page.getByText(/of 9/)).toBeVisible();
    await expect(one.page.getByText('Told me at the bench')).toBeVisible();
    await expect(one.page.getByText('Clove Ling')).toHaveCount(0);
    await expect(two.page.getByText(/of 9/)).toBeVisible();
  });

  test('the class is reviewed: items, and what was named what', async () => {
    await teacher.page.getByRole('link', { name: 'Review', exact: true }).click();
    await expect(teacher.page.getByRole('heading', { name: /What to teach again/ })).toBeVisible();
    await teacher.page.getByRole('tab', { name: 'Items' }).click();
    await expect(teacher.page.getByRole('img', { name: /Share of points earned/ })).toBeVisible();
    await teacher.page.getByRole('tab', { name: 'Names' }).click();
    await expect(teacher.page.getByText('was ↓ named →')).toBeVisible();
  });
});
