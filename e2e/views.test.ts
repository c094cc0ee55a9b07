import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import sharp from 'sharp';
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

let world: World;
let browser: Browser;
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
  browser = await Browser.open(world.base);
  await axeInEveryPage(browser);
});
afterAll(async () => {
  await browser?.close();
  await world?.close();
});

const openRow = async (): Promise<void> => {
  await browser.click('[data-question] [data-exception]');
  await browser.click('[data-fault]');
};
const selectAll = async (): Promise<void> => {
  await browser.click('[data-select]');
  await browser.click('[data-select-all]');
  await browser.click('[data-tag][aria-pressed=true]');
};
const arrange = async (): Promise<void> => {
  await browser.click('[data-more]');
  await browser.click('[data-arrange]');
  await browser.find('[data-rack-add]');
};
const typeGroups = async (): Promise<void> => {
  await browser.type('[data-group-lines]', '10:00-11:00 Scouts: 3 hybrid, 2 camels');
  await browser.click('[data-take-lines]');
  await browser.find('[data-draft]');
};
const openList = async (): Promise<void> => {
  await (await browser.find('[data-file]')).sendKeys(resolve('test-world/lists/5-free-words.csv'));
  await browser.find('[data-word]');
};
const previewList = async (): Promise<void> => {
  await (await browser.find('[data-file]')).sendKeys(resolve('test-world/lists/4-tags.csv'));
  await browser.click('[data-to-preview]');
  await browser.find('[data-wrong]');
};
const pickCheckpoints = async (): Promise<void> => {
  await browser.click('[data-pick]');
  await browser.click('[data-write-checkpoint]');
  await browser.type('[data-rule]', 'brake is rimm');
  await browser.find('[data-rule-problem]');
};
const find = async (): Promise<void> => {
  await browser.click('[data-find]');
  await browser.type('#find-anywhere', 'K');
  await browser.find('[data-found]');
};
const previewPolicy = async (): Promise<void> => {
  await browser.type('[data-policy=soonDays] input', '2');
  await browser.click('[data-preview]');
  await browser.find('[data-policy-effect]');
};
const measurePads = async (): Promise<void> => {
  const field = '[data-question="pad-thickness@front"] [data-reading]';
  await browser.click(`${field} [data-pad-toggle]`);
  for (const key of ['1', '.', '3']) await browser.click(`${field} [data-key="${key}"]`);
  await (await browser.find(`${field} input`)).sendKeys('\uE007');
  await browser.find('[data-verdict]');
  await browser.click(`${field} [data-pad-toggle]`);
};
const takePhoto = async (): Promise<void> => {
  await openRow();
  const path = join(mkdtempSync(join(tmpdir(), 'cadre-views-')), 'photo.jpg');
  writeFileSync(
    path,
    await sharp({ create: { width: 800, height: 600, channels: 3, background: '#7d8b97' } })
      .jpeg()
      .toBuffer(),
  );
  await (await browser.find('[data-photo-file]')).sendKeys(path);
  await browser.find('[data-photo-pad] img');
};
const keepPhoto = async (): Promise<void> => {
  await takePhoto();
  await browser.click('[data-photo-keep]');
  await browser.find('[data-look-photos] [data-photo=sent] img');
};
const chooseFindings = async (): Promise<void> => {
  await browser.click('[data-choose=soon]');
  await browser.click('[data-choose-all]');
  await browser.click('[data-view-name]');
  await browser.find('[data-act-on-several]');
};
const useAPart = async (): Promise<void> => {
  await browser.click('[data-take]');
  await browser.click('[data-plan-open]');
  await browser.find('[data-used]');
};
const countAndKeep = async (): Promise<void> => {
  await browser.click('[data-count-open]');
  await browser.click('[data-add-item]');
  await browser.find('[data-item-form]');
};
const openLimits = async (): Promise<void> => {
  await browser.click('[data-limit-group=Pads]');
  await browser.type('[data-limit=padFault] input', '9');
};
const VIEWS: readonly {
  name: string;
  path: () => string;
  wait: string;
  before?: () => Promise<void>;
  as?: string;
}[] = [
  { name: 'wall', path: () => '/', wait: '[data-tag=K1]' },
  { name: 'stand', path: () => `/stand/${ids.fresh}`, wait: '[data-question]' },
  {
    name: 'stand with a fault open',
    path: () => `/stand/${ids.fresh}`,
    wait: '[data-question]',
    before: openRow,
  },
  {
    name: 'sign-off',
    path: () => `/stand/${ids.held}`,
    wait: '[data-question]',
    before: () => browser.click('[data-go-sign]'),
  },
  { name: 'stand of a trainee', path: () => `/stand/${ids.held}`, wait: '[data-question]', as: 'trainee' },
  { name: 'bench', path: () => `/bench/${ids.held}`, wait: '[data-bench-bike]' },
  { name: 'findings', path: () => '/findings', wait: '[data-finding]', before: chooseFindings },
  {
    name: 'bench, a repair in work',
    path: () => `/bench/${ids.work}`,
    wait: '[data-used-parts]',
    before: useAPart,
  },
  { name: 'hang-tag', path: () => `/bikes/${ids.held}/hang-tag`, wait: '[data-hold-tag]' },
  {
    name: 'question to the maker',
    path: () => `/bikes/${ids.held}/warranty`,
    wait: '[data-warranty-sheet] h2',
  },
  { name: 'record', path: () => `/bikes/${ids.held}/record`, wait: '[data-record] [data-entry]' },
  { name: 'parts', path: () => '/stock', wait: '[data-order] li', before: countAndKeep },
  { name: 'costs', path: () => '/costs', wait: '[data-total]' },
  {
    name: 'assessment',
    path: () => '/assessments',
    wait: '[data-sum]',
    before: () => browser.click('[data-add-assessment]'),
  },
  { name: 'bike form', path: () => `/bikes/${ids.held}/edit`, wait: '[data-save]' },
  { name: 'wall by fitness, selecting', path: () => '/', wait: '[data-tag=K1]', before: selectAll },
  { name: 'wall being arranged', path: () => '/', wait: '[data-tag=K1]', before: arrange },
  { name: 'bike', path: () => `/bikes/${ids.held}`, wait: '[data-bike-page] [data-entry]' },
  {
    name: 'wear',
    path: () => `/bikes/${ids.worn}`,
    wait: '[data-wear-chart] svg',
    before: () => browser.click('[data-wear] summary'),
  },
  {
    name: 'torque card',
    path: () => `/bikes/${ids.carded}/torque?adapter=30`,
    wait: '[data-joint=rotor-bolt] [data-set-to]',
  },
  { name: 'models', path: () => '/models', wait: '[data-model]' },
  { name: 'model form', path: () => `/models/${ids.model}`, wait: '[data-fit]' },
  { name: 'figures', path: () => '/figures', wait: '[data-figure=trike]' },
  { name: 'groups', path: () => '/groups', wait: '[data-group-row]', before: typeGroups },
  { name: 'lists', path: () => '/lists', wait: '[data-file]' },
  { name: 'list, its columns', path: () => '/lists', wait: '[data-file]', before: openList },
  { name: 'list, what comes in', path: () => '/lists', wait: '[data-file]', before: previewList },
  { name: 'checklists', path: () => '/checklists', wait: '[data-checklist=ride-out]' },
  { name: 'checklist', path: () => '/checklists/season-opening', wait: '[data-version]' },
  {
    name: 'checklist being written',
    path: () => '/checklists/ride-out/edit',
    wait: '[data-item]',
    before: pickCheckpoints,
  },
  { name: 'catalogue', path: () => '/catalogue', wait: '[data-look]' },
  { name: 'checkpoint', path: () => '/catalogue/tyre-casing', wait: '[data-drawing] svg' },
  { name: 'routes', path: () => '/routes', wait: '[data-route=by-system]' },
  {
    name: 'own route',
    path: () => '/routes',
    wait: '[data-route=by-system]',
    before: () => browser.click('[data-new-route]'),
  },
  { name: 'policy', path: () => '/policy', wait: '[data-practice]', before: previewPolicy },
  { name: 'line, its choice', path: () => '/batch-check', wait: '[data-batch-count]' },
  {
    name: 'batch-check',
    path: () => '/batch-check?bikes=K2,K3&checklist=pressures',
    wait: '[data-batch-row]',
  },
  {
    name: 'line of zones',
    path: () => '/batch-check?bikes=K2,K3',
    wait: '[data-batch-row]',
    before: () => browser.click('[data-exception]'),
  },
  {
    name: 'rounds',
    path: () => '/rounds',
    wait: '[data-round-plate]',
    before: () => browser.click('[data-new-round]'),
  },
  {
    name: 'round',
    path: () => `/rounds/${ids.round}`,
    wait: '[data-projection]',
    before: () => browser.click('[data-close]'),
  },
  { name: 'paper sheet', path: () => '/paper?bikes=K2,K3', wait: '.paper-page td' },
  {
    name: 'check as signed',
    path: () => `/checks/${ids.check}`,
    wait: '[data-look]',
    before: () => browser.click('[data-amend]'),
  },
  { name: 'unusual records', path: () => '/unusual-records', wait: '#digits' },
  { name: 'finding a bike', path: () => '/rounds', wait: '[data-round-plate]', before: find },
  {
    name: 'what is left at the stand',
    path: () => `/stand/${ids.fresh}`,
    wait: '[data-question]',
    before: () => browser.press('l'),
  },
  { name: 'tools', path: () => '/tools', wait: '[data-tool=torque]' },
  {
    name: 'tool in hand',
    path: () => '/tools/pads?thickness=3.4+2.8',
    wait: '[data-says]',
    before: () => browser.click('[data-to-bike] button'),
  },
  { name: 'tool refusing', path: () => '/tools/leak?before=3&after=x&hours=4', wait: '[data-tool-bench]' },
  {
    name: 'stand with a reading',
    path: () => `/stand/${ids.fresh}?checklist=season-opening&at=pad-thickness@front`,
    wait: '[data-question]',
    before: measurePads,
  },
  {
    name: 'look asked for later',
    path: () => `/bikes/${ids.fresh}`,
    wait: '[data-look-later]',
    before: () => browser.click('[data-look-later]'),
  },
  { name: 'limits', path: () => '/policy', wait: '[data-limits]', before: openLimits },
  {
    name: 'something happened',
    path: () => `/bikes/${ids.fresh}`,
    wait: '[data-incident-open]',
    before: () => browser.click('[data-incident-open]'),
  },
  { name: 'photo just taken', path: () => `/stand/${ids.fresh}`, wait: '[data-question]', before: takePhoto },
  {
    name: 'stand with a photo',
    path: () => `/stand/${ids.fresh}`,
    wait: '[data-question]',
    before: keepPhoto,
  },
  { name: 'people', path: () => '/people', wait: 'form' },
  { name: 'sign-in', path: () => '/sign-in', wait: 'form' },
  { name: 'nowhere', path: () => '/no/such/place', wait: 'main' },
];
let person = '';
/** Signs in when somebody else's turn comes: the views of one person need it once. */
async function signedIn(name: string): Promise<void> {
  if (person !== name) await browser.signIn(name, SECRET, '/icon.svg');
  person = name;
}
let shown: Size | null = null;
async function sized(size: Size): Promise<void> {
  if (shown !== size) await browser.size(size);
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
    await browser.go(view.path());
    await browser.find(view.wait);
    await view.before?.();
    // The phone always, the two larger sizes by turns: what they show is laid out alike.
    const looked = inTurn.filter(
      ([size]) => size === 'phone' || (size === 'office') === (view.index % 2 === 0),
    );
    for (const [size, theme] of inTurn) {
      await sized(size);
      await browser.driver.executeScript('document.documentElement.dataset.theme = arguments[0]', theme);
      const violations = looked.some(([each]) => each === size) ? await violationsOf(browser) : [];
      expect({ size, theme, violations, sideways: await scrollsSideways(browser) }).toEqual({
        size,
        theme,
        violations: [],
        sideways: false,
      });
    }
    expect(await browser.complaints()).toEqual([]);
  });
});
