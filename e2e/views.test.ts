import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { addModel } from '@cadre/contract/fleet';
import { makeRound } from '@cadre/contract/rounds';
import { openAssessment } from '@cadre/contract/assessments';
import { setStockItem } from '@cadre/contract/parts';
import { startRepair } from '@cadre/contract/repairs';
import { addGroup } from '@cadre/contract/schedule';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { bikeFieldsOf, faulty } from '@cadre/test-world/builders';
import { SECRET, World } from '../testing/world';
import { axeInEveryPage, scrollsSideways, violationsOf } from './support/axe';
import { Browser, SIZES, type Size } from './support/browser';

import { viewList, type LookedAt } from './support/view-list';

let world: World;
const ids: Record<string, string> = {};
beforeAll(async () => {
  world = await World.open({ web: true, realClock: true });
  const held = await world.bike('K1');
  const { check: signed } = await world.check(held, {
    exceptions: [
      { checkpoint: 'bars', more: faulty('bent') },
      { checkpoint: 'tyre-casing', position: 'rear', more: faulty('worn') },
    ],
  });
  const fresh = await world.bike('K2', 'step-through');
  await world.check(await world.bike('K3', 'child'), { checklist: 'ride-out-children' });
  const build = { ...USUAL_BUILD.hardtail, accessories: [...USUAL_BUILD.hardtail.accessories] };
  const model = await world.as('lead').send(addModel, {
    body: {
      id: newId(),
      name: 'Reed',
      build,
      fit: {
        maximumLoad: 120,
        'torqueMax:stem-faceplate': 6,
        'torqueMax:bar-clamp': 5,
        'torqueMax:rotor-bolt': 6,
      },
    },
  });
  const carded = await world.bikeOf(model, 'K4');
  const worn = await world.bike('K5');
  for (const value of [2.8, 2.4]) {
    const reading = { measure: 'disc-pad', values: [value], typed: String(value), unit: 'mm' };
    await world.check(worn, {
      checklist: 'wet-season',
      exceptions: [{ checkpoint: 'disc-pads', position: 'front', more: { reading } }],
    });
  }
  const now = Date.now();
  await world.as('lead').send(addGroup, {
    body: {
      id: newId(),
      siteId: world.siteId,
      name: 'Year 5',
      outAt: now + 600_000,
      backAt: now + 7_200_000,
      wants: [{ count: 8, kind: 'child', size: '24 in' }],
    },
  });
  const round = newId();
  await world.as('lead').send(makeRound, {
    body: {
      id: round,
      siteId: world.siteId,
      name: 'Morning',
      checklistKey: null,
      bikeIds: [held.id, fresh.id],
      people: [],
      deadline: now + 3_600_000,
      at: now,
    },
  });
  const stocked = newId();
  const item = {
    kind: 'rotor' as const,
    name: 'Rotor, 180 mm',
    facts: {},
    modelIds: [],
    markings: {},
    least: 2,
    price: 2600,
    leadDays: 5,
    supplier: 'Reed',
  };
  await world
    .as('lead')
    .send(setStockItem, { params: { id: stocked }, body: { id: newId(), item, version: null, at: now } });
  const work = await world.bike('K6');
  const { findings } = await world.check(work, {
    exceptions: [{ checkpoint: 'rotor', position: 'rear', more: faulty('crack') }],
  });
  await world.as('mechanic').send(startRepair, {
    body: { id: newId(), bikeId: work.id, findingIds: [findings[0]?.id ?? ''], at: now },
  });
  const offered = bikeFieldsOf('hybrid', { tag: 'K7', siteId: world.siteId });
  const { bike: used } = await world.as('lead').send(openAssessment, {
    body: {
      id: newId(),
      bikeId: newId(),
      bike: offered,
      from: 'A club',
      asking: 9000,
      worth: 20_000,
      at: now,
    },
  });
  await world.check(used, {
    checklist: 'assessment',
    exceptions: [{ checkpoint: 'grips', more: faulty('torn') }],
  });
  Object.assign(ids, { work: work.id });
  Object.assign(ids, {
    carded: carded.id,
    worn: worn.id,
    held: held.id,
    fresh: fresh.id,
    model: model.id,
    round,
    check: signed.id,
  });
  at.browser = await Browser.open(world.base);
  await axeInEveryPage(at.browser);
});
afterAll(async () => {
  await at.browser?.close();
  await world?.close();
});

const at: LookedAt = { browser: null as unknown as Browser, ids };
const VIEWS = viewList(at);

let person = '';
/** Signs in when somebody else's turn comes: the views of one person need it once. */
async function signedIn(name: string): Promise<void> {
  if (person !== name) await at.browser.signIn(name, SECRET, '/icon.svg');
  person = name;
}
let shown: Size | null = null;
async function sized(size: Size): Promise<void> {
  if (shown !== size) await at.browser.size(size);
  shown = size;
}
const THEMES = ['light', 'dim', 'contrast'];
const sizes = Object.keys(SIZES) as Size[];

describe.each(VIEWS.map((view, index) => ({ ...view, index })))('$name', (view) => {
  // One opening a view, as somebody who turns a tablet: every size in every run; themes take turns over them, so that each view meets each.
  it('is sound at every size', async () => {
    const inTurn = sizes.map(
      (size, index) => [size, THEMES[(index + view.index) % THEMES.length] ?? 'light'] as const,
    );
    await sized(sizes[0] ?? 'office');
    await signedIn(view.as ?? 'lead');
    await at.browser.go(view.path());
    await at.browser.find(view.wait);
    await view.before?.();
    // The phone always, the two larger sizes by turns: what they show is laid out alike.
    const looked = inTurn.filter(
      ([size]) => size === 'phone' || (size === 'office') === (view.index % 2 === 0),
    );
    for (const [size, theme] of inTurn) {
      await sized(size);
      await at.browser.driver.executeScript('document.documentElement.dataset.theme = arguments[0]', theme);
      const violations = looked.some(([each]) => each === size) ? await violationsOf(at.browser) : [];
      expect({ size, theme, violations, sideways: await scrollsSideways(at.browser) }).toEqual({
        size,
        theme,
        violations: [],
        sideways: false,
      });
    }
    expect(await at.browser.complaints()).toEqual([]);
  });
});
