import { describe, expect, it } from 'vitest';
import { compileMessage } from './compile-messages';
import { number, plural, select } from '@messageformat/runtime';
import { en } from '@messageformat/runtime/lib/cardinals';

type Made = string | ((params: Record<string, unknown>) => string);
const made = (text: string, language?: 'pseudo'): Made =>
  new Function('number', 'plural', 'select', 'en', `return ${compileMessage(text, language)}`)(
    number,
    plural,
    select,
    en,
  ) as Made;
const filled = (text: string, params: Record<string, unknown>, language?: 'pseudo'): string => {
  const message = made(text, language);
  if (typeof message === 'string') throw new Error('nothing to fill in');
  return message(params);
};

describe('a compiled message', () => {
  it('is a string where nothing is filled in', () => {
    expect(made('Sign the check')).toBe('Sign the check');
    expect(made('It’s the lead’s turn')).toBe('It’s the lead’s turn');
  });

  it('fills in names and counts', () => {
    const text = '{done} of {all, plural, one {# bike} other {# bikes}}';
    expect(filled(text, { done: 1, all: 1 })).toBe('1 of 1 bike');
    expect(filled(text, { done: 1, all: 1200 })).toBe('1 of 1,200 bikes');
  });

  it('refuses a case that its type would take for a name', () => {
    expect(() => compileMessage('{all, plural, one {one} other {# bikes}}')).toThrow(
      'would be read as a name',
    );
    expect(() => compileMessage('{all, plural, one {# bike}}')).toThrow();
  });

  it('is accented and a third longer in the pseudo-language, around what is filled in', () => {
    const plain = 'Sign the check';
    const pseudo = made(plain, 'pseudo');
    expect(pseudo).toBe('Šîgñö théö çhéçköö');
    const counted = filled(
      '{tag} has {all, plural, one {# fault} other {# faults}}',
      { tag: 'K12', all: 2 },
      'pseudo',
    );
    expect(counted).toMatch(/^K12 hàšö 2 fàült\S+$/);
  });
});
