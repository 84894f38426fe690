// Arrows point one way: web and server to contract and core, contract to core, core to nothing of ours.
const only = (from, to) => ({
  name: `${from}-knows-only-${to.join('-and-') || 'itself'}`,
  severity: 'error',
  from: { path: `^${from}/src` },
  to: { path: '^(core|contract|server|web|e2e|demo)/', pathNot: [from, ...to].map((one) => `^${one}`) },
});

module.exports = {
  forbidden: [
    only('core', []),
    only('contract', ['core']),
    only('server', ['contract', 'core']),
    only('web', ['contract', 'core']),
    only('demo', ['server', 'contract', 'core']),
    // Journeys look at every view that there is.
    only('e2e', ['contract', 'core', 'web/src/app/views.ts', 'web/src/shared/view.ts']),
    {
      name: 'no-circles',
      severity: 'error',
      from: { path: '^(core|contract|server|web|demo|e2e)/' },
      to: { circular: true },
    },
    {
      name: 'views-do-not-import-one-another',
      severity: 'error',
      from: { path: '^web/src/([^/]+)/', pathNot: '^web/src/(app|kit|shared|testing)/' },
      to: { path: '^web/src/([^/]+)/', pathNot: ['^web/src/$1/', '^web/src/(kit|shared|testing)/'] },
    },
    {
      name: 'only-tests-use-what-is-for-tests',
      severity: 'error',
      from: { path: '^web/src/', pathNot: ['\\.test\\.tsx?$', '^web/src/testing/'] },
      to: { path: '^web/src/testing/' },
    },
    {
      name: 'shared-knows-no-view',
      severity: 'error',
      from: { path: '^web/src/shared/' },
      // Only tests reach into testing, by the rule above.
      to: { path: '^web/src/', pathNot: '^web/src/(kit|shared|testing)/' },
    },
    {
      name: 'the-kit-knows-nothing-of-the-work',
      severity: 'error',
      from: { path: '^web/src/kit/' },
      to: { path: '^(web/src|core|contract)/', pathNot: '^web/src/(kit|testing)/' },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^core/src', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'concepts-meet-at-their-index',
      comment: 'A folder of the core is entered by its index; retention’s own types may be named by the class table.',
      severity: 'error',
      from: { path: '^core/src/([^/]+)/', pathNot: '^core/src/classes/' },
      to: {
        path: '^core/src/([^/]+)/',
        pathNot: ['^core/src/$1/', '^core/src/[^/]+/index\\.ts$', '^core/src/testing/'],
      },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    exclude: { path: '(dist/|node_modules)' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
