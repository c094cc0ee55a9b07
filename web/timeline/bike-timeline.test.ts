import { flushPromises, mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { fetched, type Fetched } from '../../testing/fetched';
import BikeTimeline from './BikeTimeline.vue';

const entry = (id: string) => ({
  id,
  kind: 'bike.moved',
  body: { to: 'out' },
  author: null,
  happenedAt: Date.now(),
  recordedAt: Date.now(),
});
const page = (ids: readonly string[], next: number | null = null) => ({ entries: ids.map(entry), next });
let server: Fetched;
beforeEach(() => {
  setActivePinia(createPinia());
  server = fetched();
});
afterEach(() => vi.unstubAllGlobals());
const asked = (): string[] => server.sent.map((each) => each.at.replace('GET /api/v1/bikes/', ''));
const shown = async (props: Partial<InstanceType<typeof BikeTimeline>['$props']> = {}) => {
  const view = mount(BikeTimeline, { props: { bikeId: 'b', version: 1, ...props } });
  await flushPromises();
  return view;
};
type View = Awaited<ReturnType<typeof shown>>;
const count = (view: View): number => view.findAll('[data-entry]').length;

describe('what happened to a bike', () => {
  it('takes the page that was asked for ahead once, and asks anew when something changes', async () => {
    server.answers['GET /api/v1/bikes/b/timeline?kinds=told&most=30'] = () => page(['e1', 'e2', 'e3']);
    const view = await shown({ asked: Promise.resolve(page(['e1', 'e2']) as never) });
    expect([count(view), asked()]).toEqual([2, []]);
    await view.setProps({ version: 2 });
    await flushPromises();
    expect([count(view), asked()]).toEqual([3, ['b/timeline?kinds=told&most=30']]);
  });
  it('goes on where the page ended, with what nobody asks for when that is wanted', async () => {
    server.answers['GET /api/v1/bikes/b/timeline?kinds=told&most=2'] = () => page(['e1', 'e2'], 7);
    server.answers['GET /api/v1/bikes/b/timeline?before=7&kinds=told&most=2'] = () => page(['e3']);
    server.answers['GET /api/v1/bikes/b/timeline?kinds=all&most=2'] = () => page(['q1']);
    const view = await shown({ most: 2 });
    await view.get('button').trigger('click');
    await flushPromises();
    expect(count(view)).toBe(3);
    expect(view.find('button').exists()).toBe(false);
    await view.get('input[type=checkbox]').setValue(true);
    await flushPromises();
    expect(count(view)).toBe(1);
  });
  it('asked for ahead without signal, says so where it stands', async () => {
    const { UnreachableError } = await import('../platform/api/api');
    const failed = Promise.reject(new UnreachableError());
    const view = await shown({ asked: failed });
    expect(view.get('[role=alert]').text()).toContain('The server does not answer.');
  });
  it('drops a late answer about another bike', async () => {
    let late: (told: unknown) => void = () => undefined;
    server.answers['GET /api/v1/bikes/c/timeline?kinds=told&most=30'] = () => page(['c1']);
    const view = await shown({ asked: new Promise((done) => (late = done as never)) });
    await view.setProps({ bikeId: 'c' });
    late(page(['b1', 'b2']));
    await flushPromises();
    expect(count(view)).not.toBe(2);
  });
});
