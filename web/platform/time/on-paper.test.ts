import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import { h } from 'vue';
import { dayAndClock } from './format';
import { onPaper, useToday } from './on-paper';

const At = {
  setup() {
    const today = useToday();
    const at = Date.now();
    return () => h('p', dayAndClock(at, today.value, 'UTC'));
  },
};
const page = (printed: boolean): string =>
  mount({
    setup() {
      if (printed) onPaper();
      return () => h('main', h('section', h(At)));
    },
  }).text();

it('tells a day by its date wherever it stands on paper, and by “today” on a screen', () => {
  expect(page(false)).toMatch(/^today \d\d:\d\d$/);
  expect(page(true)).toMatch(/^\w{3} \d{1,2} \w{3}, \d\d:\d\d$/);
});
