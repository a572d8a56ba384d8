/** The walls between rooms: what each may know of. Types count as knowing. */
const rooms = {
  core: ['core'],
  language: ['language'],
  contract: ['contract', 'core', 'language'],
  plan: ['plan', 'contract', 'core', 'language'],
  server: ['server', 'plan', 'contract', 'core', 'language'],
  app: ['app', 'plan', 'contract', 'core', 'language'],
}

/** What a room takes of another all the same: by whom, and what. */
const doors = {
  // The ids of messages and what their slots take, as types; and the words of the public shapes.
  core: { by: '^core/src/(?:index|messages/message)\\.ts$', to: '^language/src/' },
  // Messages as types; how a length is written is the core’s own public rule.
  language: { by: '^language/src/', to: '^core/src/(?:messages/index|lengths/index|errors)\\.ts$' },
}

const walls = Object.entries(rooms).map(([room, known]) => ({
  name: `wall-of-${room}`,
  comment: `${room} knows of ${known.join(', ')} and of no other room.`,
  severity: 'error',
  from: { path: `^${room}/src/` },
  to: {
    path: `^(?:core|language|contract|plan|server|app|demo|e2e|tools)/`,
    pathNot: ['node_modules', ...known.map((one) => `^${one}/src/`), ...(doors[room] ? [doors[room].to] : [])],
  },
}))

/** Inside the app: what stands below knows nothing of what stands above it. */
const floors = [
  { name: 'state', above: ['features', 'shared', 'drawing', 'forms', 'sync', 'template', 'ui', 'words'] },
  { name: 'sync', above: ['features', 'shared', 'drawing', 'forms', 'template', 'ui', 'words'] },
  { name: 'ui', above: ['features', 'shared', 'forms', 'template'] },
  { name: 'words', above: ['features', 'shared', 'drawing', 'forms', 'state', 'sync', 'template', 'ui'] },
  { name: 'drawing', above: ['features', 'shared', 'forms', 'template', 'ui'] },
  { name: 'workers', above: ['features', 'shared', 'drawing', 'forms', 'state', 'sync', 'template', 'ui', 'words'] },
].map(({ name, above }) => ({
  name: `floor-of-${name}`,
  comment: `${name} is used by ${above.join(', ')}, not the other way about.`,
  severity: 'error',
  from: { path: `^app/src/${name}/` },
  to: { path: above.map((one) => `^app/src/${one}/`) },
}))

/** A door is for whom it is made. */
const byDoors = Object.entries(doors).map(([room, { by, to }]) => ({
  name: `door-of-${room}`,
  comment: `Only ${by} takes ${to}.`,
  severity: 'error',
  from: { path: `^${room}/src/`, pathNot: by },
  to: { path: to, pathNot: `^${room}/` },
}))

module.exports = {
  forbidden: [
    { name: 'no-circle', severity: 'error', from: {}, to: { circular: true } },
    ...walls,
    ...byDoors,
    ...floors,
    {
      name: 'features-borrow-nothing',
      comment: 'What two features share has a room of its own.',
      severity: 'error',
      from: { path: '^app/src/features/([^/]+)/' },
      to: { path: '^app/src/features/', pathNot: '^app/src/features/$1/' },
    },
    {
      name: 'core-by-its-doors',
      comment: 'Other rooms come in by the doors of package.json.',
      severity: 'error',
      from: { path: '^(?:contract|language|plan|server|app)/' },
      to: {
        path: '^core/src/',
        pathNot:
          '^core/src/(?:index|[^/]+/index|design/work|money/costParts|lettering/longNames|errors|advice|habits)\\.ts$',
      },
    },
    {
      name: 'no-interface-below',
      comment: 'Computation and what is kept know nothing of the interface.',
      severity: 'error',
      from: { path: '^(?:core|language|contract|plan|server)/src/' },
      to: { path: 'node_modules/(?:react|react-[^/]+|@rneui|@reduxjs|expo|expo-[^/]+)/' },
    },
    { name: 'nothing-missing', severity: 'error', from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.rooms.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'require', 'node', 'default'] },
  },
}
