import { compileScript, parse } from '@vue/compiler-sfc';

/** A component with its template as code, so that what only a template uses counts as used. */
function vue(source, filename) {
  const { descriptor } = parse(source, { filename });
  return compileScript(descriptor, { id: filename, inlineTemplate: true }).content;
}

export default {
  compilers: { vue },
  ignoreBinaries: [
    'apt-get',
    'groupadd',
    'mariadb',
    'mariadb-dump',
    'mariadb-install-db',
    'mariadbd',
    'setpriv',
    'useradd',
  ],
  ignoreDependencies: ['@fontsource-variable/*', 'axe-core', 'tailwindcss'],
  ignoreExportsUsedInFile: true,
  ignoreIssues: {
    'e2e/support/global-setup.ts': ['exports'],
  },
  includeEntryExports: true,
  workspaces: {
    '.': {
      entry: [
        'bin/*.ts',
        'bin/*/run.ts',
        'bench/*.ts',
        'e2e/support/*.ts',
        'e2e/support/global-setup.ts',
        '{bin,testing,e2e}/**/*.test.ts',
      ],
      project: ['{bin,bench,testing,e2e}/**/*.ts'],
    },
    core: {
      entry: ['**/*.test.ts'],
      project: ['**/*.ts'],
    },
    contract: {
      entry: ['**/*.test.ts'],
      project: ['**/*.ts'],
    },
    server: {
      entry: ['**/*.test.ts'],
      project: ['**/*.ts'],
    },
    'test-world': {
      entry: ['**/*.test.ts'],
      project: ['**/*.ts'],
    },
    web: {
      entry: ['main.ts', '**/*.test.ts'],
      project: ['**/*.{ts,vue}'],
    },
  },
};
