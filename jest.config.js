/** Jest runs what tsc built, so what is tested is what ships. */
const project = (name, built = 'dist') => ({
  displayName: name,
  rootDir: `packages/${name}`,
  testMatch: [`<rootDir>/${built}/**/*.test.js`],
  transform: {},
});
/** Plain Node, its modules shared by the files of a worker: a context of its own for each takes up to three times as long. */
const inPlainNode = {
  runner: 'jest-light-runner',
  setupFiles: ['<rootDir>/../../scripts/unit-tests/setup.mjs'],
};
const web = (setup) => ({
  ...project('web', 'build'),
  runner: 'jest-light-runner',
  globalSetup: '<rootDir>/../../scripts/unit-tests/bundle.mjs',
  setupFiles: [`<rootDir>/../../scripts/unit-tests/${setup}.mjs`],
});
const drawn = '\\.dom\\.test\\.js$';
export default {
  projects: [
    {
      ...inPlainNode,
      displayName: 'scripts',
      rootDir: 'scripts',
      testMatch: ['<rootDir>/**/*.test.mjs'],
      setupFiles: ['<rootDir>/unit-tests/setup.mjs'],
      transform: {},
    },
    { ...project('core'), ...inPlainNode },
    { ...project('server'), ...inPlainNode },
    { ...web('pages'), testPathIgnorePatterns: ['/node_modules/', drawn] },
    // Components, drawn in a pretend browser and used as people use them.
    { ...web('browser'), displayName: 'drawn', testMatch: ['<rootDir>/build/**/*.dom.test.js'] },
  ],
  // Every core: by itself Jest leaves one idle, which of two is half.
  maxWorkers: '100%',
  // Modules of finished files stay in a worker's memory; near its limit it does little but look for what to free.
  workerIdleMemoryLimit: '1GB',
  // Starting a server and hashing take their time on a busy machine; scripts/unit-tests/globals.mjs says the same.
  testTimeout: 60_000,
};
