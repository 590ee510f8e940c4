/** Jest runs what tsc built, so what is tested is what ships. */
const project = (name, extra = {}) => ({
  displayName: name,
  rootDir: `packages/${name}`,
  testMatch: [name === 'web' ? '<rootDir>/build/**/*.test.js' : '<rootDir>/dist/**/*.test.js'],
  transform: {},
  ...extra,
});
export default {
  projects: [project('core'), project('contract'), project('server', { testTimeout: 60_000 }), project('web')].map(
    ({ testTimeout: _, ...p }) => p,
  ),
  testTimeout: 60_000,
};
