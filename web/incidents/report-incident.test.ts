import { flushPromises, mount } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import ReportIncident from './ReportIncident.vue';

const bike = (id: string): Bike => ({ id, tag: id }) as Bike;
const sent: { path: string; body: Record<string, unknown> }[] = [];
let respond: () => Promise<Response> = () => Promise.reject(new TypeError('no network'));
const json = (body: object, status = 200): Promise<Response> =>
  Promise.resolve(
    new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } }),
  );

describe('something happened to a bike', () => {
  beforeEach(() => {
    sent.length = 0;
    vi.stubGlobal('fetch', (path: string, { body }: { body: string }) => {
      sent.push({ path, body: JSON.parse(body) as Record<string, unknown> });
      return respond();
    });
  });
  afterEach(() => vi.unstubAllGlobals());
  const open = async () => {
    const view = mount(ReportIncident, { props: { bike: bike('Q7') } });
    await view.get('[data-incident-open]').trigger('click');
    return view;
  };

  it('is told in two touches, with what is known of it, and says first what that does', async () => {
    respond = () => json(bike('Q7'));
    const view = await open();
    expect(view.text()).toContain(
      'The bike is held at once, until the complete check for this incident is signed.',
    );
    await view.get('input').setValue('  At the ford  ');
    await view.get('[data-incident-kind=immersion]').trigger('click');
    await flushPromises();
    expect(sent).toMatchObject([
      { path: '/api/v1/bikes/Q7/incidents', body: { kind: 'immersion', note: 'At the ford' } },
    ]);
    expect(view.emitted('told')).toEqual([[bike('Q7')]]);
    expect(view.find('[data-incident-kind]').exists()).toBe(false);
  });
  it('without signal says so and loses nothing typed', async () => {
    respond = () => Promise.reject(new TypeError('no network'));
    const view = await open();
    await view.get('input').setValue('Fell off the slip');
    await view.get('[data-incident-kind=crash]').trigger('click');
    await flushPromises();
    expect(view.text()).toContain('The server does not answer');
    expect(view.get('input').element.value).toBe('Fell off the slip');
    expect(view.emitted('told')).toBeUndefined();
  });
  it('is of the bike in hand: another one begins anew', async () => {
    const view = await open();
    await view.get('input').setValue('Of the other');
    await view.setProps({ bike: bike('Q8') });
    expect(view.find('[data-incident-kind]').exists()).toBe(false);
    await view.get('[data-incident-open]').trigger('click');
    expect(view.get('input').element.value).toBe('');
  });
});
