import { expect, test } from '@playwright/test';
import type { ClassHead, Lesson, LessonHead, PinCard, Room } from '@kivex/contract';
import { KivexServer } from './kivex-server.js';
import { joinLesson, laptop, phone, signIn, type Person } from './people.js';

/** Two members of staff plan one lesson at once: neither wipes away what the other saved. */
test.describe.serial('two people at one lesson', () => {
  let kivex: KivexServer;
  let teacher: Person;
  let technician: Person;
  let id: string;
  const rota = () => teacher.page.getByRole('button', { name: /Keep this rota|This rota is kept/ });
  const lesson = async () =>
    (await (await teacher.page.request.get(`${kivex.base}/api/lessons/${id}`)).json()) as Lesson;

  test.beforeAll(async ({ browser }) => {
    kivex = await KivexServer.start({ demo: true });
    [teacher, technician] = [await laptop(browser), await laptop(browser)];
    await signIn(teacher.page, kivex.base, 'orla.thresh@skerrin.example', 'lamp-room-demo');
    await signIn(technician.page, kivex.base, 'bram.quillane@skerrin.example', 'lamp-room-demo');
    const lessons = (await (
      await teacher.page.request.get(`${kivex.base}/api/lessons`)
    ).json()) as LessonHead[];
    id = lessons.find((l) => l.state === 'planned' && l.title.startsWith('Flame'))!.id;
  });
  test.afterAll(async () => {
    await teacher?.context.close();
    await technician?.context.close();
    await kivex?.stop();
  });

  test('the technician’s surplus and the teacher’s rota stand side by side', async () => {
    await teacher.page.goto(`${kivex.base}/lessons/${id}/plan?part=rota`);
    await technician.page.goto(`${kivex.base}/lessons/${id}/prepare?part=make`);
    await technician.page.getByLabel('More for spills, %').fill('35');
    await expect.poll(async () => (await lesson()).planning.surplus).toBe(0.35);
    await teacher.page.getByLabel('burner places').fill('7');
    await expect(rota()).toBeEnabled();
    await rota().click();
    await expect(teacher.page.getByRole('button', { name: 'This rota is kept' })).toBeVisible();
    const { planning } = await lesson();
    expect([planning.surplus, planning.places.burner]).toEqual([0.35, 7]);
  });

  test('who comes second sees both rotas, and chooses', async () => {
    await technician.page.goto(`${kivex.base}/lessons/${id}/plan?part=rota`);
    await technician.page.getByLabel('burner places').fill('5');
    await technician.page.getByRole('button', { name: 'Keep this rota' }).click();
    await expect(technician.page.getByRole('button', { name: 'This rota is kept' })).toBeVisible();
    await teacher.page.getByLabel('burner places').fill('6');
    // The page may have heard of it already; if not, it hears when it tries.
    const mine = teacher.page.getByRole('button', { name: /Keep this rota|Save mine over theirs/ });
    await expect(mine).toBeEnabled();
    if ((await mine.textContent()) === 'Keep this rota') await mine.click();
    const told = teacher.page.getByRole('status').filter({ hasText: 'Somebody else has saved meanwhile' });
    await expect(told).toContainText(/Theirs: ends at minute \d+; .*burner 5/);
    await expect(told).toContainText(/Yours: ends at minute \d+; .*burner 6/);
    expect((await lesson()).planning.places.burner).toBe(5);
    await teacher.page.getByRole('button', { name: 'Save mine over theirs' }).click();
    await expect(teacher.page.getByRole('button', { name: 'This rota is kept' })).toBeVisible();
    expect((await lesson()).planning.places.burner).toBe(6);
  });

  test('or takes what the other saved', async () => {
    const { page } = technician;
    await page.getByLabel('burner places').fill('4');
    const mine = page.getByRole('button', { name: /Keep this rota|Save mine over theirs/ });
    await expect(mine).toBeEnabled();
    if ((await mine.textContent()) === 'Keep this rota') await mine.click();
    await page.getByRole('button', { name: 'Take theirs' }).click();
    await expect(page.getByLabel('burner places')).toHaveValue('6');
    await expect(page.getByRole('button', { name: 'This rota is kept' })).toBeVisible();
  });

  test('a room they both change is the first one’s; who comes second sees how it differs, and saves over it', async () => {
    const rooms = async () =>
      (await (await teacher.page.request.get(`${kivex.base}/api/rooms`)).json()) as readonly Room[];
    const [{ name }] = (await rooms()) as [Room];
    const card = ({ page }: Person) => page.getByRole('form', { name, exact: true });
    for (const { page } of [teacher, technician]) await page.goto(`${kivex.base}/rooms`);
    await card(teacher).getByLabel('burner').fill('3');
    await card(technician).getByLabel('burner').fill('4');
    await card(technician).getByRole('button', { name: 'Save the room' }).click();
    await expect(card(technician).getByRole('button', { name: 'Saved' })).toBeVisible();
    // The page may have heard of it already; if not, it hears when it tries.
    const mine = card(teacher).getByRole('button', { name: /^Save/ });
    if ((await mine.textContent()) === 'Save the room') await mine.click();
    await expect(card(teacher).getByText('burner: theirs 4, yours 3')).toBeVisible();
    expect((await rooms()).find((r) => r.name === name)!.plan.places.burner).toBe(4);
    await card(teacher).getByRole('button', { name: 'Save mine over theirs' }).click();
    await expect(card(teacher).getByRole('button', { name: 'Saved' })).toBeVisible();
    expect((await rooms()).find((r) => r.name === name)!.plan.places.burner).toBe(3);
  });

  test('while it runs a burner fails: the rest is planned anew, and the benches have the new times', async ({
    browser,
  }) => {
    const { page } = teacher;
    const before = (await lesson()).planning;
    await page.request.put(`${kivex.base}/api/lessons/${id}/state`, {
      headers: { 'x-kivex': '1' },
      data: { state: 'running' },
    });
    const { joinCode, className, groupList } = await lesson();
    const [{ students }] = groupList as [Lesson['groupList'][number]];
    const classes = (await (await page.request.get(`${kivex.base}/api/classes`)).json()) as ClassHead[];
    const theirs = classes.find((c) => c.name === className)!;
    const made = await page.request.post(`${kivex.base}/api/classes/${theirs.id}/pins`, {
      headers: { 'x-kivex': '1' },
      data: { students: [students[0]!.id] },
    });
    const [card] = (await made.json()) as [PinCard];
    const student = await phone(browser);
    await joinLesson(student.page, kivex.base, joinCode, students[0]!.name, card.pin);
    const next = student.page.getByRole('region', { name: 'Now and next' });
    await expect(next).toContainText('Flame test');
    const was = await next.textContent();
    await page.goto(`${kivex.base}/lessons/${id}/run`);
    await page.getByRole('button', { name: 'Plan the rest anew' }).click();
    const sheet = page.getByRole('dialog');
    await sheet.getByLabel('burner places left').fill('1');
    await expect(sheet.getByText(/The last group ends at/)).toBeVisible();
    const go = sheet.getByRole('button', { name: 'Go on by this rota' });
    await expect(go).toBeEnabled({ timeout: 30_000 });
    await go.click();
    await expect(sheet).toHaveCount(0);
    const { planning } = await lesson();
    expect(planning.places.burner).toBe(1);
    expect(planning.versions.rota).toBe(before.versions.rota + 1);
    const latest = (slots: typeof planning.schedule) => Math.max(...slots!.map((s) => s.end));
    expect(latest(planning.schedule)).toBeGreaterThan(latest(before.schedule));
    // Groups wait for the one burner now; this bench's own time may or may not be another.
    const own = planning.schedule!.filter((s) => s.group === 1)[0]!;
    const old = before.schedule!.filter((s) => s.group === 1)[0]!;
    if (own.start !== old.start) await expect(next).not.toHaveText(was!);
    // A call is told on the other faces of a running lesson, and leads to the board, where nothing is told twice.
    let listening = false;
    page.on('websocket', (wire) =>
      wire.on('framereceived', ({ payload }) => {
        if (String(payload).includes('"ready"')) listening = true;
      }),
    );
    await page.goto(`${kivex.base}/lessons/${id}/plan`);
    await expect.poll(() => listening, { timeout: 20_000 }).toBe(true);
    await student.page.getByRole('button', { name: 'Call', exact: true }).click();
    const told = page.getByText(/asks for help\.$/);
    await expect(told).toBeVisible();
    await page.getByRole('button', { name: 'To the board' }).click();
    await expect(page).toHaveURL(/\/run$/);
    await expect(told).toHaveCount(0);
    await expect(page.getByText('asks for help').first()).toBeVisible();
    await student.context.close();
  });
});
