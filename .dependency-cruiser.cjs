/** No circles, and no way round the floors by relative paths. */
module.exports = {
  forbidden: [
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    {
      name: 'core-stands-alone',
      severity: 'error',
      from: { path: '^packages/core' },
      to: { path: '^packages/(contract|server|web)' },
    },
    {
      name: 'contract-on-core',
      severity: 'error',
      from: { path: '^packages/contract' },
      to: { path: '^packages/(server|web)' },
    },
    {
      name: 'server-without-web',
      severity: 'error',
      from: { path: '^packages/server' },
      to: { path: '^packages/web' },
    },
    {
      name: 'web-without-server',
      severity: 'error',
      from: { path: '^packages/web' },
      to: { path: '^packages/server' },
    },
    {
      name: 'faces-do-not-reach-into-each-other',
      severity: 'error',
      from: { path: '^packages/web/src/(plan|prepare|review|specimen|practicals|syllabuses|rooms|store)/' },
      to: { path: '^packages/web/src/(run|mark|bench)/' },
    },
    {
      name: 'nothing-missing',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: ['^virtual:', '[?]url$'] },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(dist|build|\\.data)/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
