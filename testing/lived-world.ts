import { makeCalendarAddress } from '@cadre/contract/calendar';
import { answerTimedRecheck, setTimedRecheck } from '@cadre/contract/timed-rechecks';
import { doneService, readOdometer } from '@cadre/contract/services';
import { v7 as newId } from 'uuid';
import {
  addBike,
  addModel,
  addRack,
  addSite,
  changeModel,
  changeRack,
  changeSite,
  hangBikes,
  orderRacks,
  removeRack,
} from '@cadre/contract/fleet';
import { addMarks, amendCheck } from '@cadre/contract/checks';
import { dropDraft, publishChecklist, saveDraft } from '@cadre/contract/catalogue';
import { reportIncident } from '@cadre/contract/incidents';
import { handOut, takeBack } from '@cadre/contract/outings';
import { checkEquipment, withdrawEquipment } from '@cadre/contract/equipment';
import { addSound } from '@cadre/contract/sounds';
import { addPuncture, closeTrace, proveTrace } from '@cadre/contract/tracing';
import { anEquipment, repairedTrace, savedTrace } from './tracing-helpers';
import { inspectKit, lendKit, packKit, returnKit, setKitItem } from '@cadre/contract/kit';
import { makeLabels } from '@cadre/contract/labels';
import {
  addReport,
  closeReport,
  describeReport,
  listReports,
  reportToFinding,
} from '@cadre/contract/reports';
import { fitPart, movePart } from '@cadre/contract/parts';
import { setCompetence } from '@cadre/contract/people';
import { setCampaign } from '@cadre/contract/campaign';
import { setDayPlan } from '@cadre/contract/day-plan';
import { setEventPrep } from '@cadre/contract/event-prep';
import { changeRound, closeRound, makeRound, setStandingRound } from '@cadre/contract/rounds';
import { finishRepair, hangTag, planRepair, startRepair } from '@cadre/contract/repairs';
import { decideAssessment, openAssessment, priceAssessment } from '@cadre/contract/assessments';
import { mergeFindings } from '@cadre/contract/findings';
import { addGroup, changeGroup, removeGroup } from '@cadre/contract/schedule';
import type { Question } from '@cadre/core/catalogue';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { bikeFieldsOf, faulty, markFor, webmSound } from '@cadre/test-world/builders';
import { changePolicy, readChecklists } from '@cadre/test-world/client';
import { World } from './world';
import { begun, campaignFields, dayPlanFields, rideOut, stocked } from './act-helpers';
import { Writer } from './writer';

let world: World;
let bikeId: string;

/** A world in which every kind of thing has happened: a bike repaired, an offer declined, the fleet and the rules changed. */
export async function livedWorld(): Promise<{ readonly world: World; readonly bikeId: string }> {
  world = await World.open();
  const inspector = await new Writer(world.idOf('inspector')).bind(world.as('inspector'));
  const other = await world.bike('V0');
  const about = { bikeId: other.id, checklistHash: rideOut(world) };
  const checkId = await begun(world, other, 'mechanic');
  const rim = { checkpoint: { key: 'rim' }, position: 'front' } as Pick<Question, 'checkpoint' | 'position'>;
  const marks = [
    inspector.mark(
      about,
      markFor(rim, inspector.author, world.clock.now, { outcome: 'fail', way: 'single' }),
    ),
  ];
  await world.as('mechanic').send(addMarks, { params: { id: checkId }, body: { marks } });
  const token = newId().replaceAll('-', '');
  await world.as('desk').send(makeCalendarAddress, { body: { id: newId(), siteId: world.siteId, token } });
  const bike = await world.bike('V1');
  bikeId = bike.id;
  const { findings } = await world.check(bike, {
    exceptions: [
      { checkpoint: 'rotor', position: 'rear', more: faulty('crack') },
      { checkpoint: 'grips', more: faulty('torn') },
    ],
  });
  const repairId = newId();
  const [crack] = findings.filter((finding) => finding.fault === 'crack').map((finding) => finding.id);
  await world
    .as('mechanic')
    .send(startRepair, { body: { id: repairId, bikeId, findingIds: [crack ?? ''], at: world.clock.now } });
  const pads = await stocked(world, 3);
  const at = world.clock.now;
  const plan = { stand: '2', personId: null, needs: [{ itemId: pads, count: 1 }], waits: null };
  await world.as('mechanic').send(planRepair, { params: { id: repairId }, body: { id: newId(), plan, at } });
  await world
    .as('mechanic')
    .send(hangTag, { params: { id: bikeId }, body: { id: newId(), hangTag: 'Plate 3', at } });
  await world.as('mechanic').send(finishRepair, {
    params: { id: repairId },
    body: {
      id: newId(),
      work: [{ findingId: crack ?? '', done: 'new rotor' }],
      touched: [{ touch: 'axle-out', position: 'rear' }],
      minutes: 12,
      used: [
        {
          itemId: pads,
          count: 1,
          findingId: crack ?? '',
          fits: { partId: newId(), position: 'rear', anyway: '' },
        },
      ],
      at: world.clock.now,
    },
  });
  await world.check(await world.bike('V2'), { by: 'trainee' });
  await offerABike();
  await changeTheFleet();
  await changeTheRules();
  return { world, bikeId };
}

/** A used bike offered, looked over, priced and left; two of its findings told as one. */
async function offerABike(): Promise<void> {
  const lead = world.as('lead');
  const at = world.clock.now;
  const offered = bikeFieldsOf('hybrid', { tag: 'V10', siteId: world.siteId });
  const { bike, assessment } = await lead.send(openAssessment, {
    body: { id: newId(), bikeId: newId(), bike: offered, from: 'A club', asking: 9000, worth: 20_000, at },
  });
  await world.check(bike, {
    exceptions: [{ checkpoint: 'tyre-casing', position: 'rear', more: faulty('worn') }],
  });
  await world.check(bike, {
    exceptions: [
      {
        checkpoint: 'tyre-casing',
        position: 'rear',
        more: { outcome: 'watch', way: 'single', faults: [{ fault: 'small-cut' }] },
      },
    ],
  });
  const [kept, other] = (await world.bikeNow(bike.id)).facts.findings;
  const id = kept?.id ?? '';
  await lead.send(mergeFindings, { params: { id }, body: { id: newId(), otherId: other?.id ?? '', at } });
  const prices = [{ findingId: id, parts: 2400, minutes: 15 }];
  await lead.send(priceAssessment, {
    params: { id: assessment.id },
    body: { id: newId(), asking: 9000, worth: 20_000, prices, at },
  });
  await lead.send(decideAssessment, {
    params: { id: assessment.id },
    body: { id: newId(), accept: false, reason: 'Too dear', at },
  });
}

/** One of everything that changes checklists, policy and who is trusted with what. */
async function changeTheRules(): Promise<void> {
  const lead = world.as('lead');
  const bike = await world.bike('V6');
  await world.check(bike, {
    exceptions: [{ checkpoint: 'tyre-casing', position: 'front', more: faulty('worn') }],
  });
  await changePolicy(lead, { soonDays: 3, soonOutings: 5 });
  const found = (await readChecklists(lead)).get('lights');
  const checklist = { ...found?.checklist, name: 'Lights and bell' } as never;
  await lead.send(publishChecklist, {
    body: { id: newId(), base: found?.hash ?? null, checklist, note: 'another name', reason: '' },
  });
  for (const version of [null, 1])
    await lead.send(saveDraft, {
      params: { key: 'lube' },
      body: { id: newId(), base: null, checklist, version },
    });
  await lead.send(saveDraft, {
    params: { key: 'bolts' },
    body: { id: newId(), base: null, checklist, version: null },
  });
  await lead.send(dropDraft, { params: { key: 'bolts' }, body: { id: newId() } });
  const id = world.idOf('trainee');
  for (const [system, signed] of [
    ['wheels', true],
    ['brakes', true],
    ['wheels', false],
  ] as const)
    await lead.send(setCompetence, {
      params: { id, system },
      body: { id: newId(), signed, at: world.clock.now },
    });
}

/** Kit that was packed, lent, taken back with something missing and filled up again. */
async function livedKit(world: World, at: number): Promise<void> {
  const lead = world.as('lead');
  const cable = await stocked(world, 3);
  const item = {
    ...{ siteId: world.siteId, kind: 'repair-kit' as const, tag: 'RK1', size: '', expiresOn: '2031-03-31' },
    contents: [
      { name: 'Cable', count: 1, stockItemId: cable },
      { name: 'Plugs', count: 3, stockItemId: null },
    ],
  };
  const kit = await lead.send(setKitItem, {
    params: { id: newId() },
    body: { id: newId(), item, version: null },
  });
  const group = await lead.send(addGroup, {
    body: {
      ...{ id: newId(), siteId: world.siteId, name: 'Kit group', outAt: at, backAt: at + 7_200_000 },
      wants: [{ count: 1, kind: null, size: '' }],
    },
  });
  await lead.send(packKit, { body: { id: newId(), groupId: group.id, itemIds: [kit.id], at } });
  await lead.send(lendKit, { body: { id: newId(), groupId: group.id, itemIds: [kit.id], at } });
  const missing = [{ name: 'Cable', count: 1 }];
  await lead.send(returnKit, {
    body: { id: newId(), items: [{ itemId: kit.id, missing, damp: true, impact: true }], at },
  });
  await lead.send(inspectKit, {
    params: { id: kit.id },
    body: { id: newId(), ready: true, note: 'Only the pouch fell', at },
  });
  await lead.send(packKit, { body: { id: newId(), groupId: group.id, itemIds: [kit.id], at } });
  await lead.send(removeGroup, { params: { id: group.id }, body: { id: newId() } });
}

/** Tools with a reference check, and searches of every kind of end. */
async function livedWorkshop(world: World, at: number): Promise<void> {
  const gauge = await anEquipment(world);
  for (const shown of [3, 2.5])
    await world.as('mechanic').send(checkEquipment, {
      params: { id: gauge.id },
      body: { ...{ id: newId(), reference: 3, shown, looksGood: null, note: '' }, at },
    });
  const keys = await anEquipment(world, { kind: 'keys', unit: null });
  await world.as('mechanic').send(withdrawEquipment, {
    params: { id: keys.id },
    body: { id: newId(), reason: 'Worn', at },
  });
  const bike = await world.bike('LT1');
  const reading = {
    ...{ measure: 'tyre-window', values: [230], typed: '2.3', unit: 'bar', instrumentId: gauge.id },
  };
  await world.check(bike, {
    checklist: 'season-opening',
    exceptions: [{ checkpoint: 'tyre-pressure', position: 'front', more: { reading } as never }],
  });
  const proved = await repairedTrace(world, bike);
  await world
    .as('mechanic')
    .send(proveTrace, { params: { id: proved.id }, body: { id: newId(), gone: true, at } });
  await world.as('inspector').send(addSound, {
    params: { id: bike.id },
    body: {
      id: newId(),
      sound: Buffer.from(webmSound(2)).toString('base64'),
      gear: 'Third',
      doing: 'Uphill',
      at,
    },
  });
  const closed = await savedTrace(world, bike);
  await world
    .as('lead')
    .send(closeTrace, { params: { id: closed.id }, body: { id: newId(), reason: 'None', at } });
  await savedTrace(world, bike, [['joint', null]]);
  await world.as('inspector').send(addPuncture, {
    params: { id: bike.id },
    body: { id: newId(), position: 'rear', hour: 4, cause: 'thorn', at },
  });
}

/** One of everything that changes racks, models, parts and groups, so that a rebuild meets it. */
async function changeTheFleet(): Promise<void> {
  const lead = world.as('lead');
  const at = world.clock.now;
  const site = await lead.send(addSite, {
    body: { id: newId(), name: 'Hut', timeZone: 'Europe/London', opensAt: '10:00' },
  });
  await lead.send(changeSite, {
    params: { id: site.id },
    body: { id: newId(), name: 'Hill hut', timeZone: 'Europe/Paris', opensAt: '09:30' },
  });
  const racks = [];
  for (const name of ['One', 'Two', 'Three'])
    racks.push(await lead.send(addRack, { body: { id: newId(), siteId: site.id, name, hooks: 3 } }));
  const ids = racks.map((rack) => rack.id);
  await lead.send(changeRack, {
    params: { id: ids[0] ?? '' },
    body: { id: newId(), name: 'First', hooks: 2 },
  });
  await lead.send(removeRack, { params: { id: ids[2] ?? '' }, body: { id: newId() } });
  await lead.send(orderRacks, {
    params: { id: site.id },
    body: { id: newId(), rackIds: [ids[1] ?? '', ids[0] ?? ''] },
  });
  const build = { ...USUAL_BUILD.hardtail, accessories: [...USUAL_BUILD.hardtail.accessories] };
  const model = await lead.send(addModel, { body: { id: newId(), name: 'Reed', build, fit: {} } });
  const bike = await lead.send(addBike, {
    body: {
      id: newId(),
      ...bikeFieldsOf('hardtail', { tag: 'V4', siteId: world.siteId, modelId: model.id }),
    },
  });
  // Goes out and comes back, and is measured: twice, for what is amended counts in its place.
  await world.check(bike);
  await lead.send(handOut, {
    body: { id: newId(), bikeIds: [bike.id], groupId: null, dueBackAt: at + 7_200_000, at },
  });
  await lead.send(takeBack, {
    body: {
      ...{ id: newId(), bikeIds: [bike.id], way: 'hard', conditions: 'mud' },
      ...{ odometerKm: 40, odometerSure: false, note: 'Deep ruts', at },
    },
  });
  await livedKit(world, at);
  await livedWorkshop(world, at);
  await world.as('lead').send(makeLabels, {
    body: { id: newId(), kind: 'bike', subjectIds: [bike.id], renew: false },
  });
  for (const fault of ['slips', 'chain-off', 'noisy'] as const)
    await world.as('desk').send(addReport, {
      params: { id: bike.id },
      body: { id: newId(), zone: 'drivetrain', fault, canRide: true, note: 'On the hill', at },
    });
  const { reports } = await lead.send(listReports);
  const [first, second, third] = reports.map((each) => each.id);
  const told = {
    zone: 'drivetrain' as const,
    fault: 'slips' as const,
    canRide: true,
    note: 'Third gear',
    at,
  };
  await lead.send(describeReport, { params: { id: first ?? '' }, body: { id: newId(), ...told } });
  await lead.send(closeReport, { params: { id: second ?? '' }, body: { id: newId(), reason: 'Fine', at } });
  const asFinding = {
    checkpoint: 'chain-wear',
    position: 'only' as const,
    fault: 'past',
    severity: null,
    at,
  };
  await lead.send(reportToFinding, { params: { id: third ?? '' }, body: { id: newId(), ...asFinding } });
  const taken = (value: number) => ({
    reading: { measure: 'disc-pad', values: [value], typed: String(value), unit: 'mm' },
  });
  const { check: measured } = await world.check(bike, {
    checklist: 'season-opening',
    exceptions: [{ checkpoint: 'pad-thickness', position: 'front', more: taken(2.9) }],
  });
  await lead.send(amendCheck, {
    params: { id: measured.id },
    body: {
      ...{ id: newId(), checkId: newId(), author: world.idOf('lead'), reason: 'Read the wrong pad', at },
      marks: [
        {
          ...{
            id: newId(),
            checkpoint: 'pad-thickness',
            position: 'front',
            outcome: 'pass',
            way: 'single',
            faults: [],
            note: '',
          },
          ...{ ...taken(2.7), author: world.idOf('lead'), writerId: newId(), counter: 0, at },
        },
      ],
    },
  });
  await lead.send(changeModel, {
    params: { id: model.id },
    body: {
      id: newId(),
      name: 'Reed',
      build: { ...build, rearSuspension: 'shock' },
      fit: { maximumLoad: 110 },
      version: 1,
    },
  });
  await lead.send(hangBikes, {
    body: {
      id: newId(),
      siteId: site.id,
      moves: [{ bikeId: bike.id, hookId: racks[0]?.hooks[0]?.id ?? null }],
      at,
    },
  });
  const other = await world.bike('V5');
  const part = { id: newId(), kind: 'chain' as const, name: 'chain', facts: {}, markings: {} };
  const { fitments } = await lead.send(fitPart, {
    params: { id: bike.id },
    body: { id: newId(), part, position: 'only', anyway: '', at },
  });
  await lead.send(movePart, {
    params: { id: fitments[0]?.id ?? '' },
    body: { id: newId(), bikeId: other.id, position: 'only', swap: false, anyway: '', at },
  });
  const fields = {
    siteId: site.id,
    name: 'Year 5',
    outAt: at,
    backAt: at + 1,
    wants: [{ count: 2, kind: null, size: '' }],
  };
  const group = await lead.send(addGroup, { body: { id: newId(), ...fields } });
  await lead.send(changeGroup, {
    params: { id: group.id },
    body: { id: newId(), ...fields, name: 'Year 6', version: 1 },
  });
  const round = { id: newId(), siteId: world.siteId, name: 'Morning', checklistKey: null, people: [] };
  const made = await lead.send(makeRound, {
    body: { ...round, bikeIds: [other.id], deadline: at + 3_600_000, at },
  });
  await lead.send(changeRound, {
    params: { id: made.id },
    body: {
      id: newId(),
      name: 'Late morning',
      bikeIds: [other.id],
      people: [],
      deadline: at + 7_200_000,
      version: made.version,
    },
  });
  await lead.send(closeRound, {
    params: { id: made.id },
    body: { id: newId(), undone: [{ bikeId: other.id, why: 'Not wanted' }], at },
  });
  await lead.send(setDayPlan, { params: { id: newId() }, body: dayPlanFields(world, other) });
  await lead.send(setCampaign, { params: { id: newId() }, body: campaignFields(world, other) });
  await lead.send(setEventPrep, {
    params: { id: newId() },
    body: {
      ...{ id: newId(), siteId: world.siteId, name: 'Lake ride', startsAt: at + 86_400_000 * 20 },
      ...{ bikeIds: [other.id], people: [], version: null },
    },
  });
  const rule = { rackIds: [], kinds: [], sizes: [], due: true, forGroups: false, named: [] };
  await lead.send(setStandingRound, {
    params: { id: newId() },
    body: {
      id: newId(),
      siteId: site.id,
      name: 'Daily',
      checklistKey: null,
      rule,
      people: [],
      doneBy: '09:00',
      active: true,
      version: null,
    },
  });
  const waiting = { what: 'Front tyre', position: 'front' as const, hours: 12, outings: null, at };
  await lead.send(setTimedRecheck, {
    params: { id: other.id },
    body: { id: newId(), kind: 'soak', gauged: { kpa: 300, typed: '3' }, ...waiting },
  });
  const answered = newId();
  await lead.send(setTimedRecheck, {
    params: { id: other.id },
    body: { id: answered, kind: 'recheck', gauged: null, ...waiting },
  });
  await lead.send(answerTimedRecheck, {
    params: { id: answered },
    body: { id: newId(), gauged: null, note: 'Fine', at },
  });
  await lead.send(doneService, {
    params: { id: other.id, key: 'seatpost' },
    body: { id: newId(), note: 'Greased', at },
  });
  await lead.send(readOdometer, {
    params: { id: other.id },
    body: { id: newId(), km: 120, sure: false, at },
  });
  await lead.send(reportIncident, {
    params: { id: other.id },
    body: { id: newId(), kind: 'immersion', note: 'Off the slip', at },
  });
  const passing = await lead.send(addGroup, { body: { id: newId(), ...fields } });
  await lead.send(removeGroup, { params: { id: passing.id }, body: { id: newId() } });
}
