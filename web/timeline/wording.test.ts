import { describe, expect, it } from 'vitest';
import { readdirSync, readFileSync, existsSync } from 'node:fs';
import { byWords, entryWords, type TimelineEntry } from './wording';

const entry = (kind: TimelineEntry['kind'], body: unknown): TimelineEntry => ({
  id: '1',
  chain: 'c',
  seq: 1,
  kind,
  bikeId: 'b',
  author: 'a',
  happenedAt: 0,
  recordedAt: 0,
  body,
});
const said = (kind: TimelineEntry['kind'], body: unknown) => entryWords(entry(kind, body), () => 'Ann');
const finding = { severity: 'stop', words: { checkpoint: 'Bars', fault: 'Bent' } };

describe('a bike’s timeline in words', () => {
  it.each([
    [
      'check.signed',
      { complete: true, findings: [finding], criticalsMissing: [] },
      'Check signed',
      'Bars: bent (do not ride)',
    ],
    [
      'check.signed',
      { complete: false, findings: [], criticalsMissing: ['a', 'b'] },
      'Check signed, incomplete',
      '2 critical questions not answered · No findings',
    ],
    ['repair.done', { work: [{ done: 'New bars' }], minutes: 12 }, 'Repair done', 'New bars · 12 min'],
    [
      'check.signed',
      { complete: true, findings: [], criticalsMissing: [], ruledOut: [{}, {}, {}] },
      'Check signed',
      'No findings · 3 not asked because of the build',
    ],
    [
      'finding.under-policy',
      { findings: [finding] },
      'New policy changed open findings',
      'Bars: bent (do not ride)',
    ],
    [
      'finding.severity-set',
      { finding, reason: 'Seen it' },
      'Severity changed',
      'Bars: bent (do not ride) · Seen it',
    ],
    [
      'part.fitted',
      { part: { kind: 'wheel', name: '29 disc' }, position: 'front', anyway: 'spare' },
      'Wheel fitted',
      '29 disc · front · spare',
    ],
    ['bike.moved', { to: 'out' }, 'Handed out', ''],
    ['bike.changed', { due: true }, 'Edited', 'Build changed: the last check is no longer valid'],
  ] as const)('%s', (kind, body, what, detail) => {
    expect(said(kind, body)).toMatchObject({ what, detail });
  });
  it('has words for everything that can happen to a bike', () => {
    // As the server's features list them.
    const kinds = readdirSync('server')
      .map((feature) => `server/${feature}/events.ts`)
      .filter((file) => existsSync(file))
      .flatMap((file) =>
        [...readFileSync(file, 'utf8').matchAll(/^ {2}'([a-z.-]+)':/gm)].map(([, kind]) => kind ?? ''),
      );
    const ofBikes = kinds.filter((kind) => /^(bike|check|finding|repair|not-reassembled|part)\./.test(kind));
    expect(ofBikes.length).toBeGreaterThan(14);
    // Some of their words are what the kind would say by its name: so what is written for each is looked for itself.
    const written = readFileSync('web/timeline/wording.ts', 'utf8');
    for (const kind of ofBikes) expect(written).toContain(`case '${kind}':`);
    expect(said('bike.noted', {}).what).toBe('Bike noted');
  });
});

describe('who said something on a bike’s timeline', () => {
  const names: Record<string, string> = { a: 'Ann', b: 'Ben' };
  const by = (kind: TimelineEntry['kind'], body: unknown) =>
    byWords(entry(kind, body), (id) => names[id] ?? id);
  it('stands with whoever sent it, where that was another person’s session', () => {
    expect(by('check.signed', {})).toBe('Ann');
    expect(by('check.signed', { deliveredBy: 'b' })).toBe('Ann, synced by Ben');
    expect(by('check.marked', { authors: ['b'] })).toBe('Ben, synced by Ann');
    expect(by('check.marked', { authors: ['a', 'b'] })).toBe('Ann and Ben');
    expect(by('not-reassembled.opened', { by: 'b' })).toBe('Ben, synced by Ann');
    expect(by('not-reassembled.opened', { by: 'a' })).toBe('Ann');
  });
});
