import 'fake-indexeddb/auto';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, type EffectScope } from 'vue';
import { CHECKPOINTS, SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import type { Checkpoint, ChecklistVersion } from '@cadre/core/catalogue';
import { localDb } from '@cadre/web/platform/local-db';
import { knownCheckpoints } from './use-checkpoints';
import { keyFrom, useChecklistDraft, type ChecklistDraft } from './use-checklist-draft';

const [rideOut] = SHIPPED_CHECKLISTS as [ChecklistVersion];
const HASH = 'a'.repeat(64);
const summary = {
  hash: HASH,
  key: rideOut.key,
  version: 1,
  name: rideOut.name,
  purpose: '',
  clears: true,
  afterRideOut: false,
  kinds: null,
  items: 1,
  span: { least: 1, most: 1, minutes: 1 },
  leavesOut: [],
  reason: '',
};
const byKey = (key: string): Checkpoint => CHECKPOINTS.find((each) => each.key === key) as Checkpoint;

interface Call {
  readonly method: string;
  readonly path: string;
  readonly body: Record<string, unknown> | undefined;
}
let calls: Call[];
let answers: Record<string, () => { status: number; body: unknown }>;
let scope: EffectScope;
let draft: ChecklistDraft;

function fresh(): ChecklistDraft {
  scope = effectScope();
  return scope.run(() => useChecklistDraft()) as ChecklistDraft;
}

beforeEach(async () => {
  setActivePinia(createPinia());
  await localDb.things.clear();
  calls = [];
  answers = {
    'GET /api/v1/checklists': () => ({
      status: 200,
      body: { checklists: [summary], policy: { hash: HASH, policy: {} } },
    }),
    [`GET /api/v1/checklists/${HASH}`]: () => ({ status: 200, body: { hash: HASH, checklist: rideOut } }),
    'GET /api/v1/checklist-drafts': () => ({ status: 200, body: { drafts: [] } }),
    'PUT /api/v1/checklist-drafts/ride-out': () => ({ status: 200, body: { version: 1 } }),
    'DELETE /api/v1/checklist-drafts/ride-out': () => ({ status: 200, body: { done: true } }),
    'POST /api/v1/checklists': () => ({
      status: 200,
      body: { hash: HASH, checklist: { ...rideOut, version: 2 } },
    }),
  };
  vi.stubGlobal('fetch', (url: string, init?: RequestInit) => {
    const call = {
      method: init?.method ?? 'GET',
      path: String(url),
      body: init?.body ? (JSON.parse(String(init.body)) as Record<string, unknown>) : undefined,
    };
    calls.push(call);
    const answer = answers[`${call.method} ${call.path}`];
    if (!answer) return Promise.reject(new TypeError(`nothing answers ${call.method} ${call.path}`));
    const { status, body } = answer();
    return Promise.resolve(
      new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } }),
    );
  });
  draft = fresh();
});
afterEach(() => scope.stop());

const keys = (): readonly string[] => (draft.checklist.value?.items ?? []).map((item) => item.checkpoint.key);
const savedChecklist = async (): Promise<ChecklistVersion | undefined> =>
  (
    (await localDb.things.get('checklist-draft:ride-out'))?.value as
      { checklist: ChecklistVersion } | undefined
  )?.checklist;

describe('a checklist being written', () => {
  it('begins as what is published, with nothing changed', async () => {
    await draft.begin('ride-out');
    expect(keys()).toEqual(rideOut.items.map((item) => item.checkpoint.key));
    expect(draft.unsaved.value).toBe(false);
    expect(draft.difference.value).toEqual({ added: [], removed: [], changed: [], checklist: [] });
    expect(draft.issues.value).toEqual([]);
  });

  it('is kept in this browser at every change, and found again', async () => {
    await draft.begin('ride-out');
    draft.set({ name: 'Ours' });
    expect(draft.unsaved.value).toBe(true);
    await vi.waitFor(async () => expect((await savedChecklist())?.name).toBe('Ours'));
    scope.stop();
    draft = fresh();
    await draft.begin('ride-out');
    expect(draft.checklist.value?.name).toBe('Ours');
    expect(draft.unsaved.value).toBe(true);
  });

  it('is kept even when the page goes in the very moment', async () => {
    await draft.begin('ride-out');
    draft.remove('spokes');
    await Promise.resolve();
    scope.stop();
    await vi.waitFor(async () =>
      expect((await savedChecklist())?.items.some((item) => item.checkpoint.key === 'spokes')).toBe(false),
    );
  });

  it('goes on from the draft on the server when there is none here', async () => {
    answers['GET /api/v1/checklist-drafts'] = () => ({
      status: 200,
      body: {
        drafts: [
          {
            key: 'ride-out',
            base: HASH,
            checklist: { ...rideOut, name: 'From another desk' },
            savedBy: 'x',
            savedAt: 1,
            version: 3,
          },
        ],
      },
    });
    await draft.begin('ride-out');
    expect(draft.checklist.value?.name).toBe('From another desk');
    await draft.save();
    expect(calls.at(-1)?.body).toMatchObject({ version: 3, base: HASH });
  });

  it('adds with the critical it derives, takes off, and puts one before another', async () => {
    await draft.begin('ride-out');
    draft.add(byKey('tyre-clearance'));
    draft.add(byKey('tyre-clearance'));
    const added = draft.checklist.value?.items.filter((item) => item.checkpoint.key === 'tyre-clearance');
    expect(added).toHaveLength(1);
    expect(added?.[0]?.critical).toBe(false);
    draft.set({ between: ['wear'] });
    draft.remove('tyre-clearance');
    draft.add(byKey('tyre-clearance'));
    expect(draft.checklist.value?.items.at(-1)?.critical).toBe(true);
    const [first] = keys();
    draft.moveTo('tyre-clearance', first ?? null);
    expect(keys()[0]).toBe('tyre-clearance');
    draft.moveTo('tyre-clearance', null);
    expect(keys().at(-1)).toBe('tyre-clearance');
    draft.moveTo('tyre-clearance', 'tyre-clearance');
    expect(keys().at(-1)).toBe('tyre-clearance');
    expect(draft.difference.value?.added.map((each) => each.key)).toEqual(['tyre-clearance']);
  });

  it('names the criticals it would drop, and what keeps it from being published', async () => {
    await draft.begin('ride-out');
    draft.setItem('spokes', { critical: false });
    draft.remove('rim');
    expect(draft.dropped.value).toEqual(['Spokes', 'Rim']);
    draft.set({ name: ' ' });
    expect(draft.issues.value.map((issue) => issue.path)).toEqual(['name']);
  });

  it('is saved and published as it stands, and not kept here after', async () => {
    await draft.begin('ride-out');
    draft.set({ purpose: 'another' });
    await draft.save();
    expect(draft.unsaved.value).toBe(false);
    expect(await localDb.things.get('checklist-draft:ride-out')).toBeUndefined();
    draft.set({ purpose: 'a third' });
    expect(await draft.publish('why', 'because')).toBe('ride-out');
    expect(calls.find((call) => call.method === 'POST')?.body).toMatchObject({
      base: HASH,
      note: 'why',
      reason: 'because',
      checklist: { purpose: 'a third' },
    });
    expect(await localDb.things.get('checklist-draft:ride-out')).toBeUndefined();
  });

  it('refused, keeps all that was written', async () => {
    await draft.begin('ride-out');
    draft.set({ purpose: 'mine' });
    answers['POST /api/v1/checklists'] = () => ({
      status: 409,
      body: { type: 't', status: 409, code: 'conflict.version' },
    });
    await expect(draft.publish('n', '')).rejects.toMatchObject({ problem: { code: 'conflict.version' } });
    expect(draft.checklist.value?.purpose).toBe('mine');
    expect(draft.unsaved.value).toBe(true);
  });

  it('of a name nobody knows is said to be missing; a new one is empty and has a key', async () => {
    await draft.begin('no-such');
    expect(draft.missing.value).toBe(true);
    await draft.begin(null);
    expect(draft.checklist.value).toMatchObject({ name: '', items: [] });
    expect(draft.checklist.value?.key).toMatch(/^own-/);
  });
});

describe('a key from a name', () => {
  it.each([
    ['Quick-release spring', [], 'quick-release-spring'],
    ['Ä Prüfung!', [], 'a-pru-fung'],
    ['', [], 'own'],
    ['Spokes', ['spokes'], 'spokes-2'],
    ['Spokes', ['spokes', 'spokes-2'], 'spokes-3'],
  ])('“%s” beside %o: %s', (name, taken, key) => expect(keyFrom(name, new Set(taken))).toBe(key));
});

describe('the checkpoints a program knows', () => {
  it('are the shipped ones in the wording of its checklists, and its own', () => {
    const item = rideOut.items[0];
    if (!item) throw new Error('an empty checklist');
    const reworded = { ...item, checkpoint: { ...item.checkpoint, how: 'Our way.' } };
    const own = { critical: true, checkpoint: { ...item.checkpoint, key: 'own-one', name: 'Own one' } };
    const known = knownCheckpoints([{ ...rideOut, items: [reworded, own] }]);
    expect(known).toHaveLength(CHECKPOINTS.length + 1);
    expect(known.find((each) => each.checkpoint.key === item.checkpoint.key)).toMatchObject({
      own: false,
      checkpoint: { how: 'Our way.' },
      on: [{ key: rideOut.key, critical: item.critical }],
    });
    expect(known.at(-1)).toMatchObject({ own: true, on: [{ critical: true }] });
    expect(known.find((each) => each.checkpoint.key === 'kit')?.on).toEqual([]);
  });
});
