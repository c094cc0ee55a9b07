import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { constants, gzipSync } from 'node:zlib';
import tailwindcss from '@tailwindcss/vite';
import vue from '@vitejs/plugin-vue';
import { defineConfig, type Plugin } from 'vite';
import { compression, defineAlgorithm } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';

import { compileMessages } from './compile-messages';
import { fetchedAhead } from './fetched-ahead';

const MOST_KB = 167;

/** What lies in these folders, or packages, of a root. */
const within = (root: string, ...folders: readonly string[]): RegExp =>
  new RegExp(`[/]${root}[/](?:${folders.join('|')})[/]`);

const either = (...tests: readonly RegExp[]): RegExp =>
  new RegExp(tests.map((each) => each.source).join('|'));

/** The files of these folders, without what lies in folders of theirs: that comes with whatever wants it. */
const directlyIn = (root: string, ...folders: readonly string[]): RegExp =>
  new RegExp(`[/]${root}[/](?:${folders.join('|')})[/][^/]+$`);

/** What every address loads before it shows anything: a few files instead of sixty. */
const SHELL = either(
  within('node_modules', '@vue', 'vue-router', 'pinia', 'dexie', 'uuid', '@date-fns'),
  directlyIn('web', 'platform/(?:act|authorship|keys|local-db|provided|theme|time)'),
  // What a refusal says and what is wrong with a field is loaded when there is something to say.
  /[/]web[/]platform[/]api[/](?!field-words|problems)[^/]+$/,
  /[/]web[/](?:words[/](?!touch-words)|fleet[/](?!use-site))[^/]+$/,
  /[/]web[/]people[/]use-session\.ts/,
  directlyIn('core', 'errors', 'people', 'fitness', 'schedule', 'fleet', 'text', 'time'),
  // What only views of their own ask the server for comes with them.
  /[/]contract[/](?!assessments|campaign|day-plan|equipment|event-prep|kit|torque|tracing|wear)\w+[/](?:index|route)\.ts/,
);

/** Fails the build when what the first visit must load (entry, what it imports, the home view) is too heavy. */
function firstScriptBudget(): Plugin {
  return {
    name: 'first-script-budget',
    apply: 'build',
    writeBundle(options, bundle) {
      const chunks = Object.values(bundle).filter((each) => each.type === 'chunk');
      const wanted = new Set<string>();
      const take = (fileName: string): void => {
        if (wanted.has(fileName)) return;
        wanted.add(fileName);
        chunks.find((chunk) => chunk.fileName === fileName)?.imports.forEach(take);
      };
      chunks
        .filter((chunk) => chunk.isEntry || chunk.facadeModuleId?.endsWith('/wall/WallView.vue'))
        .forEach((chunk) => take(chunk.fileName));
      const bytes = [...wanted].reduce(
        (sum, file) => sum + gzipSync(readFileSync(join(options.dir ?? '', file))).length,
        0,
      );
      const kb = bytes / 1000;
      process.stdout.write(
        `First script: ${kb.toFixed(1)} kB gzipped in ${wanted.size} files (at most ${MOST_KB}).\n`,
      );
      if (wanted.size < 2) this.error('The budget found no home view to measure.');
      // The language the layout is tried in is a third longer than what anybody loads.
      if (kb > MOST_KB && process.env['CADRE_LANGUAGE'] !== 'pseudo')
        this.error(`The first script is ${kb.toFixed(1)} kB gzipped; at most ${MOST_KB} kB.`);
    },
  };
}

export default defineConfig({
  root: import.meta.dirname,
  worker: { format: 'es', plugins: () => compileMessages() },
  // No component here is written the old way, and nobody inspects a running shed: a few kB less to load.
  define: {
    __VUE_OPTIONS_API__: 'false',
    __VUE_PROD_DEVTOOLS__: 'false',
    __VUE_PROD_HYDRATION_MISMATCH_DETAILS__: 'false',
  },
  build: {
    outDir: 'dist',
    emptyOutDir: true,
    target: 'es2022',
    cssCodeSplit: false,
    chunkSizeWarningLimit: 700,
    rolldownOptions: {
      output: {
        codeSplitting: {
          includeDependenciesRecursively: false,
          groups: [
            { name: 'shell', test: SHELL },
            { name: 'figures', test: either(within('core', 'figure'), within('web', 'figures')) },
            {
              name: 'icons',
              test: /@lucide[\\/]vue[\\/]dist[\\/]esm[\\/](?:shared|context|Icon|createLucideIcon)/,
            },
            { name: 'ui', test: /[\\/]web[\\/]ui[\\/](?!drag|use-drag)/ },
          ],
        },
      },
    },
  },
  plugins: [
    compileMessages(),
    vue(),
    tailwindcss(),
    VitePWA({
      registerType: 'prompt',
      injectRegister: null,
      manifest: {
        name: 'Cadre',
        short_name: 'Cadre',
        description: 'Which bikes may go out, and why',
        display: 'standalone',
        background_color: '#f3eee1',
        theme_color: '#0b5d61',
        icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
      workbox: {
        // The decoder too: codes are scanned where there is no signal.
        globPatterns: ['**/*.{js,css,html,svg,woff2,wasm}'],
        // Workbooks and calendars are read when somebody brings one, and that needs the server anyway.
        globIgnores: [
          '**/highs*.wasm',
          '**/solver-worker*.js',
          '**/exceljs*.js',
          '**/workbook*.js',
          '**/desk-worker*.js',
          '**/calendar-worker*.js',
        ],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/r\//],
        cleanupOutdatedCaches: true,
        clientsClaim: true,
      },
    }),
    // Packed once here, so that a server in a shed does not pack on every visit.
    compression({
      algorithms: [defineAlgorithm('brotliCompress', { params: { [constants.BROTLI_PARAM_QUALITY]: 7 } })],
      include: /\.(js|css|html|svg|wasm)$/,
    }),
    fetchedAhead(),
    firstScriptBudget(),
  ],
});
