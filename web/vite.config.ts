import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';

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

interface Modules {
  getModuleInfo: (id: string) => { importers: readonly string[] } | null;
}

/**
 * Puts all that the first page needs into one file: cut by who shares it, it came in
 * forty, and compressed one by one they weigh 4% more.
 */
function firstChunk() {
  const known = new Map<string, boolean>();
  const isFirst = (id: string, modules: Modules): boolean => {
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
  return { name: (id: string, modules: Modules) => (isFirst(id, modules) ? 'first' : null) };
}

/** In development the API is the server's; set NADIR_API to its address. */
const api = process.env.NADIR_API ?? 'http://127.0.0.1:3000';

export default defineConfig({
  plugins: [react()],
  resolve: { conditions: ['source', ...defaultClientConditions] },
  build: {
    target: 'es2022',
    // Every browser of the target preloads by itself.
    modulePreload: { polyfill: false },
    sourcemap: process.env.NADIR_SOURCE_MAPS === '1',
    rolldownOptions: {
      // Words stand where they are shown, not in the chunk of whoever needs one of them first.
      optimization: { inlineConst: { mode: 'all', pass: 2 } },
      output: { codeSplitting: { groups: [firstChunk()] } },
    },
  },
  server: { proxy: { '/api': api, '/health': api } },
});
