/** Jest runs what tsc built, so what is tested is what ships. */
const project = (name, built = 'dist') => ({
  displayName: name,
  rootDir: `packages/${name}`,
  testMatch: [`<rootDir>/${built}/**/*.test.js`],
  transform: {},
});
export default {
  projects: [project('core'), project('server'), project('web', 'build')],
  // Starting a server and hashing take their time on a busy machine.
  testTimeout: 60_000,
};
