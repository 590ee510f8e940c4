import { describe, expect, test } from '@jest/globals';
import 'reflect-metadata';
import { freshDatabase } from '../testing/test-server.js';
import { dataSourceFor, migrations } from './data-source.js';

describe('migrations', () => {
  test('bring an empty database to just what the entities say, and back to empty', async () => {
    const database = await freshDatabase();
    const source = await dataSourceFor(database.url).initialize();
    try {
      await source.runMigrations();
      const { upQueries } = await source.driver.createSchemaBuilder().log();
      expect(upQueries.map((q) => q.query)).toEqual([]);
      for (let n = migrations.length; n > 0; n--) await source.undoLastMigration();
      const left = await source.query<{ n: string }[]>(
        "SELECT COUNT(*) n FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name <> 'migrations'",
      );
      expect(Number(left[0]!.n)).toBe(0);
    } finally {
      await source.destroy();
      await database.drop();
    }
  });
  test('every foreign key has an index that begins with it', async () => {
    const database = await freshDatabase();
    const source = await dataSourceFor(database.url).initialize();
    try {
      await source.runMigrations();
      const bare = await source.query<{ t: string; c: string }[]>(`
        SELECT k.TABLE_NAME t, k.COLUMN_NAME c FROM information_schema.KEY_COLUMN_USAGE k
        WHERE k.TABLE_SCHEMA = DATABASE() AND k.REFERENCED_TABLE_NAME IS NOT NULL AND NOT EXISTS (
          SELECT 1 FROM information_schema.STATISTICS s WHERE s.TABLE_SCHEMA = k.TABLE_SCHEMA AND s.TABLE_NAME = k.TABLE_NAME AND s.COLUMN_NAME = k.COLUMN_NAME AND s.SEQ_IN_INDEX = 1)`);
      expect(bare).toEqual([]);
    } finally {
      await source.destroy();
      await database.drop();
    }
  });
});
