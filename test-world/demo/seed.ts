import { DAY_MS, MINUTE_MS } from '@cadre/core/time';
import type { AddressInfo } from 'node:net';
import { TZDate } from '@date-fns/tz';
import { format as formatDate } from 'date-fns';
import { pino } from 'pino';
import type { DataSource } from 'typeorm';
import { v7 as newId } from 'uuid';
import { addMarks, coSignCheck, openCheck, signCheck } from '@cadre/contract/checks';
import { makeLabels } from '@cadre/contract/labels';
import { handOut } from '@cadre/contract/outings';
import { getWall } from '@cadre/contract/wall';
import { openAssessment } from '@cadre/contract/assessments';
import { addGroup } from '@cadre/contract/schedule';
import { setEventPrep } from '@cadre/contract/event-prep';
import { makeRound, setStandingRound } from '@cadre/contract/rounds';
import { setCompetence } from '@cadre/contract/people';
import { finishRepair, hangTag, planRepair, startRepair } from '@cadre/contract/repairs';
import { leaveApart } from '@cadre/contract/reassembly';
import { asBuilt, questionsOf } from '@cadre/core/catalogue';
import { evaluateFitness, mayGoOut } from '@cadre/core/fitness';
import { ANY_BIKE } from '@cadre/core/rounds';
import { readWants, siteDay, siteTimeToday, startOfSiteDay } from '@cadre/core/schedule';
import { createApp, createServices } from '@cadre/server/app';
import { NO_DEVICE, type Actor } from '@cadre/server/platform/http';
import { bikeFieldsOf, markFor, marksFor } from '@cadre/test-world/builders';
import { changePolicy } from '@cadre/test-world/client';
import { demoBikes, demoBuild, demoGroups, demoRacks } from './fleet';
import { offeredFaults, thisMorning, twoDaysAgo, yesterday, type PastCheck } from './morning';
import { livePast } from './past';
import { demoPeople } from './people';

import { FleetSeeder } from './seed-fleet';

import { seedKit } from './seed-kit';
import { seedWorkshop } from './seed-workshop';
import { DEMO_ZONE } from './zone';

/** The demo’s morning on top of its fleet: offers, groups, checks, rounds, the bench. */
class Seeder extends FleetSeeder {
  /** A used bike somebody offers, looked over and not decided. */
  async offered(at: number): Promise<void> {
    this.now = at;
    const lead = this.as('tomas');
    const wall = await lead.send(getWall);
    const siteId = wall.sites.find((site) => site.name === 'Boathouse')?.id ?? '';
    const bike = bikeFieldsOf('hardtail', {
      tag: 'N01',
      siteId,
      model: 'Ridgeway, secondhand',
      size: 'M',
      serial: 'RW-20817',
    });
    const bikeId = newId();
    await lead.send(openAssessment, {
      body: { id: newId(), bikeId, bike, from: 'the sailing club', asking: 26_000, worth: 48_000, at },
    });
    const checklist = this.checklists.get('assessment');
    if (!checklist) throw new Error('no assessment checklist for the demo');
    const author = this.people.get('tomas') ?? '';
    const checkId = newId();
    await lead.send(openCheck, { body: { id: checkId, bikeId, checklistHash: checklist.hash, author, at } });
    // Given over the minutes before it is signed.
    const marks = marksFor(checklist.checklist, bike.build, author, at - 300_000, offeredFaults);
    for (let from = 0; from < marks.length; from += 100)
      await lead.send(addMarks, { params: { id: checkId }, body: { marks: marks.slice(from, from + 100) } });
    await lead.send(signCheck, {
      params: { id: checkId },
      body: { id: newId(), author, markIds: marks.map((mark) => mark.id), at },
    });
  }

  /** What the trainee has been signed off for so far. */
  async competences(): Promise<void> {
    const id = this.people.get('jonah') ?? '';
    for (const system of ['wheels', 'saddle'] as const)
      await this.as('ines').send(setCompetence, {
        params: { id, system },
        body: { id: newId(), signed: true, at: this.now },
      });
  }

  /** Groups of the day of seeding, from opening time or from now, whichever is later; and the same day again tomorrow. */
  async groups(now: number): Promise<void> {
    const lead = this.as('ines');
    const { sites } = await lead.send(getWall);
    const quarter = 15 * MINUTE_MS;
    const base = Math.max(siteTimeToday(now, DEMO_ZONE, '09:00'), Math.ceil(now / quarter) * quarter);
    const tomorrow = siteTimeToday(now + DAY_MS, DEMO_ZONE, '09:00');
    for (const [name, start, groups] of [
      ['', base, demoGroups],
      [', second day', tomorrow, demoGroups.slice(0, 2)],
    ] as const) {
      for (const group of groups) {
        await lead.send(addGroup, {
          body: {
            id: newId(),
            siteId:
              sites.find((site) => site.name === (group.site === 'hut' ? 'Hill hut' : 'Boathouse'))?.id ?? '',
            name: `${group.name}${name}`,
            outAt: start + group.outMinutes * MINUTE_MS,
            backAt: start + group.backMinutes * MINUTE_MS,
            wants: readWants(group.bikes).wants.map((want) => ({ ...want })),
          },
        });
      }
    }
  }

  async check(past: PastCheck, at: number): Promise<void> {
    const { id: bikeId, demo } = this.bike(past.tag);
    const checklist = this.checklists.get(demo.model.kind === 'child' ? 'ride-out-children' : 'ride-out');
    const author = this.people.get(past.by) ?? '';
    if (!checklist) throw new Error('the ride-out checklists are not published');
    const client = this.as(past.by);
    const checkId = newId();
    this.now = at;
    await client.send(openCheck, {
      body: { id: checkId, bikeId, checklistHash: checklist.hash, author, at },
    });
    const marks = marksFor(checklist.checklist, demoBuild(demo), author, at + 2000, past.exceptions).filter(
      (mark) => !past.leftOut?.includes(mark.checkpoint),
    );
    const signedAt = at + 4 * MINUTE_MS;
    this.now = signedAt;
    await client.send(addMarks, { params: { id: checkId }, body: { marks } });
    await client.send(signCheck, {
      params: { id: checkId },
      body: { id: newId(), author, markIds: marks.map((mark) => mark.id), at: signedAt },
    });
    if (past.coSignedBy)
      await this.as(past.coSignedBy).send(coSignCheck, {
        params: { id: checkId },
        body: { id: newId(), at: signedAt },
      });
  }

  /** The morning round by its rule, made when this morning began, and a campaign over the next weeks. */
  async rounds(source: DataSource, now: number): Promise<void> {
    const lead = this.as('ines');
    const { sites, racks } = await lead.send(getWall);
    const siteOf = (name: string): string => sites.find((each) => each.name === name)?.id ?? '';
    const clockAt = (at: number): string => formatDate(new TZDate(at, DEMO_ZONE), 'HH:mm');
    // A rule makes its round some hours before it is to be done, so it is to be done some hours from now, whatever the hour of seeding.
    const soon = Math.min(
      Math.max(siteTimeToday(now, DEMO_ZONE, '09:00'), now + 40 * MINUTE_MS),
      this.now + 240 * MINUTE_MS,
    );
    const doneBy = siteDay(soon, DEMO_ZONE) === siteDay(now, DEMO_ZONE) ? clockAt(soon) : '23:59';
    await lead.send(setStandingRound, {
      params: { id: newId() },
      body: {
        id: newId(),
        siteId: siteOf('Boathouse'),
        name: 'Morning round',
        checklistKey: null,
        rule: {
          ...ANY_BIKE,
          rackIds: racks
            .filter((rack) => rack.name === 'Slip rail' || rack.name === 'Long wall')
            .map((rack) => rack.id),
          kinds: [],
          sizes: [],
          named: [],
          due: true,
        },
        people: [],
        doneBy,
        active: true,
        version: null,
      },
    });
    await createServices(source, () => this.now).rounds.raiseStanding();
    const hardtails = [...this.bikes.values()]
      .filter(({ demo }) => demo.model.kind === 'hardtail')
      .map(({ id }) => id);
    await lead.send(makeRound, {
      body: {
        id: newId(),
        siteId: siteOf('Hill hut'),
        name: 'Hardtails before the wet',
        checklistKey: 'wet-season',
        bikeIds: hardtails,
        people: [this.people.get('tomas') ?? '', this.people.get('pia') ?? ''],
        deadline: siteTimeToday(now + 18 * DAY_MS, DEMO_ZONE, '17:00'),
        at: this.now,
      },
    });
    await lead.send(setEventPrep, {
      params: { id: newId() },
      body: {
        id: newId(),
        siteId: siteOf('Hill hut'),
        name: 'Estuary ride',
        startsAt: siteTimeToday(now + 12 * DAY_MS, DEMO_ZONE, '09:30'),
        bikeIds: hardtails.slice(0, 8),
        people: [],
        version: null,
      },
    });
  }

  /** A check begun and not ended: in somebody's hand, or left lying. */
  async half(tag: string, by: string, checklistKey: string | null, at: number, share: number): Promise<void> {
    const { id: bikeId, demo } = this.bike(tag);
    const checklist = this.checklists.get(
      checklistKey ?? (demo.model.kind === 'child' ? 'ride-out-children' : 'ride-out'),
    );
    if (!checklist) throw new Error(`no checklist for the half check of ${tag}`);
    const author = this.people.get(by) ?? '';
    this.now = at;
    const checkId = newId();
    await this.as(by).send(openCheck, {
      body: { id: checkId, bikeId, checklistHash: checklist.hash, author, at },
    });
    const asked = questionsOf(checklist.checklist, asBuilt(demoBuild(demo)));
    const marks = asked.slice(0, Math.ceil(asked.length * share)).map((each) => markFor(each, author, at));
    await this.as(by).send(addMarks, { params: { id: checkId }, body: { marks } });
  }

  /** One bike on the bench with its work done, waiting for its recheck; one with something left apart. */
  async bench(at: number): Promise<void> {
    this.now = at;
    const mechanic = this.as('tomas');
    const wall = await mechanic.send(getWall);
    const findingOf = (tag: string, fault: string): string =>
      wall.bikes.find((bike) => bike.tag === tag)?.facts.findings.find((finding) => finding.fault === fault)
        ?.id ?? '';
    const headset = findingOf('H15', 'strong-knock');
    const repairId = newId();
    await mechanic.send(startRepair, {
      body: { id: repairId, bikeId: this.bike('H15').id, findingIds: [headset], at },
    });
    await mechanic.send(finishRepair, {
      params: { id: repairId },
      body: {
        id: newId(),
        work: [
          { findingId: headset, done: 'Loosened the clamp, preloaded lightly, aligned, torqued to 5 N m' },
        ],
        touched: [{ touch: 'stem-headset', position: 'only' }],
        minutes: 18,
        at,
      },
    });
    const bleeding = newId();
    await mechanic.send(startRepair, {
      body: { id: bleeding, bikeId: this.bike('H08').id, findingIds: [findingOf('H08', 'pumped')], at },
    });
    const needs = [{ itemId: this.stock.get('Brake fluid, mineral, 100 ml')?.id ?? '', count: 1 }];
    const plan = { stand: '2', personId: this.people.get('tomas') ?? null, needs, waits: null };
    await mechanic.send(planRepair, { params: { id: bleeding }, body: { id: newId(), plan, at } });
    await mechanic.send(hangTag, {
      params: { id: this.bike('H08').id },
      body: { id: newId(), hangTag: 'Plate 3', at },
    });
    await mechanic.send(leaveApart, {
      params: { id: this.bike('H08').id },
      body: { id: newId(), what: 'Rear wheel out, caliper off for bleeding', at },
    });
  }

  /** Every bike has its label, and riders have told of two: one that holds its bike, one that does not. */
  async reports(at: number): Promise<void> {
    this.now = at;
    const subjectIds = (await this.as('ines').send(getWall)).bikes.map(({ id }) => id);
    const body = { id: newId(), kind: 'bike' as const, subjectIds, renew: false };
    const { codes } = await this.as('ines').send(makeLabels, { body });
    const codeOf = new Map(codes.map((label) => [label.subjectId, label.code]));
    const told = [
      { tag: 'Q27', zone: 'rear-brake', fault: 'weak', note: 'Lever comes to the grip on the slipway hill' },
      { tag: 'Q33', zone: 'drivetrain', fault: 'slips', note: '' },
    ];
    for (const { tag, ...said } of told) {
      const form = new FormData();
      for (const [name, value] of Object.entries({ ...said, id: newId(), ride: 'yes', name: 'Wren' }))
        form.append(name, value);
      const sent = await fetch(`${this.base}/r/${codeOf.get(this.bike(tag).id) ?? ''}/report`, {
        method: 'POST',
        body: form,
      });
      if (!sent.ok) throw new Error(`the report on ${tag} answered ${sent.status}`);
    }
  }

  /** The first of these that may go out does: what the past left on a bike is not for the story to say. */
  async out(tags: readonly string[], at: number, minutes: number | null): Promise<void> {
    this.now = at;
    const { bikes } = await this.as('sunny').send(getWall);
    const tag = tags.find((each) => {
      const bike = bikes.find(({ id }) => id === this.bike(each).id);
      return bike?.whereabouts === 'in' && mayGoOut(evaluateFitness(bike.facts, at).fitness);
    });
    if (tag === undefined) throw new Error(`none of ${tags.join(', ')} may go out`);
    const bikeIds = [this.bike(tag).id];
    const dueBackAt = minutes === null ? null : at + minutes * MINUTE_MS;
    await this.as('sunny').send(handOut, { body: { id: newId(), bikeIds, groupId: null, dueBackAt, at } });
  }
}

/** Makes the demo world in an empty database, as of `now`, with so many days behind it. */
export async function seedDemo(source: DataSource, now: number, days = 90): Promise<void> {
  const clock = { read: () => now };
  const app = createApp({
    source,
    now: () => clock.read(),
    log: pino({ level: 'warn' }),
    version: 'demo',
    demo: true,
    webDir: null,
    publicUrl: null,
  });
  const server = app.listen(0, '127.0.0.1');
  try {
    await new Promise((done, failed) => server.once('listening', done).once('error', failed));
    const seeder = new Seeder(
      `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
      now - (days + 2) * DAY_MS,
    );
    clock.read = () => seeder.now;
    await seeder.addPeople();
    await seeder.fleet();
    await seeder.parts();
    await seeder.shelf();
    await changePolicy(
      seeder.as('ines'),
      { marking: 'by-person', money: { currency: 'GBP', hourlyRate: 3200 } },
      'Signed-off people by station, trainees one by one; an hour at the bench costs 32',
    );
    const today = startOfSiteDay(now, DEMO_ZONE);
    const person = (name: 'ines' | 'tomas' | 'pia'): Actor => {
      const found = demoPeople.find((each) => each.signInName === name);
      if (!found) throw new Error(`nobody called ${name} in the demo`);
      return {
        id: seeder.people.get(name) ?? '',
        name: found.name,
        role: found.role,
        trainee: found.trainee,
        device: NO_DEVICE,
      };
    };
    const actors = { ines: person('ines'), tomas: person('tomas'), pia: person('pia') };
    const bikeIds = new Map([...seeder.bikes].map(([tag, { id }]) => [tag, id]));
    await Promise.all(
      (['boathouse', 'hut'] as const).map((site) => {
        let time = seeder.now;
        const racks = demoRacks.filter((rack) => rack.site === site).map((rack) => rack.name);
        return livePast({
          services: createServices(source, () => time),
          actors,
          checklists: seeder.checklists,
          bikes: demoBikes.filter((bike) => racks.includes(bike.rack)),
          bikeIds,
          shelf: [...seeder.stock.values()],
          days,
          today,
          at: (to) => (time = to),
        });
      }),
    );
    const twoBefore = today - 2 * DAY_MS + 12 * 3_600_000;
    seeder.now = twoBefore;
    await seeder.signEverybodyIn();
    for (const [index, past] of twoDaysAgo.entries())
      await seeder.check(past, twoBefore + index * 6 * MINUTE_MS);
    const dayBefore = today - DAY_MS + 7 * 3_600_000;
    seeder.now = dayBefore;
    await seeder.signEverybodyIn();
    await seeder.competences();
    await seeder.countShelf();
    for (const [index, past] of yesterday.entries())
      await seeder.check(past, dayBefore + 1_800_000 + index * 6 * MINUTE_MS);
    // This morning's checks end before now and begin today, however early it is seeded.
    const span = Math.min(now - today, 110 * MINUTE_MS);
    seeder.now = now - span;
    await seeder.signEverybodyIn();
    await seeder.rounds(source, now);
    for (const [index, past] of thisMorning.entries()) {
      const at = Math.floor(now - span + (span * index) / (thisMorning.length + 3));
      // Left lying by the trainee when something else was wanted of him.
      if (past.tag === 'H01') await seeder.half('Q17', 'jonah', null, at, 0.4);
      await seeder.check(past, at);
    }
    await seeder.offered(Math.max(seeder.now, now - 12 * MINUTE_MS));
    await seeder.bench(Math.max(seeder.now, now - 10 * MINUTE_MS));
    await seeder.groups(now);
    await seeder.half('H03', 'tomas', 'wet-season', Math.max(seeder.now, now - 6 * MINUTE_MS), 0.5);
    await seeder.half('Q04', 'pia', null, Math.max(seeder.now, now - 2 * MINUTE_MS), 0.6);
    await seeder.out(['Q39', 'Q28', 'Q29', 'Q40'], Math.max(seeder.now, now - 5 * MINUTE_MS), 120);
    await seeder.out(['Q12', 'Q30', 'Q31', 'Q35'], Math.max(seeder.now, now - 5 * MINUTE_MS), 3);
    await seeder.out(['H02', 'H05', 'H06', 'H07', 'H11'], Math.max(seeder.now, now - 4 * MINUTE_MS), null);
    await seedKit(seeder, Math.max(seeder.now, now - 3 * MINUTE_MS));
    await seedWorkshop(seeder, Math.max(seeder.now, now - 3 * MINUTE_MS));
    await seeder.reports(Math.max(seeder.now, now - 3 * MINUTE_MS));
  } finally {
    await new Promise((done) => server.close(done));
    server.closeAllConnections();
  }
}
