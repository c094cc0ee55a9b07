import js from '@eslint/js';
import globals from 'globals';
import ts from 'typescript-eslint';
import vue from 'eslint-plugin-vue';

/** Which workspaces each may import: web → contract, core; server → contract, core; contract → core; core → itself. */
const MAY_IMPORT = {
  core: ['core'],
  contract: ['core', 'contract'],
  server: ['core', 'contract', 'server'],
  web: ['core', 'contract', 'web'],
  'test-world': ['core', 'contract', 'server', 'test-world'],
};
const ALL = ['core', 'contract', 'server', 'web', 'test-world'];

/** A feature is reached through its index (and, in the server, its entities): never a file inside it. */
const INSIDE = [
  { group: ['@cadre/*/*/*', '!@cadre/server/*/entities'], message: 'Import a feature through its index.' },
  {
    group: ['../*/*', '!../*.json'],
    message: 'Import a feature through its index (@cadre/workspace/feature).',
  },
];

const boundaries = ALL.map((workspace) => ({
  files: [`${workspace}/**/*.{ts,vue}`],
  ignores: ['**/*.test.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          ...INSIDE,
          ...ALL.filter((other) => !MAY_IMPORT[workspace].includes(other)).map((other) => ({
            group: [`@cadre/${other}`, `@cadre/${other}/*`, `@cadre/${other}/**`],
            message: `${workspace} does not import ${other}.`,
          })),
          ...(workspace === 'core'
            ? [
                {
                  group: ['node:*', 'vue', 'express', 'typeorm', 'zod', 'zod/*'],
                  message: 'core is plain: no platform, no framework.',
                },
              ]
            : []),
        ],
      },
    ],
  },
}));

export default ts.config(
  { ignores: ['node_modules', 'web/dist', '**/*.d.ts'] },
  js.configs.recommended,
  ...ts.configs.strict,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.{ts,vue}'],
    languageOptions: {
      parserOptions: { parser: ts.parser, ecmaVersion: 'latest', sourceType: 'module' },
      globals: { ...globals.browser, ...globals.node },
    },
    rules: {
      'no-undef': 'off',
      'no-restricted-syntax': [
        'error',
        { selector: 'ExportAllDeclaration', message: 'Name what you export.' },
      ],
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'vue/multi-word-component-names': 'off',
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/html-self-closing': 'off',
      'vue/html-indent': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/multiline-html-element-content-newline': 'off',
      'vue/attributes-order': 'off',
    },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'process', 'fetch', 'setTimeout'],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now' },
        { object: 'Math', property: 'random' },
      ],
    },
  },
  ...boundaries,
  { files: ['**/*.{js,mjs}'], languageOptions: { globals: globals.node } },
);
