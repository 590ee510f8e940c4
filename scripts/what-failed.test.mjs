import { describe, expect, test } from '@jest/globals';
import { failedInBrowser, failedInUnits, told } from './what-failed.mjs';

const red = (text) => `\u001b[31m${text}\u001b[39m`;

describe('what failed in the browser', () => {
  const spec = (title, status, ...errors) => ({
    title,
    tests: [{ status, results: errors.map((message) => (message ? { error: { message } } : {})) }],
  });
  test('is named with its file and story, and how it begins; what passed is not', () => {
    const lines = failedInBrowser({
      suites: [
        {
          title: 'trust.e2e.ts',
          specs: [spec('passes', 'expected', '')],
          suites: [
            { title: 'trust', specs: [spec('breaks', 'unexpected', red('Error: no\n\n  seen'), 'x')] },
          ],
        },
      ],
    });
    expect(lines).toEqual(['FAILED  trust.e2e.ts › trust › breaks', '    Error: no', '      seen']);
  });
  test('says what passed only at its second try', () => {
    expect(failedInBrowser({ suites: [{ title: 'a', specs: [spec('b', 'flaky', 'late', '')] }] })).toEqual([
      'passed only at its second try  a › b',
      '    late',
    ]);
  });
  test('tells of what went wrong before any test', () => {
    expect(failedInBrowser({ errors: [{ message: 'no database' }] })).toEqual([
      'FAILED  before any test',
      '    no database',
    ]);
  });
});

describe('what failed in the unit tests', () => {
  test('is named, eight lines of its error told', () => {
    const long = Array.from({ length: 20 }, (_, i) => `line ${i}`).join('\n');
    const lines = failedInUnits({
      testResults: [
        {
          name: '/x/a.test.js',
          message: long,
          assertionResults: [
            { fullName: 'a good one', status: 'passed', failureMessages: [] },
            { fullName: 'a bad one', status: 'failed', failureMessages: [long] },
          ],
        },
      ],
    });
    expect(lines[0]).toBe('FAILED  a bad one');
    expect(lines).toHaveLength(9);
  });
  test('a file that could not be run is named by itself', () => {
    expect(
      failedInUnits({
        testResults: [{ name: '/x/a.test.js', message: 'no such module', assertionResults: [] }],
      }),
    ).toEqual(['FAILED  /x/a.test.js', '    no such module']);
  });
});

test('a report that was not written says nothing', () => {
  expect(told(failedInUnits, '/nowhere/at/all.json')).toEqual([]);
});
