import js from '@eslint/js';
import globals from 'globals';
import ts from 'typescript-eslint';
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript';
import importX from 'eslint-plugin-import-x';
import vue from 'eslint-plugin-vue';
import { FLOORS } from './floors.js';
import { noLiteralText } from './literal-text.js';

/** Which workspaces each may import: web → contract, core; server → contract, core; contract → core; core → itself. */
const MAY_IMPORT = {
  core: ['core'],
  contract: ['core', 'contract'],
  server: ['core', 'contract', 'server'],
  web: ['core', 'contract', 'web'],
  'test-world': ['core', 'contract', 'server', 'test-world'],
};
const ALL = ['core', 'contract', 'server', 'web', 'test-world'];

/** A feature is reached through its index: never a file inside it. What is in a platform folder counts as a feature. */
const INSIDE = [
  {
    group: ['@cadre/*/*/*', '!@cadre/*/platform/*', '!@cadre/contract/*/schemas', '@cadre/*/platform/*/*'],
    message: 'Import a feature through its index.',
  },
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

/** No folder imports one of a floor above its own, or beside it on the same floor. */
const zones = Object.entries(FLOORS).flatMap(([tree, floors]) =>
  floors.flatMap((floor, at) => {
    const above = floors.slice(at + 1).flat();
    return floor.flatMap((folder) => {
      const closed = [...above, ...floor.filter((other) => other !== folder)];
      return closed.length === 0
        ? []
        : [
            {
              target: `./${tree}/${folder}`,
              from: closed.map((other) => `./${tree}/${other}`),
              message: `${tree}/${folder} rests only on floors below its own (floors.js).`,
            },
          ];
    });
  }),
);

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
  {
    files: ['{core,contract,server,web}/**/*.{ts,vue}'],
    plugins: { 'import-x': importX },
    settings: {
      'import-x/resolver-next': [createTypeScriptImportResolver({ project: 'tsconfig.json' })],
      'import-x/extensions': ['.ts', '.vue'],
      'import-x/parsers': { '@typescript-eslint/parser': ['.ts'], 'vue-eslint-parser': ['.vue'] },
    },
    rules: { 'import-x/no-cycle': ['error', { ignoreExternal: true }] },
  },
  {
    files: ['{core,contract,server,web}/**/*.{ts,vue}'],
    ignores: ['**/*.test.ts'],
    rules: { 'import-x/no-restricted-paths': ['error', { basePath: import.meta.dirname, zones }] },
  },
  {
    files: ['web/**/*.{ts,vue}'],
    ignores: ['**/*.test.ts', '**/messages.ts', 'web/*.ts'],
    plugins: { cadre: { rules: { 'no-literal-text': noLiteralText } } },
    rules: {
      'cadre/no-literal-text': 'error',
      'vue/no-bare-strings-in-template': [
        'error',
        {
          // Signs, and the words of screens that stand between two of ours.
          allowlist: [...'(),.&+-=*/#%!?:;[]{}<>|~“”→×−·…—–‘’0', '________'],
          attributes: {
            IconButton: ['name'],
            '/.+/': [
              'alt',
              'aria-label',
              'caption',
              'empty',
              'heading',
              'hint',
              'label',
              'note',
              'placeholder',
              'text',
              'title',
              'words',
            ],
          },
        },
      ],
    },
  },
  { files: ['**/*.{js,mjs}'], languageOptions: { globals: globals.node } },
  {
    files: ['server/reports/public/offline/*.js'],
    languageOptions: { globals: { ...globals.browser, ...globals.serviceworker } },
  },
);
