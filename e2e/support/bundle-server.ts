import { cpSync } from 'node:fs';
import { resolve } from 'node:path';
import { build } from 'vite';

/** Where the server stands in one file: it starts in a third of the time, and tests that kill it start it a dozen times. */
export const SERVER_FILE = resolve('node_modules/.cache/cadre-e2e/serve.mjs');

export default async function bundleServer(): Promise<void> {
  await build({
    configFile: false,
    logLevel: 'warn',
    publicDir: false,
    ssr: { noExternal: true, external: ['@node-rs/argon2', 'sharp', 'pdfmake'] },
    build: {
      ssr: 'e2e/support/serve.ts',
      outDir: resolve(SERVER_FILE, '..'),
      emptyOutDir: true,
      target: 'node20',
      minify: false,
      rolldownOptions: { output: { entryFileNames: 'serve.mjs' } },
    },
  });
  // Scripts that the server hands on as they are.
  cpSync('server/reports/public/offline', resolve(SERVER_FILE, '../offline'), { recursive: true });
}
