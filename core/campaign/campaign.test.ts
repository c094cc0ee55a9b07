import fc from 'fast-check';
import loadHighs, { type Highs } from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import { streamOf } from '@cadre/core/draws';
import { dayAfter } from '@cadre/core/schedule';
import { campaignFaults } from '@cadre/test-world/core';
import {
  doneBy,
  planCampaign,
  planCampaignQuickly,
  type CampaignBike,
  type CampaignPlan,
  type CampaignProblem,
} from '.';

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});
const daysFrom = (first: string, count: number): string[] =>
  Array.from({ length: count }, (_, at) => dayAfter(first, at));
const bike = (id: string, minutes = 60, partsOn: string | null = null): CampaignBike => ({
  ...{ id, minutes, partsOn, order: Number(id.slice(1)) },
});
const ann = { id: 'ann', minutes: 120, away: [] };
const campaign = (more: Partial<CampaignProblem>): CampaignProblem => ({
  ...{ days: daysFrom('2026-03-02', 4), bikes: [], people: [ann], stands: 1, standMinutes: 480, fixed: [] },
  ...more,
});
const said = ({ slots }: CampaignPlan): string[] =>
  slots.map(({ bikeId, day, personId }) => `${day.slice(8)} ${bikeId} ${personId}`);
const planned = (problem: CampaignProblem) => planCampaign(problem, highs, 1);

describe('a campaign', () => {
  it('spreads the work over the days, what is more pressing first', () => {
    const bikes = ['b4', 'b2', 'b1', 'b3'].map((id) => bike(id));
    const { plan, gap } = planned(campaign({ bikes }));
    expect(said(plan)).toEqual(['02 b1 ann', '03 b2 ann', '04 b3 ann', '05 b4 ann']);
    expect([plan.busiest, plan.slips, gap]).toEqual([60, [], expect.closeTo(0, 4)]);
  });
  it('begins no bike before its parts are there, and says what slips and why', () => {
    const bikes = [
      bike('b1', 60, '2026-03-05'),
      bike('b2', 60, '2026-03-06'),
      bike('b3', 130),
      ...Array.from({ length: 8 }, (_, at) => bike(`b${at + 10}`)),
    ];
    const { plan } = planned(campaign({ bikes }));
    expect(plan.slips.map(({ bikeId, because }) => `${bikeId} ${because}`)).toEqual(
      expect.arrayContaining(['b2 parts-late', 'b3 too-long']),
    );
    expect(plan.slips.filter((slip) => slip.because === 'no-room')).toHaveLength(1);
    expect(plan.slots).toHaveLength(8);
    expect(campaignFaults(campaign({ bikes }), plan)).toEqual([]);
    expect(planned(campaign({ bikes: [bike('b1')], people: [] })).plan.slips).toEqual([
      { bikeId: 'b1', because: 'nobody' },
    ]);
  });
  it('shares the work out among people', () => {
    const people = [ann, { ...ann, id: 'bo' }];
    const bikes = Array.from({ length: 4 }, (_, at) => bike(`b${at}`));
    const { plan } = planned(campaign({ bikes, people }));
    expect(plan.slots.filter((slot) => slot.personId === 'ann')).toHaveLength(2);
    expect(plan.busiest).toBe(60);
  });
  it('keeps to the stands, however many people there are', () => {
    const people = [ann, { ...ann, id: 'bo' }];
    const bikes = Array.from({ length: 6 }, (_, at) => bike(`b${at}`));
    const { plan } = planned(campaign({ bikes, people, days: ['2026-03-02'], standMinutes: 180 }));
    expect(plan.slots).toHaveLength(3);
  });
  it('leaves on its day what was put there, and says what cannot stay as somebody is ill', () => {
    const bikes = ['b1', 'b2', 'b3'].map((id) => bike(id));
    const fixed = [
      { bikeId: 'b3', day: '2026-03-02', personId: 'ann' },
      { bikeId: 'b2', day: '2026-03-04', personId: 'bo' },
      { bikeId: 'gone', day: '2026-03-02', personId: 'ann' },
    ];
    const bo = { ...ann, id: 'bo', away: ['2026-03-04'] };
    const { plan } = planned(campaign({ bikes, fixed, people: [ann, bo] }));
    expect(said(plan)[0]).toBe('02 b3 ann');
    expect(plan.unkept).toEqual([fixed[1]]);
    expect(plan.slips).toEqual([]);
  });
  it('says when it would be done with the same people, and that more days do not help where nobody may', () => {
    const bikes = Array.from({ length: 10 }, (_, at) => bike(`b${at}`));
    expect(doneBy(campaign({ bikes }), daysFrom('2026-03-06', 5))).toBe('2026-03-10');
    expect(doneBy(campaign({ bikes, people: [] }), daysFrom('2026-03-06', 5))).toBeNull();
  });
  it('of 72 bikes with parts that come late holds, is level, and holds again with somebody ill', () => {
    const random = streamOf(7);
    const days = daysFrom('2026-02-02', 30).filter((_day, at) => at % 7 < 5);
    const bikes = Array.from({ length: 72 }, (_, at) =>
      bike(
        `b${at}`,
        50 + 10 * Math.floor(random() * 10),
        random() < 0.3 ? (days[Math.floor(random() * 12)] ?? null) : null,
      ),
    );
    const people = [
      { id: 'ann', minutes: 300, away: [] },
      { id: 'bo', minutes: 240, away: ['2026-02-05', '2026-02-06'] },
    ];
    const problem = campaign({ days, bikes, people, stands: 2, standMinutes: 420 });
    const { plan } = planned(problem);
    expect([campaignFaults(problem, plan), plan.slips]).toEqual([[], []]);
    const total = bikes.reduce((sum, each) => sum + each.minutes, 0);
    expect(plan.busiest).toBeLessThan((total / days.length) * 1.2);

    // A week on, a third is done and some is fixed; bo is ill for a week.
    const later = days.slice(5);
    const done = new Set(plan.slots.filter((slot) => slot.day < (later[0] ?? '')).map((slot) => slot.bikeId));
    const fixed = plan.slots.filter((slot) => !done.has(slot.bikeId)).slice(0, 6);
    const ill = people.map((each) => (each.id === 'bo' ? { ...each, away: later.slice(0, 5) } : each));
    const left = bikes.filter((each) => !done.has(each.id));
    const before = plan.slots.filter((slot) => !done.has(slot.bikeId));
    const again = { ...problem, days: later, bikes: left, people: ill, fixed, before };
    const second = planned(again).plan;
    expect(campaignFaults(again, second)).toEqual([]);
    expect(second.slots.some((slot) => done.has(slot.bikeId))).toBe(false);
    const stays = (slot: (typeof before)[number]): boolean =>
      second.slots.some((each) => each.bikeId === slot.bikeId && each.day === slot.day);
    const anns = before.filter((slot) => slot.personId === 'ann');
    expect(anns.filter(stays).length).toBeGreaterThan(anns.length * 0.8);
    // With nothing changed next to nothing moves.
    const same = planned({ ...problem, before: plan.slots }).plan;
    const whereOf = new Map(same.slots.map((slot) => [slot.bikeId, slot.day]));
    const movedOn = plan.slots.filter((slot) => whereOf.get(slot.bikeId) !== slot.day);
    expect(movedOn.length).toBeLessThan(7);
    for (const slot of fixed)
      if (slot.personId === 'ann') expect(second.slots).toContainEqual(slot);
      else expect(second.unkept).toContainEqual(slot);
  });
});

it('whatever is asked, nothing is wrong with the plan, and it is never worse than the quick one', () => {
  const days = daysFrom('2026-03-02', 6);
  const anyDay = fc.constantFrom(...days, '2026-04-01');
  fc.assert(
    fc.property(
      fc.array(fc.record({ minutes: fc.integer({ min: 1, max: 200 }), partsOn: fc.option(anyDay) }), {
        maxLength: 12,
      }),
      fc.array(
        fc.record({
          minutes: fc.integer({ min: 0, max: 300 }),
          away: fc.uniqueArray(anyDay, { maxLength: 4 }),
        }),
        { maxLength: 3 },
      ),
      fc.array(fc.record({ bike: fc.nat(11), day: anyDay, person: fc.nat(2) }), { maxLength: 4 }),
      fc.integer({ min: 1, max: 2 }),
      (bikes, people, fixed, stands) => {
        const problem = campaign({
          ...{ days, stands, standMinutes: 240 },
          bikes: bikes.map(({ minutes, partsOn }, at) => bike(`b${at}`, minutes, partsOn)),
          people: people.map((each, at) => ({ ...each, id: `p${at}` })),
          fixed: fixed
            .filter((each, at) => fixed.findIndex((other) => other.bike === each.bike) === at)
            .map(({ bike: of, day, person }) => ({ bikeId: `b${of}`, day, personId: `p${person}` })),
        });
        const [plan, quick] = [planned(problem).plan, planCampaignQuickly(problem).plan];
        expect([campaignFaults(problem, plan), campaignFaults(problem, quick)]).toEqual([[], []]);
        expect(plan.slots.length).toBeGreaterThanOrEqual(quick.slots.length);
      },
    ),
    { numRuns: 150 },
  );
});
