// Names of the tests that failed, or passed only at a second try, from what the tools write of a run: told at the end of
// `npm test`, where whoever sees only its last lines finds them.
import { existsSync, readFileSync } from 'node:fs';
import { stripVTControlCharacters } from 'node:util';

/** How much of an error is told: what was wanted and what was found, not the whole of it. */
const linesTold = 8;
const begin = (error = '') =>
  stripVTControlCharacters(error)
    .split('\n')
    .filter((line) => line.trim())
    .slice(0, linesTold)
    .map((line) => `    ${line.slice(0, 200)}`);

function* specsOf(suite, above = []) {
  const names = [...above, suite.title];
  for (const spec of suite.specs ?? []) yield { spec, name: [...names, spec.title].join(' › ') };
  for (const inner of suite.suites ?? []) yield* specsOf(inner, names);
}

/** Of Playwright's JSON report: a line a test, the beginning of its first error below it. */
export const failedInBrowser = ({ suites = [], errors = [] }) => [
  ...errors.flatMap((e) => ['FAILED  before any test', ...begin(e.message)]),
  ...suites
    .flatMap((suite) => [...specsOf(suite)])
    .flatMap(({ spec, name }) =>
      spec.tests
        .filter(({ status }) => status === 'unexpected' || status === 'flaky')
        .flatMap(({ status, results }) => [
          `${status === 'flaky' ? 'passed only at its second try' : 'FAILED'}  ${name}`,
          ...begin(results.find((r) => r.error)?.error.message),
        ]),
    ),
];

/** Of Jest's JSON report: likewise, and files that could not be run at all. */
export const failedInUnits = ({ testResults = [] }) =>
  testResults.flatMap(({ name, message, assertionResults }) => {
    const failed = assertionResults.filter(({ status }) => status === 'failed');
    if (!failed.length && message) return [`FAILED  ${name}`, ...begin(message)];
    return failed.flatMap(({ fullName, failureMessages }) => [
      `FAILED  ${fullName}`,
      ...begin(failureMessages[0]),
    ]);
  });

/** What a report says; nothing of one that was not written. */
export const told = (read, file) => (existsSync(file) ? read(JSON.parse(readFileSync(file, 'utf8'))) : []);
