import sharp from 'sharp';
import { v7 as newId } from 'uuid';
import { makeCalendarAddress } from '@cadre/contract/calendar';
import { setCampaign } from '@cadre/contract/campaign';
import { setEventPrep } from '@cadre/contract/event-prep';
import { addModel, addSite, changeBike } from '@cadre/contract/fleet';
import { getWall } from '@cadre/contract/wall';
import { addPerson } from '@cadre/contract/people';
import { setTimedRecheck } from '@cadre/contract/timed-rechecks';
import { ANY_BIKE } from '@cadre/core/rounds';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { bikeFieldsOf, faulty, fieldsOf, markFor, webmSound } from '@cadre/test-world/builders';
import { anEquipment, equipmentFields, repairedTrace, savedTrace, traceFields } from './tracing-helpers';
import { SECRET } from './world';
import {
  type WriteAct,
  act,
  at,
  stamp,
  nextNumber,
  name,
  rack,
  reported,
  sentOut,
  part,
  fitted,
  groupFields,
  group,
  helmet,
  helmetFields,
  campaignFields,
  dayPlanFields,
  eventFields,
  roundFields,
  round,
  lax,
  ownChecklist,
  findingOn,
  repairOf,
  stockFields,
  stocked,
  offered,
  assessment,
  rideOut,
  begun,
  apart,
  heldByStop,
} from './act-helpers';

/** Every write route with somebody who may and a body that is good: a route that is not here is one nobody has tried against a hold. */
export const WRITE_ACTS: Readonly<Record<string, WriteAct>> = {
  'people.add': act('lead', () => ({
    body: {
      id: newId(),
      name: name('Ann'),
      signInName: `ann${nextNumber()}`,
      role: 'lead',
      trainee: false,
      secret: SECRET,
    },
  })),
  'people.change': act('lead', async (world) => {
    const person = {
      id: newId(),
      name: name('Ben'),
      signInName: `ben${nextNumber()}`,
      role: 'desk' as const,
      trainee: false,
      secret: SECRET,
    };
    await world.as('lead').send(addPerson, { body: person });
    return {
      params: { id: person.id },
      body: { id: newId(), role: 'lead', trainee: false, active: true, version: 1 },
    };
  }),
  'people.competence': act('lead', (world) => ({
    params: { id: world.idOf('trainee'), system: 'brakes' },
    body: { ...stamp(world), signed: true },
  })),
  'bikes.hang': act('mechanic', (world, bike) => ({
    body: { ...stamp(world), siteId: world.siteId, moves: [{ bikeId: bike.id, hookId: null }] },
  })),
  'bikes.add': act('mechanic', (world) => ({
    body: { id: newId(), ...bikeFieldsOf('hybrid', { tag: `N${nextNumber()}`, siteId: world.siteId }) },
  })),
  'bikes.change': act('mechanic', async (world, bike) => {
    const now = await world.bikeNow(bike.id);
    return { params: { id: bike.id }, body: { ...fieldsOf(now), size: name('S'), version: now.version } };
  }),
  'bikes.markings': act('inspector', (world, bike) => ({
    params: { id: bike.id },
    body: { ...stamp(world), fit: { rotorMinFront: 1.5 } },
  })),
  'bikes.move': act('desk', (world, bike) => ({
    params: { id: bike.id },
    body: { ...stamp(world), to: 'out' },
  })),
  'outings.hand-out': act('desk', async (world, bike) => ({
    body: { ...stamp(world), bikeIds: [bike.id], groupId: null, dueBackAt: at(world) + 9e6 },
  })),
  'outings.take-back': act('desk', async (world) => {
    const bike = await sentOut(world);
    const how = { way: 'hard', conditions: 'wet', odometerKm: null, odometerSure: false, note: 'Rain' };
    return { body: { ...stamp(world), bikeIds: [bike.id], ...how } };
  }),
  'equipment.set': act('mechanic', (world) => ({
    params: { id: newId() },
    body: { id: newId(), item: equipmentFields(world), version: null },
  })),
  'equipment.check': act('mechanic', async (world) => ({
    params: { id: (await anEquipment(world)).id },
    body: { ...stamp(world), reference: 3, shown: 3, looksGood: null, note: '' },
  })),
  'equipment.withdraw': act('mechanic', async (world) => ({
    params: { id: (await anEquipment(world)).id },
    body: { ...stamp(world), reason: 'Dropped' },
  })),
  'tracing.save': act('inspector', (world, bike) => ({
    params: { id: newId() },
    body: { id: newId(), ...traceFields(world, bike), version: null },
  })),
  'tracing.end': act('inspector', async (world, bike) => ({
    params: { id: (await savedTrace(world, bike)).id },
    body: { ...stamp(world), result: 'not-found', cause: null, severity: null, note: '' },
  })),
  'tracing.prove': act('mechanic', async (world, bike) => ({
    params: { id: (await repairedTrace(world, bike)).id },
    body: { ...stamp(world), gone: true },
  })),
  'tracing.close': act('mechanic', async (world, bike) => ({
    params: { id: (await savedTrace(world, bike)).id },
    body: { ...stamp(world), reason: 'Nothing found' },
  })),
  'sounds.add': act('inspector', (world, bike) => ({
    params: { id: bike.id },
    body: {
      ...stamp(world),
      sound: Buffer.from(webmSound(2)).toString('base64'),
      gear: '',
      doing: 'Coasting',
    },
  })),
  'tracing.puncture': act('inspector', (world, bike) => ({
    params: { id: bike.id },
    body: { ...stamp(world), position: 'rear', hour: 4, cause: 'thorn' },
  })),
  'kit.set-item': act('mechanic', (world) => ({
    params: { id: newId() },
    body: { id: newId(), item: helmetFields(world), version: null },
  })),
  'kit.pack': act('desk', async (world) => {
    const item = await helmet(world);
    return { body: { ...stamp(world), groupId: await group(world), itemIds: [item.id] } };
  }),
  'kit.lend': act('desk', async (world) => ({
    body: { ...stamp(world), groupId: null, itemIds: [(await helmet(world)).id] },
  })),
  'kit.return': act('desk', async (world) => {
    const itemId = (await helmet(world, 'lent')).id;
    return { body: { ...stamp(world), items: [{ itemId, missing: [], damp: true, impact: false }] } };
  }),
  'kit.inspect': act('inspector', async (world) => ({
    params: { id: (await helmet(world)).id },
    body: { ...stamp(world), ready: false, note: 'Strap torn' },
  })),
  'labels.make': act('mechanic', (_world, bike) => ({
    body: { id: newId(), kind: 'bike', subjectIds: [bike.id], renew: false },
  })),
  'reports.add': act('desk', (world, bike) => ({
    params: { id: bike.id },
    body: { ...stamp(world), zone: 'front-brake', fault: 'weak', canRide: true, note: 'Long lever' },
  })),
  'reports.describe': act('desk', async (world, bike) => ({
    params: { id: await reported(world, bike) },
    body: { ...stamp(world), zone: 'frame', fault: 'cracked', canRide: false, note: 'By the weld' },
  })),
  'reports.to-finding': act('mechanic', async (world, bike) => ({
    params: { id: await reported(world, bike) },
    body: { ...stamp(world), checkpoint: 'stops-wheel', position: 'front', fault: 'none', severity: null },
  })),
  'reports.close': act('mechanic', async (world, bike) => ({
    params: { id: await reported(world, bike) },
    body: { ...stamp(world), reason: 'Ridden round the yard: nothing found' },
  })),
  'sites.add': act('lead', () => ({
    body: { id: newId(), name: name('Hut'), timeZone: 'Europe/Paris', opensAt: '09:00' },
  })),
  'sites.change': act('lead', (world) => ({
    params: { id: world.siteId },
    body: { id: newId(), name: name('Shed'), timeZone: 'Pacific/Auckland', opensAt: '06:00' },
  })),
  'sites.set-opening': act('lead', (world) => ({
    params: { id: world.siteId },
    body: {
      id: newId(),
      opening: { closedOn: [], exceptions: [{ day: '2031-12-25', opensAt: null, name: name('Christmas') }] },
      before: { closedOn: [], exceptions: [] },
    },
  })),
  'racks.add': act('mechanic', (world) => ({
    body: { id: newId(), siteId: world.siteId, name: name('rack'), hooks: 2 },
  })),
  'racks.change': act('mechanic', async (world) => ({
    params: { id: (await rack(world)).id },
    body: { id: newId(), name: name('rail'), hooks: 4 },
  })),
  'racks.remove': act('mechanic', async (world) => ({
    params: { id: (await rack(world)).id },
    body: { id: newId() },
  })),
  'racks.order': act('mechanic', async (world) => {
    const { racks } = await world.as('lead').send(getWall);
    const rackIds = racks.filter((each) => each.siteId === world.siteId).map((each) => each.id);
    return { params: { id: world.siteId }, body: { id: newId(), rackIds: rackIds.reverse() } };
  }),
  'models.add': act('mechanic', () => ({
    body: { id: newId(), name: name('Reed'), build: USUAL_BUILD.hybrid, fit: {} },
  })),
  'models.change': act('mechanic', async (world, bike) => {
    const build = { ...USUAL_BUILD.hardtail, accessories: [...USUAL_BUILD.hardtail.accessories] };
    const model = await world
      .as('lead')
      .send(addModel, { body: { id: newId(), name: name('Rush'), build, fit: {} } });
    const now = await world.bikeNow(bike.id);
    await world.as('lead').send(changeBike, {
      params: { id: bike.id },
      body: { ...fieldsOf(now), modelId: model.id, version: now.version },
    });
    return {
      params: { id: model.id },
      body: {
        id: newId(),
        name: model.name,
        build: { ...build, bar: 'flat' },
        fit: { maximumLoad: 90 },
        version: model.version,
      },
    };
  }),
  'parts.fit': act('mechanic', (world, bike) => ({
    params: { id: bike.id },
    body: { ...stamp(world), part: part(), position: 'only', anyway: '' },
  })),
  'parts.move': act('mechanic', async (world, bike) => {
    const to = await world.bike(`M${nextNumber()}`);
    return {
      params: { id: await fitted(world, bike) },
      body: { ...stamp(world), bikeId: to.id, position: 'only', swap: false, anyway: '' },
    };
  }),
  'parts.take-off': act('mechanic', async (world, bike) => ({
    params: { id: await fitted(world, bike) },
    body: stamp(world),
  })),
  'calendar.make-address': act('desk', (world) => ({
    body: { id: newId(), siteId: world.siteId, token: newId().replaceAll('-', '') },
  })),
  'calendar.end-address': act('desk', async (world) => {
    const id = newId();
    const body = { id, siteId: world.siteId, token: newId().replaceAll('-', '') };
    await world.as('desk').send(makeCalendarAddress, { body });
    return { params: { id }, body: { id: newId() } };
  }),
  'day-plans.set': act('inspector', async (world, bike) => {
    // One plan a day: another site has its own.
    const site = await world
      .as('lead')
      .send(addSite, { body: { id: newId(), name: name('Pier'), timeZone: 'UTC', opensAt: '09:00' } });
    return {
      params: { id: newId() },
      body: { ...dayPlanFields(world, bike), siteId: site.id, items: [] },
    };
  }),
  'campaigns.set': act('mechanic', (world, bike) => ({
    params: { id: newId() },
    body: campaignFields(world, bike),
  })),
  'campaigns.end': act('mechanic', async (world, bike) => {
    const params = { id: newId() };
    await world.as('lead').send(setCampaign, { params, body: campaignFields(world, bike) });
    return { params, body: { id: newId() } };
  }),
  'event-preps.set': act('mechanic', (world, bike) => ({
    params: { id: newId() },
    body: eventFields(world, bike),
  })),
  'event-preps.call-off': act('mechanic', async (world, bike) => {
    const params = { id: newId() };
    await world.as('lead').send(setEventPrep, { params, body: eventFields(world, bike) });
    return { params, body: { id: newId() } };
  }),
  'groups.add': act('mechanic', (world) => ({ body: { id: newId(), ...groupFields(world) } })),
  'groups.change': act('mechanic', async (world) => ({
    params: { id: await group(world) },
    body: { id: newId(), ...groupFields(world), version: 1 },
  })),
  'groups.remove': act('mechanic', async (world) => ({
    params: { id: await group(world) },
    body: { id: newId() },
  })),
  'fleet.import': act('mechanic', async (world, bike) => {
    const now = await world.bikeNow(bike.id);
    return {
      body: {
        id: newId(),
        siteId: world.siteId,
        bikes: [{ ...fieldsOf(now), id: bike.id, size: name('L'), version: now.version }],
      },
    };
  }),
  'checklists.publish': act('lead', (world) => ({
    body: { id: newId(), base: null, checklist: ownChecklist(world), note: 'Own', reason: '' },
  })),
  'drafts.save': act('lead', (world) => {
    const checklist = ownChecklist(world);
    return { params: { key: checklist.key }, body: { id: newId(), base: null, checklist, version: null } };
  }),
  'drafts.drop': act('lead', async (world) => {
    const checklist = ownChecklist(world);
    await world.as('lead').raw('PUT', `/api/v1/checklist-drafts/${checklist.key}`, {
      id: newId(),
      base: null,
      checklist,
      version: null,
    });
    return { params: { key: checklist.key }, body: { id: newId() } };
  }),
  'groups.fetch-calendar': act('mechanic', async (world) => ({
    body: { address: await world.calendarAddress() },
  })),
  'policy.preview': act('lead', async (world) => ({ body: { policy: (await lax(world)).policy } })),
  'policy.publish': act('lead', async (world) => ({
    body: { id: newId(), ...(await lax(world)), note: name('Lax') },
  })),
  'checks.open': act('inspector', (world, bike, by) => ({
    body: { ...stamp(world), bikeId: bike.id, checklistHash: rideOut(world), author: world.idOf(by) },
  })),
  'checks.mark': act('inspector', async (world, bike, by) => ({
    params: { id: await begun(world, bike, by) },
    body: {
      marks: [
        { ...markFor({ checkpoint: { key: 'rim' }, position: 'front' } as never, world.idOf(by), at(world)) },
      ],
    },
  })),
  'checks.sign': act('inspector', async (world, bike, by) => {
    const { checkId, marks, author } = await world.marked(bike, { by });
    return {
      params: { id: checkId },
      body: { ...stamp(world), author, markIds: marks.map((mark) => mark.id) },
    };
  }),
  'checks.co-sign': act('inspector', async (world, bike) => ({
    params: { id: (await world.check(bike, { by: 'trainee' })).check.id },
    body: stamp(world),
  })),
  'checks.amend': act('inspector', async (world, bike, by) => {
    const { check } = await world.check(bike);
    const author = world.idOf(by);
    const marks = [
      markFor({ checkpoint: { key: 'stops-wheel' }, position: 'front' } as never, author, at(world)),
    ];
    return {
      params: { id: check.id },
      body: { ...stamp(world), checkId: newId(), author, reason: 'It was sound', marks },
    };
  }),
  'checks.find': act('desk', (_world, bike) => ({
    body: { bikeIds: [bike.id], checklistKeys: ['ride-out'] },
  })),
  'services.done': act('mechanic', (world, bike) => ({
    params: { id: bike.id, key: 'seatpost' },
    body: { ...stamp(world), note: 'Greased' },
  })),
  'services.odometer': act('desk', (world, bike) => ({
    params: { id: bike.id },
    body: { ...stamp(world), km: 120, sure: false },
  })),
  'timed-rechecks.set': act('inspector', (world, bike) => ({
    params: { id: bike.id },
    body: {
      ...stamp(world),
      kind: 'recheck',
      what: 'Tyre',
      position: 'only',
      hours: 1,
      outings: null,
      gauged: null,
    },
  })),
  'timed-rechecks.answer': act('inspector', async (world, bike) => {
    const recheck = {
      kind: 'recheck' as const,
      what: 'Tyre',
      position: 'only' as const,
      hours: 1,
      outings: null,
      gauged: null,
    };
    const { id, ...rest } = stamp(world);
    await world
      .as('lead')
      .send(setTimedRecheck, { params: { id: bike.id }, body: { id, ...rest, ...recheck } });
    return { params: { id }, body: { ...stamp(world), gauged: null, note: 'Holds' } };
  }),
  'incidents.report-many': act('desk', (world, bike) => ({
    body: { ...stamp(world), kind: 'contamination', bikeIds: [bike.id], note: 'Chain spray' },
  })),
  'incidents.report': act('desk', (world, bike) => ({
    params: { id: bike.id },
    body: { ...stamp(world), kind: 'crash', note: '' },
  })),
  'photos.add': act('inspector', async (world, bike, by) => {
    const of = {
      bikeId: bike.id,
      checkId: null,
      checkpoint: name('look').replace(' ', '-'),
      position: 'only',
      author: world.idOf(by),
      at: at(world),
      shapes: [],
    };
    const body = await sharp({ create: { width: 8, height: 6, channels: 3, background: '#888' } })
      .jpeg()
      .toBuffer();
    return {
      params: { id: newId() },
      query: `of=${encodeURIComponent(JSON.stringify(of))}`,
      body,
      type: 'image/jpeg',
    };
  }),
  'rounds.make': act('inspector', (world, bike) => ({ body: roundFields(world, bike) })),
  'rounds.change': act('inspector', async (world, bike) => {
    const { id, version } = await round(world, bike);
    return {
      params: { id },
      body: {
        id: newId(),
        name: name('later'),
        bikeIds: [bike.id],
        people: [],
        deadline: at(world) + 7_200_000,
        version,
      },
    };
  }),
  'rounds.close': act('inspector', async (world, bike) => ({
    params: { id: (await round(world, bike)).id },
    body: { ...stamp(world), undone: [{ bikeId: bike.id, why: 'Not wanted' }] },
  })),
  'standing-rounds.set': act('mechanic', (world) => ({
    params: { id: newId() },
    body: {
      ...{
        id: newId(),
        siteId: world.siteId,
        name: name('Daily'),
        checklistKey: null,
        rule: { ...ANY_BIKE, due: true },
      },
      ...{ people: [], doneBy: '09:00', active: true, version: null },
    },
  })),
  // The lead takes the weight off as far as it goes; of a watch only more weight can be made.
  'findings.set-severity': act('lead', async (world, bike) => {
    const id = await findingOn(world, bike);
    const stop =
      (await world.bikeNow(bike.id)).facts.findings.find((each) => each.id === id)?.severity === 'stop';
    return {
      params: { id },
      body: { ...stamp(world), severity: stop ? 'watch' : 'upkeep', reason: 'Not so bad' },
    };
  }),
  'repairs.start': act('mechanic', async (world, bike) => ({
    body: { ...stamp(world), bikeId: bike.id, findingIds: [await findingOn(world, bike)] },
  })),
  'repairs.done': act('mechanic', async (world, bike) => {
    const { repairId, findingId } = await repairOf(world, bike, false);
    return {
      params: { id: repairId },
      body: { ...stamp(world), work: [{ findingId, done: 'Repaired' }], touched: [], minutes: 1 },
    };
  }),
  'repairs.plan': act('mechanic', async (world, bike) => {
    const { repairId } = await repairOf(world, bike, false);
    const plan = {
      stand: '2',
      personId: null,
      needs: [{ itemId: await stocked(world, 1), count: 1 }],
      waits: null,
    };
    return { params: { id: repairId }, body: { ...stamp(world), plan } };
  }),
  'findings.merge': act('inspector', async (world, bike) => {
    const kept = await findingOn(world, bike);
    const { checkpoint, position } =
      (await world.bikeNow(bike.id)).facts.findings.find((each) => each.id === kept) ?? {};
    const fault = checkpoint === 'stops-wheel' ? 'weak' : 'worn';
    await world.check(bike, {
      exceptions: [{ checkpoint: checkpoint ?? '', position: position, more: faulty(fault) }],
    });
    const other = (await world.bikeNow(bike.id)).facts.findings.find((each) => each.fault === fault);
    return { params: { id: other?.id ?? '' }, body: { ...stamp(world), otherId: kept } };
  }),
  'findings.close': act('mechanic', async (world, bike) => {
    // The brake a finding is on is taken off: what held the bike is closed by name, where nothing did a light fault.
    const isHeld = (await world.fitness(bike.id)).fitness === 'held';
    if (!isHeld)
      await world.check(bike, {
        exceptions: [{ checkpoint: 'rotor', position: 'front', more: faulty('warped') }],
      });
    const now = await world.bikeNow(bike.id);
    const build = { ...now.build, brakeFront: 'none' as const };
    await world
      .as('lead')
      .send(changeBike, { params: { id: bike.id }, body: { ...fieldsOf(now), build, version: now.version } });
    const finding = now.facts.findings.find((each) => each.checkpoint === (isHeld ? 'stops-wheel' : 'rotor'));
    return { params: { id: finding?.id ?? '' }, body: { ...stamp(world), reason: 'brake taken off' } };
  }),
  'hang-tag.hang': act('inspector', async (world, bike, by) => {
    // Nothing hangs on a fit bike: what is tried there is a bike of its own.
    const held = await world.fitness(bike.id);
    const id = held.fitness === 'held' ? bike.id : (await heldByStop(world)).id;
    return { params: { id }, body: { ...stamp(world), hangTag: `Plate of ${by}` } };
  }),
  'stock.set': act('mechanic', (world) => ({
    params: { id: newId() },
    body: { ...stamp(world), item: stockFields(), version: null },
  })),
  'stock.count': act('mechanic', async (world) => ({
    params: { id: await stocked(world, 3) },
    body: { ...stamp(world), by: -1, why: 'lost', note: '' },
  })),
  'assessments.open': act('mechanic', (world) => ({ body: offered(world) })),
  'assessments.price': act('mechanic', async (world) => ({
    params: { id: await assessment(world) },
    body: { ...stamp(world), asking: 9000, worth: 30_000, prices: [] },
  })),
  'assessments.decide': act('mechanic', async (world) => ({
    params: { id: await assessment(world) },
    body: { ...stamp(world), accept: true, reason: '' },
  })),
  'repairs.recheck': act('inspector', async (world, bike) => ({
    params: { id: (await repairOf(world, bike, true)).repairId },
    body: stamp(world),
  })),
  'not-reassembled.open': act('inspector', (world, bike) => ({
    params: { id: bike.id },
    body: { ...stamp(world), what: 'Wheel out' },
  })),
  'not-reassembled.close': act('inspector', async (world, bike) => ({
    params: { id: await apart(world, bike) },
    body: stamp(world),
  })),
};
