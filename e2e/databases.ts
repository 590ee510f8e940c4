/** Databases of the browser tests, made and copied beside the one that `npm test` starts. */
import mysql, { type Connection, type RowDataPacket } from 'mysql2/promise';

/** Where the tests' MariaDB answers. */
export function adminUrl(): string {
  const url = process.env['KIVEX_TEST_DATABASE_URL'];
  if (!url) throw new Error('Run the browser tests with npm test: it starts a database for them.');
  return url;
}

/** One connection for as long as the work takes. */
export async function asAdmin<T>(work: (connection: Connection) => Promise<T>): Promise<T> {
  const connection = await mysql.createConnection(adminUrl().replace(/^mariadb:/, 'mysql:'));
  try {
    return await work(connection);
  } finally {
    await connection.end();
  }
}

/** An empty database of that name; one that was there is gone. */
export async function newDatabase(connection: Connection, name: string): Promise<void> {
  await connection.query(`DROP DATABASE IF EXISTS ${name}`);
  await connection.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4`);
}

/** Tables, rows and triggers of one database into another that is empty: much sooner than making them anew. */
export async function copyDatabase(connection: Connection, from: string, to: string): Promise<void> {
  const rows = async (sql: string) => (await connection.query<RowDataPacket[]>(sql))[0];
  const tables = (await rows(`SHOW TABLES FROM ${from}`)).map((row) => String(Object.values(row)[0]));
  const triggers = (await rows(`SHOW TRIGGERS FROM ${from}`)).map((row) => String(row['Trigger']));
  await connection.query(`USE ${to}`);
  // In the order of their names, not of what points to what.
  await connection.query('SET foreign_key_checks = 0');
  for (const table of tables) {
    const [made] = await rows(`SHOW CREATE TABLE ${from}.\`${table}\``);
    await connection.query(String(made!['Create Table']));
    await connection.query(`INSERT INTO ${to}.\`${table}\` SELECT * FROM ${from}.\`${table}\``);
  }
  for (const trigger of triggers) {
    const [made] = await rows(`SHOW CREATE TRIGGER ${from}.\`${trigger}\``);
    await connection.query(String(made!['SQL Original Statement']).replace(/\sDEFINER=\S+/, ''));
  }
  await connection.query('SET foreign_key_checks = 1');
}
