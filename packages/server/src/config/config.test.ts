import { describe, expect, test } from '@jest/globals';
import 'reflect-metadata';
import { readConfig } from './config.js';

const url = 'mariadb://u:p@127.0.0.1:3306/k';
describe('settings', () => {
  test('have safe defaults: loopback, no demo', () => {
    expect(readConfig({ KIVEX_DATABASE_URL: url, HOME: '/x' })).toMatchObject({
      KIVEX_HOST: '127.0.0.1',
      KIVEX_PORT: 4180,
      KIVEX_DEMO: false,
      KIVEX_SECURE: false,
    });
  });
  test('each wrong one gets its sentence', () => {
    expect(() =>
      readConfig({ KIVEX_DATABASE_URL: 'sqlite:x', KIVEX_PORT: 'many', KIVEX_LOG: 'loud' }),
    ).toThrow(/KIVEX_DATABASE_URL must look like[\s\S]*KIVEX_PORT must be/);
  });
  test('flags read as people write them', () => {
    expect(readConfig({ KIVEX_DATABASE_URL: url, KIVEX_DEMO: '1', KIVEX_SECURE: 'false' })).toMatchObject({
      KIVEX_DEMO: true,
      KIVEX_SECURE: false,
    });
  });
});
