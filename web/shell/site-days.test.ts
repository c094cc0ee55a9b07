import { flushPromises, mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { createMemoryHistory, createRouter, type Router } from 'vue-router';
import type { Bike } from '@cadre/contract/fleet';
import type { Wall } from '@cadre/contract/wall';
import { NO_FACTS } from '@cadre/core/fitness';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { dayAndClock, setServerNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import UnusualRecordsView from '../unusual-records/UnusualRecordsView.vue';
import PaperView from '../batch-check/PaperView.vue';
import { fetched } from '../../testing/fetched';

/** Half past two in the afternoon in Adak, and the next day already in Auckland, where this browser stands. */
const LATE = Date.UTC(2026, 5, 9, 23, 30);
const IN_ADAK = { id: 's', name: 'Shed', timeZone: 'America/Adak', opensAt: '09:00' };
const bike = {
  ...{
    id: 'b',
    tag: 'Q1',
    modelId: null,
    model: 'm',
    size: 'M',
    serial: '',
    boughtOn: '',
    warrantyUntil: '',
    siteId: 's',
    hookId: null,
  },
  ...{
    build: USUAL_BUILD.hybrid,
    own: [],
    fit: {},
    whereabouts: 'in',
    version: 1,
    facts: NO_FACTS,
    parts: [],
    marked: {},
    openCheckId: null,
  },
} as unknown as Bike;
const wall = {
  sites: [IN_ADAK],
  racks: [],
  bikes: [bike],
  models: [],
  groups: [],
  people: [{ id: 'p', name: 'Iris' }],
  now: LATE,
} as unknown as Wall;

let router: Router;
beforeEach(() => {
  setActivePinia(createPinia());
  useFleet().wall = wall;
  setServerNow(LATE);
  const view = { template: '<i />' };
  router = createRouter({
    history: createMemoryHistory(),
    routes: ['batch-check', 'check', 'bike', 'paper'].map((name) => ({
      name,
      path: `/${name}/:checkId?/:bikeId?`,
      component: view,
    })),
  });
});
afterEach(() => vi.unstubAllGlobals());

describe('days and times are the site’s, wherever the browser stands', () => {
  it('wherever no site is named, from when the racks are known', async () => {
    fetched({ 'GET /api/v1/wall': () => wall });
    await useFleet().load();
    expect(dayAndClock(LATE, LATE)).toBe('today 14:30');
    expect(dayAndClock(LATE, LATE, 'Europe/London')).toBe('today 00:30');
  });

  it('on the printed checklist', async () => {
    fetched();
    await router.push('/paper?bikes=Q1&checklist=pressures');
    const view = mount(PaperView, { global: { plugins: [router] } });
    await flushPromises();
    expect(view.text()).toContain('Printed 9 Jun 2026');
  });

  it('in what records show', async () => {
    const hasty = {
      checkId: 'c',
      tag: 'Q1',
      checklistName: 'Ride-out',
      marks: 9,
      seconds: 4,
      by: 'p',
      at: LATE,
    };
    await router.push('/paper');
    fetched({
      'GET /api/v1/unusual-records': () => ({
        since: LATE,
        hasty: [hasty],
        sameDigits: [],
        oddTimes: [],
        healed: [],
      }),
    });
    const view = mount(UnusualRecordsView, { global: { plugins: [router] } });
    await flushPromises();
    expect(view.text()).toContain('Since 9 Jun 2026');
    expect(view.text()).toContain('Iris, today 14:30');
  });
});
