/**
 * Rooms import one way: a room that is imported never imports back, not even round three corners.
 * @type {import('dependency-cruiser').IConfiguration}
 */
export default {
  forbidden: [
    {
      name: 'rooms-import-one-way',
      comment: 'Move what both rooms need into the room that stands below, or into one of its own.',
      severity: 'error',
      scope: 'folder',
      from: { path: '^src/[^/]+$' },
      to: { circular: true },
    },
    {
      name: 'no-circle-of-files',
      comment: 'Two files that need each other are one file, or want a third.',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'tests-stand-apart',
      comment: 'What is only for tests must not ship.',
      severity: 'error',
      from: { pathNot: '^src/testing/|\\.spec\\.ts$' },
      to: { path: '^src/testing/|\\.spec\\.ts$' },
    },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.app.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.spec\\.ts$|^src/api/generated' },
    enhancedResolveOptions: { extensions: ['.ts', '.vue', '.js'] },
  },
}
