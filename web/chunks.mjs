/**
 * @typedef {object} Modules a bundler’s view of the modules, as far as it is asked here
 * @property {(id: string) => { importers: readonly string[], dynamicImporters: readonly string[] } | null} getModuleInfo
 * @typedef {(id: string, modules: Modules) => boolean} Asked
 */

/** What begins the first page; the last two are asked for by name, and always needed. */
const FIRST = [
  '/web/src/main.tsx',
  '/web/src/features/squad/SquadPage.tsx',
  '/contract/src/first.ts',
];

/** What is imported by the first page through a face, and run by no page before it opens a block. */
const LATER = new RegExp(
  [
    '/core/src/(?!base/)',
    '/core/src/base/format/(read|parse)-',
    'zod/v4/(locales|core/(to-json-schema|json-schema))',
    'InputBase/InputBase\\.|TextareaAutosize|autocompleteClasses',
  ].join('|'),
);

/** What opens without a block: at the door, beside the squad, over any view. */
const LIGHT = [
  ...['SignInPage', 'Archived', 'AddAthlete', 'FindAthlete', 'LastWeekPage', 'OrderChoice'],
  ...['BottomBar', 'DemoChip', 'Everywhere', 'KeysDialog', 'MessageBar', 'Palette', 'UnsentDialog'],
];
const BLOCK = 'BlockPage';

/** Bytes of a piece that is worth a request of its own; a smaller one goes to the piece most like it. */
const PIECE = 5000;

/**
 * Which file a module goes into, where more than one view needs it. Cut by who shares it,
 * a block came in a hundred files, most of them of a few hundred bytes, six at a time.
 *
 * - `first`: all that the first page needs. In forty files, compressed one by one, it weighed 4% more.
 * - `piece`: what opens without a block shares with others, cut by who shares it.
 * - `block`: what a block shares with other views.
 */
export function sharedChunks() {
  const isFirst = firstModules();
  const viewsOf = views(isFirst);
  /** @type {Asked} */
  const isPiece = (id, modules) =>
    !/\/(core|contract)\/src\//.test(id) && meets(viewsOf(id, modules), LIGHT);
  /** @type {Asked} */
  const isOfBlock = (id, modules) => meets(viewsOf(id, modules), [BLOCK]);
  const named = (/** @type {string} */ name, /** @type {Asked} */ isSuch) => ({
    name: (/** @type {string} */ id, /** @type {Modules} */ modules) =>
      isSuch(id, modules) ? name : null,
  });
  return [
    { ...named('first', isFirst), priority: 3 },
    {
      ...named('piece', isPiece),
      priority: 2,
      minShareCount: 2,
      entriesAware: true,
      entriesAwareMergeThreshold: PIECE,
    },
    { ...named('block', isOfBlock), priority: 1, minShareCount: 2 },
  ];
}

function firstModules() {
  /** @type {Map<string, boolean>} */
  const known = new Map();
  /** @type {Asked} */
  return function isFirst(id, modules) {
    const before = known.get(id);
    if (before !== undefined) return before;
    if (FIRST.some((end) => id.endsWith(end))) return true;
    // A circle of modules is first where anything outside of it is.
    known.set(id, false);
    const { importers = [] } = modules.getModuleInfo(id) ?? {};
    const first = !LATER.test(id) && importers.some((importer) => isFirst(importer, modules));
    known.set(id, first);
    return first;
  };
}

/**
 * The views that a module is loaded with, by the names of their files; the first page asks for none.
 *
 * @param {Asked} isFirst
 */
function views(isFirst) {
  /** @type {Map<string, Set<string>>} */
  const known = new Map();
  return (/** @type {string} */ id, /** @type {Modules} */ modules) => {
    const before = known.get(id);
    if (before) return before;
    /** @type {Set<string>} */
    const found = new Set();
    const seen = new Set([id]);
    for (const each of seen) {
      const { importers = [], dynamicImporters = [] } = modules.getModuleInfo(each) ?? {};
      if (dynamicImporters.length > 0) found.add(/([^/]*)\.tsx?$/.exec(each)?.[1] ?? each);
      for (const importer of importers) if (!isFirst(importer, modules)) seen.add(importer);
    }
    known.set(id, found);
    return found;
  };
}

/**
 * @param {ReadonlySet<string>} found
 * @param {readonly string[]} names
 */
function meets(found, names) {
  return names.some((name) => found.has(name));
}
