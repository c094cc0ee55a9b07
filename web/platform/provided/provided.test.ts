import { mount } from '@vue/test-utils';
import { h, provide, type InjectionKey } from 'vue';
import { describe, expect, it, vi } from 'vitest';
import { useProvided } from './provided';

const KEY: InjectionKey<string> = Symbol('a bike');
const inner = {
  setup: () =>
    (
      (value: string) => () =>
        h('p', value)
    )(useProvided(KEY)),
};
const above = {
  setup: () => {
    provide(KEY, 'K1');
    return () => h(inner);
  },
};

describe('what a view provides', () => {
  it('reaches what stands inside it', () => {
    expect(mount(above).text()).toBe('K1');
  });
  it('is missed by name elsewhere', () => {
    vi.spyOn(console, 'warn').mockReturnValue();
    expect(() => mount(inner)).toThrow('nothing provides a bike here');
  });
});
