import { effectScope, nextTick, ref, shallowRef, type EffectScope } from 'vue';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import type { TraceRun } from '@cadre/contract/tracing';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { TRACES } from '@cadre/core/shipped';
import { RefusedError, UnreachableError } from '@cadre/web/platform/api';
import type { SharedTraces, TraceSaid } from './use-shared-traces';
import { useTrace, type TraceInHand } from './use-trace';

const KNOCK = TRACES.find(({ key }) => key === 'front-knock') as (typeof TRACES)[number];
const BIKE = { id: 'b1', build: USUAL_BUILD.hardtail, parts: [] } as unknown as Bike;
type Answers = readonly (readonly [string, number | null])[];

const aRun = (answers: Answers, more: Partial<TraceRun> = {}): TraceRun => ({
  ...{ id: 'r1', bikeId: 'b1', trace: 'front-knock', position: 'only', state: 'open', version: 1 },
  ...{ from: { kind: 'symptom', id: null }, refuted: [], cause: null, result: null, findingId: null },
  answers: answers.map(([question, answer]) => ({ question, answer, fromRecord: false })),
  ...{ note: '', holding: [], beganBy: 'ann', beganAt: 1, changedBy: 'ann', changedAt: 1 },
  ...more,
});
const refusal = (code: string): RefusedError =>
  new RefusedError({ type: 't', status: 409, code, params: {} } as never);
const EMPTY = {
  ...{ readings: [], answers: [], findings: [], servicesOverdue: [], incidents: [], work: [], punctures: [] },
};

/** What the server has, and what is sent to it. */
function aServer() {
  const runs = shallowRef<readonly TraceRun[]>([]);
  const record = shallowRef<NonNullable<SharedTraces['record']['value']>>(EMPTY);
  const offline = ref(false);
  const sent: { readonly run: TraceRun | null; readonly said: TraceSaid }[] = [];
  /** What the next saves meet: an error, or somebody who was faster. */
  const meets: (() => void)[] = [];
  /** What a refresh brings that others did. */
  let others: readonly TraceRun[] | null = null;
  const shared = {
    ...{ record, runs, offline, proved: ref([]), ready: ref(true) },
    refresh: () => {
      if (others) runs.value = others;
      others = null;
      return Promise.resolve();
    },
    save: (run: TraceRun | null, said: TraceSaid) => {
      sent.push({ run, said });
      meets.shift()?.();
      runs.value = [
        { ...aRun([]), id: run?.id ?? 'r1', version: (run?.version ?? 0) + 1, answers: said.answers },
      ];
      return Promise.resolve(runs.value[0] as TraceRun);
    },
  } as unknown as SharedTraces;
  return {
    runs,
    record,
    offline,
    sent,
    meets,
    shared,
    others: (found: readonly TraceRun[]) => (others = found),
  };
}

let server: ReturnType<typeof aServer>;
let scope: EffectScope;
/** What the server refused. */
let refused: unknown[];
function inHand(maySave = true): TraceInHand {
  return scope.run(() =>
    useTrace(
      () => KNOCK,
      () => BIKE,
      () => 'only',
      server.shared,
      {
        origin: () => ({ kind: 'symptom', id: null }),
        maySave: () => maySave,
        refused: (error) => refused.push(error),
      },
    ),
  ) as TraceInHand;
}
const lastSaid = (): Record<string, number | null> =>
  Object.fromEntries((server.sent.at(-1)?.said.answers ?? []).map((each) => [each.question, each.answer]));
const given = (trace: TraceInHand): Record<string, number | null> => Object.fromEntries(trace.given.value);

beforeEach(() => {
  localStorage.clear();
  server = aServer();
  refused = [];
  scope = effectScope();
});
afterEach(() => scope.stop());

describe('a search in hand', () => {
  it('is sent as it grows, each time on what stands, and takes an answer back', async () => {
    const trace = inHand();
    await trace.answer('joint', 1);
    await trace.answer('axle', 1);
    await trace.takeBack('joint');
    expect(server.sent.map(({ run }) => run?.version ?? null)).toEqual([null, 1, 2]);
    expect(lastSaid()).toEqual({ axle: 1 });
    expect(trace.unsynced.value).toBe(false);
  });

  it('goes on from what another person answered meanwhile', async () => {
    server.runs.value = [aRun([['joint', 1]])];
    const trace = inHand();
    expect(given(trace)).toEqual({ joint: 1 });
    server.runs.value = [
      aRun(
        [
          ['joint', 1],
          ['rim', 1],
        ],
        { version: 2 },
      ),
    ];
    await nextTick();
    expect(given(trace)).toEqual({ joint: 1, rim: 1 });
    server.runs.value = [aRun([['joint', 1]], { state: 'closed' })];
    await nextTick();
    expect(given(trace)).toEqual({});
  });

  it('puts together what two people answered at once: their own where both did', async () => {
    const trace = inHand();
    await trace.answer('joint', 1);
    server.others([
      aRun(
        [
          ['joint', 1],
          ['axle', 0],
          ['rim', 1],
        ],
        { version: 2 },
      ),
    ]);
    server.meets.push(() => {
      throw refusal('conflict.version');
    });
    await trace.answer('axle', 1);
    expect(server.sent.at(-1)?.run?.version).toBe(2);
    expect(lastSaid()).toEqual({ joint: 1, axle: 1, rim: 1 });
    expect(given(trace)).toEqual({ joint: 1, axle: 1, rim: 1 });
    expect(trace.unsynced.value).toBe(false);
  });

  it('keeps what no server took, shows it as not synced, and sends it when there is one again', async () => {
    server.offline.value = true;
    const trace = inHand();
    server.meets.push(() => {
      throw new UnreachableError();
    });
    await trace.answer('joint', null);
    expect(trace.unsynced.value).toBe(true);
    // Nothing that others have drives out what is not sent yet.
    server.runs.value = [aRun([['rim', 1]])];
    await nextTick();
    expect(given(trace)).toEqual({ joint: null });
    server.offline.value = false;
    await vi.waitFor(() => expect(trace.unsynced.value).toBe(false));
    expect(server.sent).toHaveLength(2);
    expect(lastSaid()).toMatchObject({ joint: null });
    expect(refused).toEqual([]);
  });

  it('says what is refused once the server is back, and keeps it', async () => {
    server.offline.value = true;
    const trace = inHand();
    server.meets.push(
      () => {
        throw new UnreachableError();
      },
      () => {
        throw refusal('act.not-allowed');
      },
    );
    await trace.answer('joint', 1);
    server.offline.value = false;
    await vi.waitFor(() => expect(refused).toHaveLength(1));
    expect(given(trace)).toEqual({ joint: 1 });
    expect(trace.unsynced.value).toBe(true);
  });

  it('says what the server refuses, and has the answer still', async () => {
    const trace = inHand();
    server.meets.push(() => {
      throw refusal('act.not-allowed');
    });
    await trace.answer('joint', 0);
    expect(refused).toEqual([expect.any(RefusedError)]);
    expect(given(trace)).toEqual({ joint: 0 });
    expect(trace.unsynced.value).toBe(true);
    await trace.answer('rim', 1);
    expect(lastSaid()).toEqual({ joint: 0, rim: 1 });
  });

  it('answers from the record what nobody did, marked as such, until a person answers it', async () => {
    const at = Date.now();
    const seen = { checkpoint: 'hub-play', position: 'front' as const, at, outcome: 'pass' };
    server.record.value = { ...EMPTY, answers: [seen] };
    const trace = inHand();
    expect(trace.recorded.value.map(({ question }) => question)).toEqual(['rim']);
    await trace.answer('joint', 1);
    expect(server.sent.at(-1)?.said.answers).toEqual([
      { question: 'joint', answer: 1, fromRecord: false },
      { question: 'rim', answer: 1, fromRecord: true },
    ]);
    await trace.answer('rim', 0);
    expect(trace.recorded.value).toEqual([]);
    expect(server.sent.at(-1)?.said.answers).toContainEqual({
      question: 'rim',
      answer: 0,
      fromRecord: false,
    });
  });

  it('of who may not mark stays on the device, and one that has ended is not changed', async () => {
    const looking = inHand(false);
    await looking.answer('joint', 0);
    expect(server.sent).toEqual([]);
    expect(given(looking)).toEqual({ joint: 0 });
    expect(looking.unsynced.value).toBe(false);
    localStorage.clear();
    server.runs.value = [aRun([['joint', 0]], { state: 'ended', result: 'finding', cause: 'headset' })];
    const ended = inHand();
    await ended.answer('rim', 1);
    expect(server.sent).toEqual([]);
  });

  it('asks nothing a newer program no longer asks', () => {
    server.runs.value = [
      aRun([
        ['joint', 1],
        ['asked-before', 0],
        ['rim', 17],
      ]),
    ];
    expect(given(inHand())).toEqual({ joint: 1 });
  });
});
