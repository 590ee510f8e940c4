/** No circles, and no way round the floors by relative paths. */

/** The folders of the core from the ground up: each may use those on lower lines alone. A new folder gets its line. */
const coreFloors = [
  ['sources', 'formats', 'numbers'],
  ['species'],
  ['formulas'],
  ['equilibrium', 'flame', 'gas-making', 'hazards', 'apparatus'],
  ['identification-tests'],
  ['reading'],
  ['equations', 'syllabus', 'reasoning', 'schemes'],
  ['reactions', 'practicals', 'marking', 'store'],
  ['planning', 'lesson', 'bench-model'],
  ['preparing', 'rehearsal', 'diagnosis', 'moderation', 'insight'],
  ['exercises', 'recall'],
  ['devices', 'headless'],
];
/** The server's folders likewise. `records` holds the tables; `testing` is for tests and may use everything. */
const serverFloors = [
  ['clock'],
  ['records', 'config', 'printing', 'problems', 'run/live'],
  ['database', 'paging', 'input', 'sheets'],
  ['heavy', 'backup'],
  ['access'],
  ['run/log', 'rooms', 'audit', 'health', 'store', 'documents'],
  ['syllabuses'],
  ['practicals'],
  ['people'],
  ['lessons'],
  ['preparation', 'run/board', 'run/room', 'marking'],
  ['run/flow', 'practising', 'review', 'rights', 'exchange'],
  ['run/bench', 'gradebook'],
  ['demo', 'testing'],
];

/** One rule a folder: its files, but for tests, stay away from folders on its own line and above. */
const floorRules = (name, floors) => {
  const inside = (folders) => `^packages/${name}/src/(${folders.join('|')})/`;
  return [
    ...floors.flatMap((floor, i) =>
      floor.map((folder) => ({
        name: `${name}-floor-of-${folder}`,
        severity: 'error',
        from: { path: inside([folder]), pathNot: ['[.]test[.]ts$', '/testing/'] },
        to: {
          path: inside(
            floors
              .slice(i)
              .flat()
              .filter((other) => other !== folder),
          ),
        },
      })),
    ),
    {
      name: `${name}-folder-without-a-floor`,
      severity: 'error',
      from: {},
      to: { path: `^packages/${name}/src/[^/]+/`, pathNot: inside(floors.flat()) },
    },
  ];
};

module.exports = {
  forbidden: [
    ...floorRules('core', coreFloors),
    ...floorRules('server', serverFloors),
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
