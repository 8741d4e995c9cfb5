import { createRequire } from 'node:module';
import optimizeLocales from '@react-aria/optimize-locales-plugin';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/**
 * Schemas are written out by a script, never in the browser; the part of Zod that does so stays out of what is sent.
 * Saves 5.5 kB gzip of every first load.
 */
const withoutSchemaWriting: Plugin = {
  name: 'without-schema-writing',
  apply: 'build',
  enforce: 'pre',
  transform(code, id) {
    if (!/zod\/v4\/core\/(json-schema-processors|to-json-schema)\.js$/.test(id)) return null;
    const names = [...code.matchAll(/^export (?:const|function) (\w+)/gm)].map((m) => m[1]);
    return [
      'const none = () => () => { throw new Error("schemas are written by npm run formats"); };',
      ...names.map((name) => `export const ${name} = none;`),
    ].join('\n');
  },
};

/** What a schema says is said in our own words (core/src/documents/issue-words.ts): Zod's are never read. */
const withoutSchemaWords: Plugin = {
  name: 'without-schema-words',
  apply: 'build',
  enforce: 'pre',
  transform: (_code, id) =>
    /zod\/v4\/locales\/en\.js$/.test(id) ? 'export default () => ({ localeError: () => undefined });' : null,
};

/** No browser this runs in wants its styles prefixed, and nobody asks for it. */
const withoutPrefixes: Plugin = {
  name: 'without-prefixes',
  apply: 'build',
  enforce: 'pre',
  transform: (_code, id) =>
    /stylis\/src\/Prefixer\.js$/.test(id) ? 'export const prefix = (value) => value;' : null,
};

/**
 * The curves the drawings need, apart from those the chart library needs: one module would be sent whole to whoever
 * needs a line.
 */
const curvesOfOurOwn: Plugin = {
  name: 'curves-of-our-own',
  apply: 'build',
  enforce: 'pre',
  async resolveId(source, importer, options) {
    if (source !== 'd3-shape' || !importer || importer.includes('node_modules')) return null;
    const found = await this.resolve(source, importer, { ...options, skipSelf: true });
    return found && { ...found, id: `${found.id}?curves` };
  },
};

/** What floats or lists only once something is opened: shared by many pages, needed by none at first. */
const opensLater =
  /(overlay|menu|dialog|modal|popover|listbox|list-box|collection|select|tabs|calendar|date)/i;

/** Its build for use: the package offers the one for development to everybody. */
const router = createRequire(import.meta.url)
  .resolve('react-router/package.json')
  .replace('package.json', 'dist/production/index.mjs');

/** Fetched ahead where a page needs them; the list of all pieces of all pages would be longer than what it saves. */
const fetchedAhead = /\/(common|review|set-up-view|use-drawn|ComposedChart)-/;

// Tools read a default export here.
export default defineConfig({
  // The product speaks English: words of the controls in thirty other languages stay out of it.
  plugins: [
    react(),
    withoutSchemaWriting,
    withoutSchemaWords,
    withoutPrefixes,
    curvesOfOurOwn,
    // The floor registers it: from then on the pages open without a server. The API is never answered from here.
    VitePWA({
      injectRegister: null,
      manifest: false,
      workbox: {
        globPatterns: ['**/*.{js,css,html,woff2}'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api/, /^\/join\//],
        maximumFileSizeToCacheInBytes: 4_000_000,
        skipWaiting: true,
        clientsClaim: true,
      },
    }),
    { ...optimizeLocales.vite({ locales: ['en-US'] }), enforce: 'pre' },
  ],
  worker: { format: 'es' },
  resolve: { alias: [{ find: /^react-router$/, replacement: router }] },
  build: {
    modulePreload: {
      resolveDependencies: (_, pieces, { hostType }) =>
        hostType === 'html' ? pieces : pieces.filter((piece) => fetchedAhead.test(piece)),
    },
    outDir: 'dist',
    emptyOutDir: true,
    chunkSizeWarningLimit: 700,
    rolldownOptions: {
      output: {
        // What a good part of the pages share comes in one piece: a hundred small ones compress worse.
        codeSplitting: {
          groups: [
            { name: 'common', minShareCount: 20, test: (id) => !opensLater.test(id) },
            // Small pieces the designer and most pages have: one of them compresses better.
            {
              name: 'desk',
              test: /(parts\/(tabs|cell|switch|drag-handle|sortable|mark|link-button|text-button|tooltip|steps)\.|screens\/shared\/(finding-item|undoing)|documents\/(history|changes)|state\/(use-history|kept-history|use-saving|use-document)|tabs\/|Tabs\.|useListState|useSingleSelectListState|useToggleState|useHasTabbableChild|inertValue|useSlot)/,
            },
            { name: 'icons', test: /lucide-react/ },
            // The designer needs the rules of a session, not the page that lists them beside those of a week.
            {
              name: 'review',
              test: /core\/src\/(review\/(rules(\/|\.ts)|signed|causes|remedies|review\.ts)|appraise\.ts|choosing\/sets-shared)/,
            },
          ],
        },
      },
    },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:4310' } },
});
