import 'fake-indexeddb/auto';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, reactive, nextTick, type EffectScope } from 'vue';
import { v7 as newId } from 'uuid';
import type { Bike } from '@cadre/contract/fleet';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { NO_FACTS } from '@cadre/core/fitness';
import { RIDE_OUT } from '@cadre/core/shipped';
import { markFor } from '@cadre/test-world/builders';
import { localDb } from '@cadre/web/platform/local-db';
import { findOrBegin } from './drafts';
import { useDraft, type Draft } from './use-draft';
import { useReadings } from './use-readings';
import { useStand, type Stand } from './use-stand';

const author = newId();
const bike = {
  id: newId(),
  tag: 'Q1',
  model: 'm',
  size: 'M',
  serial: '',
  siteId: newId(),
  hookId: null,
  build: USUAL_BUILD.hardtail,
  parts: [],
  whereabouts: 'in',
  version: 1,
  facts: NO_FACTS,
  openCheckId: null,
} as unknown as Bike;
const checklist = { hash: 'a'.repeat(64), checklist: RIDE_OUT };
let scope: EffectScope;
let draft: Draft;
let stand: Stand;
let oneByOne = false;

/** Lets what was written to the browser's store come back to the draft. */
const settled = (condition: () => boolean): Promise<void> => vi.waitFor(() => expect(condition()).toBe(true));

const unseen = reactive(new Set<string>());
beforeEach(async () => {
  setActivePinia(createPinia());
  oneByOne = false;
  await Promise.all([localDb.checks.clear(), localDb.marks.clear()]);
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')));
  const check = await findOrBegin(bike, checklist, author, null);
  scope = effectScope();
  scope.run(() => {
    draft = useDraft(check?.id ?? '');
    stand = useStand(
      draft,
      (question) => oneByOne && question.critical,
      () => author,
      useReadings()(bike.id),
      (question) => !unseen.has(question.key),
    );
  });
  await settled(() => draft.stations.value.length > 0);
});
afterEach(() => {
  scope.stop();
});

describe('at the stand, with no signal', () => {
  it('a sweep marks the whole station sound, keeps it here, and moves on', async () => {
    const first = stand.station.value;
    await stand.sweep();
    await settled(() => stand.at.value === 1);
    expect(
      first?.questions.every((question) => draft.answers.value.get(question.key)?.outcome === 'pass'),
    ).toBe(true);
    expect(draft.unsent.value).toBe(first?.questions.length);
    expect(stand.doneZones.value).toContain('front-wheel');
  });

  it('a sweep passes nothing while a row was not in sight: it goes to that row', async () => {
    const last = stand.station.value?.questions.at(-1);
    if (!last) throw new Error('no question');
    unseen.add(last.key);
    await stand.sweep();
    expect([draft.answers.value.size, stand.at.value, stand.current.value?.key]).toEqual([0, 0, last.key]);
    expect(stand.unseen.value.map((each) => each.key)).toEqual([last.key]);
    unseen.clear();
    await stand.sweep();
    await settled(() => stand.at.value === 1);
  });

  it('a sweep leaves an exception as it is', async () => {
    const question = stand.station.value?.questions[2];
    if (!question) throw new Error('nothing asked');
    await stand.mark(question, { outcome: 'fail', way: 'single', faults: [{ fault: 'crack' }] });
    await stand.sweep();
    await settled(() => stand.at.value === 1);
    expect(draft.answers.value.get(question.key)?.outcome).toBe('fail');
    expect(stand.troubledZones.value).toContain('front-wheel');
  });

  it('one by one, a sweep takes only what is not critical', async () => {
    oneByOne = true;
    await stand.sweep();
    await nextTick();
    expect(draft.marks.value).toHaveLength(0);
    const [first, second] = stand.station.value?.questions ?? [];
    if (!first) throw new Error('nothing asked');
    await stand.pass(first);
    expect(stand.current.value?.key).toBe(second?.key);
    expect(draft.marks.value.map((row) => row.mark.way)).toEqual(['single']);
  });

  it('undo takes a whole sweep back, and then what was before it', async () => {
    const [question] = stand.station.value?.questions ?? [];
    if (!question) throw new Error('nothing asked');
    await stand.mark(question, { outcome: 'fail', way: 'single', faults: [{ fault: 'loose' }] });
    await stand.sweep();
    await settled(() => stand.at.value === 1);
    await stand.undo();
    await settled(() => draft.answers.value.size === 1);
    expect(stand.at.value).toBe(0);
    await stand.undo();
    await settled(() => draft.answers.value.size === 0);
    await stand.undo();
    expect(draft.answers.value.size).toBe(0);
  });

  it('sweeping on and on ends at the signature with nothing left', async () => {
    for (let station = 0; station < 20 && !stand.signing.value; station += 1) await stand.sweep();
    expect(stand.signing.value).toBe(true);
    expect(draft.progress.value).toMatchObject({ looked: draft.progress.value.asked, criticalsMissing: [] });
    await draft.sign(author);
    await settled(() => draft.check.value?.state === 'signing');
    expect(draft.check.value?.signature?.markIds).toHaveLength(draft.progress.value.asked);
  });

  it('goes to a zone by touch and to a question from the sign-off', () => {
    stand.goToZone('rear-wheel');
    expect(stand.station.value?.zones).toContain('rear-wheel');
    const brake = draft.stations.value
      .flatMap((station) => station.questions)
      .find((question) => question.key === 'rotor@rear');
    if (!brake) throw new Error('no rotor asked');
    stand.goToQuestion(brake);
    expect(stand.current.value?.key).toBe('rotor@rear');
    stand.step(99);
    expect(stand.row.value).toBe((stand.station.value?.questions.length ?? 0) - 1);
  });

  it('finds the draft of a bike again rather than begin another', async () => {
    const again = await findOrBegin(bike, checklist, newId(), null);
    expect(again?.id).toBe(draft.check.value?.id);
    expect(await localDb.checks.count()).toBe(1);
  });

  it('takes over what others marked on a check that is open on the server', async () => {
    const other = { ...bike, id: newId(), openCheckId: newId() } as Bike;
    const [question] = draft.stations.value[0]?.questions ?? [];
    if (!question) throw new Error('nothing asked');
    const theirs = {
      id: other.openCheckId,
      bikeId: other.id,
      checklistHash: checklist.hash,
      checklist: RIDE_OUT,
      state: 'open',
      openedAt: 5,
      repairId: null,
      marks: [markFor(question, newId(), 10)],
    };
    vi.stubGlobal('fetch', () =>
      Promise.resolve(
        new Response(JSON.stringify(theirs), {
          status: 200,
          headers: { 'content-type': 'application/json' },
        }),
      ),
    );
    const joined = await findOrBegin(other, checklist, author, null);
    expect(joined).toMatchObject({ id: theirs.id, serverId: theirs.id });
    expect(
      await localDb.marks
        .where('checkId')
        .equals(theirs.id ?? '')
        .count(),
    ).toBe(1);
  });
});
