import { afterAll, afterEach, beforeAll, describe, expect, test } from '@jest/globals';
import { mkdtemp, readFile, readdir, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join as path } from 'node:path';
import 'reflect-metadata';
import { pino } from 'pino';
import { gunzipSync, gzipSync } from 'node:zlib';
import type { DataSource } from 'typeorm';
import { dataSourceFor, migrations } from '../database/data-source.js';
import { migrationsDone, migrationsKnown, prepareDatabase } from './prepare-database.js';
import {
  benchOf,
  entry,
  freshDatabase,
  join,
  makeLesson,
  makeSchool,
  saw,
  send,
  serve,
  testSettings,
} from '../testing/test-server.js';
import { checkBackup, writeBackup } from './backup-file.js';
import { backupName, keepNewest } from './kept-backups.js';
import { restoreBackup } from './restore.js';

let folder: string;
const drops: (() => Promise<void>)[] = [];
beforeAll(async () => {
  folder = await mkdtemp(path(tmpdir(), 'kivex-backup-'));
});
afterAll(() => rm(folder, { recursive: true }));
afterEach(async () => {
  for (const drop of drops.splice(0)) await drop();
});

async function database(): Promise<string> {
  const made = await freshDatabase();
  drops.push(made.drop);
  return made.url;
}
/** A database as an older version left it. */
async function older(steps: number): Promise<{ url: string; source: DataSource }> {
  const url = await database();
  const source = await dataSourceFor(url).initialize();
  await source.runMigrations();
  for (let n = migrations.length; n > steps; n--) await source.undoLastMigration();
  return { url, source };
}
/** A database of the first so many steps, and nothing undone: opened as this version does. */
async function ofSteps(steps: number): Promise<DataSource> {
  const url = await database();
  const then = await dataSourceFor(url)
    .setOptions({ migrations: migrations.slice(0, steps) })
    .initialize();
  await then.runMigrations();
  await then.destroy();
  return dataSourceFor(url).initialize();
}
const quiet = pino({ level: 'silent' });

describe('a backup', () => {
  test('taken while a lesson runs holds one moment of it, reads back whole, and brings all of it back', async () => {
    const url = await database();
    const server = await serve(url);
    const school = await makeSchool(server);
    const teacher = await school.signIn('teacher');
    const lesson = await makeLesson(teacher, school);
    const ash = await join(server, school, lesson, 0);
    const sample = (await benchOf(ash)).samples[0]!.id;
    const one = entry(saw(sample, 'crimson', { words: 'naïve “red”, Łódź, 红色 🔥' }));
    await send(ash, [one]);
    const source = await dataSourceFor(url).initialize();
    const file = path(folder, 'running.kivex-backup');
    const [rows] = await Promise.all([
      writeBackup(source, await migrationsDone(source), file),
      send(
        ash,
        Array.from({ length: 40 }, () => entry(saw(sample, 'red'))),
      ),
    ]);
    expect((await checkBackup(file)).rows).toEqual(rows);
    const written = gunzipSync(await readFile(file)).toString();
    expect(written).not.toContain('undefined');
    await server.close();
    await restoreBackup(source, file);
    await source.destroy();
    const again = await serve(url);
    const back = await join(again, school, lesson, 0);
    const events = (await benchOf(back)).events;
    await again.close();
    expect(events.find((e) => e.id === one.id)!.body).toEqual(one.body);
    expect(events).toHaveLength(rows['lesson_event']!);
  });

  test.each(migrations.map((_, i) => [i + 1, migrationsKnown[i]!] as const))(
    'of tables after step %d (%s) comes back with them brought up to date',
    async (steps) => {
      const source = await ofSteps(steps);
      await source.query("INSERT INTO school (id, name) VALUES ('s', 'Skerrin')");
      await source.query(
        "INSERT INTO staff (id, schoolId, email, name, role, passwordHash) VALUES ('t', 's', 'a@b.example', 'Ana', 'head', 'x')",
      );
      await source.query("INSERT INTO school_class (id, schoolId, name) VALUES ('c', 's', '9 Lamp')");
      await source.query(
        "INSERT INTO sign_in_attempt (who, failures, lastAt) VALUES ('x', 3, '2026-01-02 03:04:05.678')",
      );
      const file = path(folder, `schema-${steps}.kivex-backup`);
      await writeBackup(source, await migrationsDone(source), file);
      await source.query('DELETE FROM school_class');
      await restoreBackup(source, file);
      expect(await migrationsDone(source)).toEqual(migrationsKnown);
      expect(await source.query('SELECT name FROM school_class')).toEqual([{ name: '9 Lamp' }]);
      expect(await source.query('SELECT name, mustChangePassword m FROM staff')).toMatchObject([
        { name: 'Ana', m: 0 },
      ]);
      // Its constraints hold again.
      await expect(
        source.query("INSERT INTO school_class (id, schoolId, name) VALUES ('d', 'nobody', 'x')"),
      ).rejects.toThrow();
      // So do its triggers: decisions on marks stay unaltered after a backup is put back, too.
      const triggers = await source.query<{ name: string }[]>(
        'SELECT trigger_name name FROM information_schema.triggers WHERE trigger_schema = DATABASE() ORDER BY 1',
      );
      expect(triggers.map((t) => t.name)).toEqual(
        ['mark_change', 'mark_scheme', 'sample_held'].flatMap((t) => [`${t}_no_delete`, `${t}_no_update`]),
      );
      const { upQueries } = await source.driver.createSchemaBuilder().log();
      expect(upQueries).toEqual([]);
      await source.destroy();
    },
  );

  test.each<[string, (text: string) => string | Buffer]>([
    ['cut off', (text) => gzipSync(text.slice(0, -40))],
    ['changed in one letter', (text) => gzipSync(text.replace('Skerrin', 'Skerrim'))],
    [
      'without one row',
      (text) =>
        gzipSync(
          text
            .split('\n')
            .filter((l) => !l.includes('Skerrin'))
            .join('\n'),
        ),
    ],
    ['of something else', () => 'hello'],
    ['of a newer format', (text) => gzipSync(text.replace('"kivexBackup":1', '"kivexBackup":99'))],
    ['broken in its packing', (text) => gzipSync(text).subarray(0, 200)],
  ])('%s is refused, and the tables stay as they are', async (_, spoil) => {
    const { source } = await older(migrations.length);
    await source.query("INSERT INTO school (id, name) VALUES ('s', 'Skerrin')");
    const file = path(folder, 'good.kivex-backup');
    await writeBackup(source, migrationsKnown, file);
    const bad = path(folder, 'bad.kivex-backup');
    await writeFile(bad, spoil(gunzipSync(await readFile(file)).toString()));
    await source.query("UPDATE school SET name = 'As it was'");
    await expect(restoreBackup(source, bad)).rejects.toThrow(/damaged|newer Kivex/);
    expect(await source.query('SELECT name FROM school')).toEqual([{ name: 'As it was' }]);
    await source.destroy();
  });

  test('is made before the tables change, and the newest are kept', async () => {
    const { url, source } = await older(1);
    await source.query("INSERT INTO school (id, name) VALUES ('s', 'Skerrin')");
    await source.destroy();
    const own = path(folder, 'kept');
    const config = Object.assign(testSettings(url), { KIVEX_BACKUP_FOLDER: own, KIVEX_BACKUPS_KEPT: 3 });
    await prepareDatabase(config, quiet);
    const [name] = await readdir(own);
    expect(name).toMatch(/^kivex-.*-before-upgrade\.kivex-backup$/);
    expect((await checkBackup(path(own, name!))).head.migrations).toEqual([migrationsKnown[0]]);
    await prepareDatabase(config, quiet);
    expect(await readdir(own)).toHaveLength(1);
    for (const year of [2001, 2002, 2003])
      await writeFile(path(own, backupName('x', new Date(Date.UTC(year)))), '');
    await writeFile(path(own, 'mine.txt'), '');
    await keepNewest(own, 3);
    expect((await readdir(own)).sort()).toEqual(
      [
        backupName('x', new Date(Date.UTC(2002))),
        backupName('x', new Date(Date.UTC(2003))),
        name,
        'mine.txt',
      ].sort(),
    );
  });
});

describe('an older Kivex', () => {
  test('refuses the database of a newer one with a sentence', async () => {
    const { url, source } = await older(migrations.length);
    await source.query(
      "INSERT INTO migrations (timestamp, name) VALUES (9999999999999, 'FromTheFuture9999999999999')",
    );
    await source.destroy();
    await expect(prepareDatabase(testSettings(url), quiet)).rejects.toThrow(
      /written by a newer Kivex.*npm run restore/s,
    );
  });
  test('two processes that start at once bring the tables up to date once', async () => {
    const url = await database();
    await Promise.all([1, 2, 3].map(() => prepareDatabase(testSettings(url), quiet)));
    const source = await dataSourceFor(url).initialize();
    expect(await migrationsDone(source)).toEqual(migrationsKnown);
    await source.destroy();
  });
});
