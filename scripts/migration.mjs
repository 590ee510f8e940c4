// node scripts/migration.mjs NAME: writes a migration that brings a database at the last migration to what the entities say.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { buildAll, root } from './built.mjs';
import { startMariadb } from './mariadb.mjs';

const name = process.argv[2];
if (!name || !/^[a-z][a-z-]*$/.test(name)) {
  console.error('Say what it is for, in lower case with hyphens: node scripts/migration.mjs stock-batches');
  process.exit(2);
}
if (!process.argv.includes('--no-build')) await buildAll(console.log);
const mariadb = await startMariadb(join(root, '.data', 'migration'));
try {
  const { dataSourceFor } = await import('../packages/server/dist/database/data-source.js');
  const source = await dataSourceFor(mariadb.url).initialize();
  await source.dropDatabase();
  await source.runMigrations();
  const { upQueries, downQueries } = await source.driver.createSchemaBuilder().log();
  await source.destroy();
  const stamp = Date.now();
  const className =
    name
      .split('-')
      .map((w) => w[0].toUpperCase() + w.slice(1))
      .join('') + stamp;
  const lines = (queries) =>
    queries.map(({ query }) => `    await queryRunner.query(${JSON.stringify(query)});`).join('\n');
  const file = join(root, 'packages/server/src/database/migrations', `${stamp}-${name}.ts`);
  writeFileSync(
    file,
    `import type { MigrationInterface, QueryRunner } from 'typeorm';\n\nexport class ${className} implements MigrationInterface {\n  readonly name = '${className}';\n\n  async up(queryRunner: QueryRunner): Promise<void> {\n${lines(upQueries)}\n  }\n\n  async down(queryRunner: QueryRunner): Promise<void> {\n${lines(downQueries.reverse())}\n  }\n}\n`,
  );
  console.log(`Wrote ${file}; add ${className} to the list in database/data-source.ts.`);
} finally {
  await mariadb.stop();
}
