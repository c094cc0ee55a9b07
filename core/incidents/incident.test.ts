import { describe, expect, it } from 'vitest';
import { SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import { evaluateFitness } from '@cadre/core/fitness';
import { factsLike, NOON } from '@cadre/test-world/core';
import { endsValidity, isAfterIncident, INCIDENT_KINDS, CHECKLIST_AFTER } from '.';

describe('something that happened to a bike', () => {
  it.each(INCIDENT_KINDS)('(%s) has a shipped checklist for it, which lets no bike out by itself', (kind) => {
    const checklist = SHIPPED_CHECKLISTS.find((each) => each.key === CHECKLIST_AFTER[kind]);
    expect(checklist).toMatchObject({ clears: false });
    expect(isAfterIncident(CHECKLIST_AFTER[kind])).toBe(true);
  });
  it('ends what the bike was looked over for, but for oil near the brakes alone', () => {
    expect(INCIDENT_KINDS.filter((kind) => !endsValidity(kind))).toEqual(['contamination']);
  });
  it('is not looked over by any other checklist', () => {
    const others = SHIPPED_CHECKLISTS.map((checklist) => checklist.key).filter(
      (key) => !key.startsWith('after-'),
    );
    expect(others.length).toBeGreaterThan(10);
    expect(others.filter(isAfterIncident)).toEqual([]);
  });
  it('holds a bike that is cleared otherwise, behind what stops it, and says what ends it', () => {
    const incident = { id: 'm', kind: 'crash' as const, at: NOON, by: 'ann', note: '' };
    expect(evaluateFitness(factsLike({ incidents: [incident] }), NOON)).toMatchObject({
      fitness: 'held',
      reasons: [{ code: 'incident', incident, ends: 'incident-check' }],
    });
    expect(evaluateFitness(factsLike({ incidents: [] }), NOON).fitness).toBe('cleared');
  });
});
