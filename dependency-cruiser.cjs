/** The arrows of the house: app → features → kit, state → core; workers, server and demo → core. */
const arrow = (from, allowed, comment) => ({
  name: `${from}-arrows`,
  severity: 'error',
  comment,
  from: { path: `^${from}/` },
  to: { path: '^(app|features|kit|state|workers|core|demo|server)/', pathNot: `^(${allowed})/` },
});

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    arrow('core', 'core', 'core imports nothing from above.'),
    arrow('kit', 'kit|core', 'kit draws; it knows no store and no place.'),
    arrow('state', 'state|core|demo|workers', 'state holds; it draws nothing.'),
    arrow('features', 'features|kit|state|core', 'features use kit, state and core.'),
    arrow('app', 'app|features|kit|state', 'a route renders one screen.'),
    arrow('demo', 'demo|core', 'the demo household is made from core.'),
    arrow('server', 'server|core', 'the server knows core only.'),
    arrow('workers', 'workers|core', 'workers compute with core only.'),
    {
      name: 'core-is-pure',
      severity: 'error',
      comment: 'core may use a few packages that need neither screen nor network.',
      from: { path: '^core/' },
      to: {
        path: 'node_modules/',
        pathNot:
          'node_modules/(joi|@hapi|@standard-schema|date-fns|@date-fns|ml-.*|ical-generator|papaparse|fflate|pure-rand|@noble)/',
      },
    },
    {
      name: 'no-feature-circles',
      severity: 'error',
      comment:
        'Features use each other in one direction; what several share stands in features/parts.',
      scope: 'folder',
      from: { path: '^features/' },
      to: { path: '^features/', circular: true },
    },
    {
      name: 'one-platform-seam',
      severity: 'error',
      comment: 'What only a browser has comes through the front door of kit/platform.',
      from: { path: '^(app|features)/' },
      to: { path: '^kit/platform/' },
    },
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.test\\.tsx?$' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'browser', 'default'],
      extensions: ['.web.ts', '.web.tsx', '.ts', '.tsx', '.js', '.jsx', '.json'],
    },
  },
};
