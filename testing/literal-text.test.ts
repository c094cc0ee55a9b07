import { ESLint } from 'eslint';
import { expect, it } from 'vitest';

const lint = new ESLint({ cwd: process.cwd() });
async function found(code: string, filePath: string): Promise<readonly string[]> {
  const [result] = await lint.lintText(code, { filePath });
  return (result?.messages ?? [])
    .map((each) => each.ruleId ?? '')
    .filter((rule) => /literal|bare/.test(rule));
}
const component = (template: string, script = ''): string =>
  `<script setup lang="ts">\n${script}\n</script>\n\n<template>${template}</template>\n`;

it.each([
  ['in a template', component('<p>Held until Friday</p>')],
  ['in an attribute', component('<img alt="A held bike" src="/x.png" />')],
  ['in a label', component('<TextField label="Minimum pressure" />')],
  [
    'in an expression',
    component(`<p>{{ held ? 'Not today' : name }}</p>`, 'const held = true; const name = "";'),
  ],
  [
    'of one small word in an expression',
    component(`<p>{{ held ? 'front' : name }}</p>`, 'const held = true; const name = "";'),
  ],
  ['in an attribute of our own', component('<ChoiceChips name="How often" />')],
  [
    'of one small word instead of a message',
    component('<p>{{ words }}</p>', `const words = held ? t.held : 'free';`),
  ],
  ['in a script', component('<p>{{ words }}</p>', `const words = 'Two bikes are held';`)],
  [
    'in a filled-in text',
    component('<p>{{ words }}</p>', 'const n = 2; const words = `${n} bikes are held`;'),
  ],
])('lint finds a text %s', async (_where, code) => {
  expect(await found(code, 'web/wall/WallNotes.vue')).not.toEqual([]);
});

it('lint leaves classes, keys and errors for programmers alone', async () => {
  const script = `const key = 'ArrowLeft'; const box = 'flex min-h-12 items-center rounded-md'; if (!key) throw new Error('no key was given');`;
  expect(
    await found(
      component('<p class="mt-2 flex">{{ key }} · {{ box }}</p>', script),
      'web/wall/WallNotes.vue',
    ),
  ).toEqual([]);
});
