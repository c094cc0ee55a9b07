import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { BIKE_KINDS, USUAL_BUILD } from '@cadre/core/fleet';
import { CHECKPOINTS, GUIDES, TRACES, trailCards } from '@cadre/core/shipped';
import { BANNED, bannedIn } from './banned-words';

/** The texts of a file of messages, without the names of what is filled in. */
const textsOf = (source: string): string =>
  [...source.matchAll(/message\(\s*(['"])((?:(?!\1)[^\\]|\\.)*)\1,?\s*\)/g)]
    .map(([, , text = '']) => text.replace(/\{\w+[^{}]*/g, '…'))
    .join('\n');

describe('the words of the product', () => {
  it.each(BANNED)('finds $word, which is said as: $say', ({ word }) => {
    const examples = [
      'All sound. Put right. A re-look. Look it over. Look again. Kept here. Let go. Take one up. By itself.',
      'Of this house. What is left of it. Somebody, whoever, anew, held to, told, mend, warmth, the least.',
      'A mishap, left apart, set aside, on the shelf, look across, no signal, two criticals.',
    ].join(' ');
    expect(examples).toMatch(word);
  });

  const files = ['web', 'server'].flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' })
      .filter((name) => /(^|\/)messages\.ts$/.test(name))
      .map((name) => `${folder}/${name}`),
  );
  it('are in files of messages, thousands of them', () => {
    expect(files.flatMap((file) => textsOf(readFileSync(file, 'utf8')).split('\n')).length).toBeGreaterThan(
      2000,
    );
  });
  it.each(files)('%s has no banned word', (file) => {
    expect(bannedIn(textsOf(readFileSync(file, 'utf8')))).toEqual([]);
  });

  it.each([
    'README.md',
    ...readdirSync('docs')
      .filter((name) => name.endsWith('.md'))
      .map((name) => `docs/${name}`),
  ])('%s has no banned word', (file) => {
    expect(bannedIn(readFileSync(file, 'utf8'))).toEqual([]);
  });

  it('are those of the searches for a cause, the repair guides and the trail help too', () => {
    const cards = BIKE_KINDS.flatMap((kind) => trailCards(USUAL_BUILD[kind]));
    const texts = [
      ...TRACES.flatMap(({ name, causes }) => [name, ...causes.flatMap((each) => [each.name, each.repair])]),
      ...TRACES.flatMap(({ questions }) =>
        questions.flatMap(({ text, how, caution = '', answers }) => [text, how, caution, ...answers]),
      ),
      ...GUIDES.flatMap(({ name, tools, steps, stopWhen, drawing }) => [
        ...[name, ...tools, stopWhen, drawing?.name ?? ''],
        ...(drawing?.labels ?? []).map(({ text }) => text),
        ...steps.flatMap(({ text, caution = '' }) => [text, caution]),
      ]),
      ...cards.flatMap(({ name, steps, walk }) => [name, ...steps, walk]),
    ];
    expect(texts.length).toBeGreaterThan(700);
    expect(bannedIn(texts.join('\n'))).toEqual([]);
  });

  it('are those of the catalogue too', () => {
    const texts = CHECKPOINTS.flatMap((each) => [
      each.name,
      each.how,
      each.passWhen,
      ...each.cautions,
      ...each.faults.flatMap((fault) => [fault.name, fault.doNext]),
    ]);
    expect(texts.length).toBeGreaterThan(1000);
    expect(bannedIn(texts.join('\n'))).toEqual([]);
  });
});
