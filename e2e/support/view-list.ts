import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import sharp from 'sharp';
import type { Browser } from './browser';

/** Where the views are looked at: one browser, and what stands in the world they show. */
export interface LookedAt {
  browser: Browser;
  readonly ids: Record<string, string>;
}

/** Every view, how it is come to, and what must stand on it. */
export function viewList(at: LookedAt) {
  const openRow = async (): Promise<void> => {
    await at.browser.click('[data-question] [data-exception]');
    await at.browser.click('[data-fault]');
  };
  const selectAll = async (): Promise<void> => {
    await at.browser.click('[data-select]');
    await at.browser.click('[data-select-all]');
    await at.browser.click('[data-tag][aria-pressed=true]');
  };
  const arrange = async (): Promise<void> => {
    await at.browser.click('[data-more]');
    await at.browser.click('[data-arrange]');
    await at.browser.find('[data-rack-add]');
  };
  const typeGroups = async (): Promise<void> => {
    await at.browser.type('[data-group-lines]', '10:00-11:00 Scouts: 3 hybrid, 2 camels');
    await at.browser.click('[data-take-lines]');
    await at.browser.find('[data-draft]');
  };
  const openList = async (): Promise<void> => {
    await (await at.browser.find('[data-file]')).sendKeys(resolve('test-world/lists/5-free-words.csv'));
    await at.browser.find('[data-word]');
  };
  const previewList = async (): Promise<void> => {
    await (await at.browser.find('[data-file]')).sendKeys(resolve('test-world/lists/4-tags.csv'));
    await at.browser.click('[data-to-preview]');
    await at.browser.find('[data-wrong]');
  };
  const pickCheckpoints = async (): Promise<void> => {
    await at.browser.click('[data-pick]');
    await at.browser.click('[data-write-checkpoint]');
    await at.browser.type('[data-rule]', 'brake is rimm');
    await at.browser.find('[data-rule-problem]');
  };
  const find = async (): Promise<void> => {
    await at.browser.click('[data-find]');
    await at.browser.type('#find-anywhere', 'K');
    await at.browser.find('[data-found]');
  };
  const previewPolicy = async (): Promise<void> => {
    await at.browser.type('[data-policy=soonDays] input', '2');
    await at.browser.click('[data-preview]');
    await at.browser.find('[data-policy-effect]');
  };
  const measurePads = async (): Promise<void> => {
    const field = '[data-question="pad-thickness@front"] [data-reading]';
    await at.browser.click(`${field} [data-pad-toggle]`);
    for (const key of ['1', '.', '3']) await at.browser.click(`${field} [data-key="${key}"]`);
    await (await at.browser.find(`${field} input`)).sendKeys('\uE007');
    await at.browser.find('[data-verdict]');
    await at.browser.click(`${field} [data-pad-toggle]`);
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
    await (await at.browser.find('[data-photo-file]')).sendKeys(path);
    await at.browser.find('[data-photo-pad] img');
  };
  const savePhoto = async (): Promise<void> => {
    await takePhoto();
    await at.browser.click('[data-photo-keep]');
    await at.browser.find('[data-look-photos] [data-photo=sent] img');
  };
  const chooseFindings = async (): Promise<void> => {
    await at.browser.click('[data-choose=soon]');
    await at.browser.click('[data-choose-all]');
    await at.browser.click('[data-view-name]');
    await at.browser.find('[data-act-on-several]');
  };
  const useAPart = async (): Promise<void> => {
    await at.browser.click('[data-take]');
    await at.browser.click('[data-plan-open]');
    await at.browser.find('[data-used]');
  };
  const countAndKeep = async (): Promise<void> => {
    await at.browser.click('[data-count-open]');
    await at.browser.click('[data-add-item]');
    await at.browser.find('[data-item-form]');
  };
  const openLimits = async (): Promise<void> => {
    await at.browser.click('[data-limit-group=pads]');
    await at.browser.type('[data-limit=padFault] input', '9');
  };
  const chooseFit = async (): Promise<void> => {
    await at.browser.type('[data-rider=mass] input', '70');
    await at.browser.type('[data-rider=inseam] input', '80');
    await at.browser.click('[data-fits]');
    await at.browser.find('[data-fit-slip]');
  };
  const openReport = async (): Promise<void> => {
    await at.browser.click('[data-make-finding]');
    await at.browser.find('[data-to-finding]');
  };
  const answerTrace = async (): Promise<void> => {
    await at.browser.click('[data-answer="0"]');
    await at.browser.find('[data-given]');
  };
  const openTool = async (): Promise<void> => {
    await at.browser.click('[data-equipment=G1]');
    await at.browser.find('[data-doubtful-bike]');
  };
  const addTool = async (): Promise<void> => {
    await at.browser.click('[data-add-equipment]');
    await at.browser.find('[data-equipment-form]');
  };
  const openPuncture = async (): Promise<void> => {
    await at.browser.click('[data-add-puncture]');
    await at.browser.find('[data-clock]');
  };
  const typePitches = async (): Promise<void> => {
    await at.browser.type('[data-typed-pitches]', '390 330 392 331 391 329 200 330');
    await at.browser.click('form button');
    await at.browser.find('[data-spoke="6"][data-state=slack]');
  };
  const openKit = async (): Promise<void> => {
    await at.browser.click('[data-kit]');
    await at.browser.find('[data-kit-detail]');
  };
  const planTheDay = async (): Promise<void> => {
    await at.browser.click('[data-make-plan]');
    await at.browser.find('[data-plan-person]');
  };
  const openCampaignForm = async (): Promise<void> => {
    await at.browser.click('[data-plan-campaign]');
    await at.browser.click('[data-add-parts]');
    await at.browser.find('[data-parts-day]');
  };
  const planACampaign = async (): Promise<void> => {
    await at.browser.click('[data-plan-campaign]');
    await at.browser.click('[data-campaign-save]');
    await at.browser.click('[data-chip]');
    await at.browser.find('[data-campaign-bike]');
  };
  const planAnEvent = async (): Promise<void> => {
    await at.browser.click('[data-plan-event]');
    await at.browser.type('[data-event-name]', 'Lake ride');
    await at.browser.click('[data-event-save]');
    await at.browser.find('[data-event]');
    await at.browser.click('[data-plan-event]');
  };
  const views: readonly {
    name: string;
    path: () => string;
    wait: string;
    before?: () => Promise<void>;
    as?: string;
  }[] = [
    { name: 'wall', path: () => '/', wait: '[data-tag=K1]' },
    { name: 'stand', path: () => `/stand/${at.ids.fresh}`, wait: '[data-question]' },
    {
      name: 'stand with a fault open',
      path: () => `/stand/${at.ids.fresh}`,
      wait: '[data-question]',
      before: openRow,
    },
    {
      name: 'sign-off',
      path: () => `/stand/${at.ids.held}`,
      wait: '[data-question]',
      before: () => at.browser.click('[data-go-sign]'),
    },
    {
      name: 'stand of a trainee',
      path: () => `/stand/${at.ids.held}`,
      wait: '[data-question]',
      as: 'trainee',
    },
    { name: 'bench', path: () => `/bench/${at.ids.held}`, wait: '[data-bench-bike]' },
    { name: 'findings', path: () => '/findings', wait: '[data-finding]', before: chooseFindings },
    {
      name: 'bench, a repair in work',
      path: () => `/bench/${at.ids.work}`,
      wait: '[data-used-parts]',
      before: useAPart,
    },
    { name: 'hang-tag', path: () => `/bikes/${at.ids.held}/hang-tag`, wait: '[data-hold-tag]' },
    {
      name: 'question to the maker',
      path: () => `/bikes/${at.ids.held}/warranty`,
      wait: '[data-warranty-sheet] h2',
    },
    { name: 'record', path: () => `/bikes/${at.ids.held}/record`, wait: '[data-record] [data-entry]' },
    { name: 'parts', path: () => '/stock', wait: '[data-order] li', before: countAndKeep },
    { name: 'costs', path: () => '/costs', wait: '[data-total]' },
    {
      name: 'assessment',
      path: () => '/assessments',
      wait: '[data-sum]',
      before: () => at.browser.click('[data-add-assessment]'),
    },
    { name: 'bike form', path: () => `/bikes/${at.ids.held}/edit`, wait: '[data-save]' },
    { name: 'wall by fitness, selecting', path: () => '/', wait: '[data-tag=K1]', before: selectAll },
    { name: 'wall being arranged', path: () => '/', wait: '[data-tag=K1]', before: arrange },
    { name: 'bike', path: () => `/bikes/${at.ids.held}`, wait: '[data-bike-page] [data-entry]' },
    {
      name: 'wear',
      path: () => `/bikes/${at.ids.worn}`,
      wait: '[data-wear-chart] svg',
      before: () => at.browser.click('[data-wear] summary'),
    },
    {
      name: 'torque card',
      path: () => `/bikes/${at.ids.carded}/torque?adapter=30`,
      wait: '[data-joint=rotor-bolt] [data-set-to]',
    },
    { name: 'models', path: () => '/models', wait: '[data-model]' },
    { name: 'model form', path: () => `/models/${at.ids.model}`, wait: '[data-fit]' },
    { name: 'figures', path: () => '/figures', wait: '[data-figure=trike]' },
    { name: 'groups', path: () => '/groups', wait: '[data-group-row]', before: typeGroups },
    { name: 'desk', path: () => '/desk', wait: '[data-desk-group], [data-walk-in]' },
    { name: 'hand-out', path: () => '/desk/walk-in', wait: '[data-hand-out-now]' },
    { name: 'rider-fit', path: () => '/rider-fit', wait: '[data-rider]', before: chooseFit },
    { name: 'reports', path: () => '/reports', wait: '[data-report]', before: openReport },
    { name: 'kit', path: () => '/kit', wait: '[data-kit-view]', before: openKit },
    { name: 'find-cause', path: () => '/find-cause', wait: '[data-symptom]' },
    {
      name: 'find-cause question',
      path: () => '/find-cause/front-knock',
      wait: '[data-trace-question]',
      before: answerTrace,
    },
    {
      name: 'find-cause on a bike',
      path: () => '/find-cause/flat-again?bike=SR1&at=rear',
      wait: '[data-same-hour]',
      before: openPuncture,
    },
    {
      name: 'search handed over',
      path: () => '/find-cause/front-knock?bike=SR1',
      wait: '[data-ended-search]',
    },
    {
      name: 'hand-over sheet',
      path: () => `/bikes/${at.ids.traced}/searches/${at.ids.search}/sheet`,
      wait: '[data-hand-over-sheet] li',
    },
    { name: 'guides', path: () => '/guides', wait: '[data-guide]' },
    { name: 'guide', path: () => '/guides/headset?bike=K4', wait: '[data-step]' },
    { name: 'equipment', path: () => '/equipment', wait: '[data-equipment]', before: openTool },
    { name: 'equipment form', path: () => '/equipment', wait: '[data-equipment]', before: addTool },
    { name: 'instruments', path: () => '/instruments', wait: '[data-connect]' },
    { name: 'stand-ins', path: () => '/instruments/stand-ins', wait: '[data-stand-in]' },
    { name: 'spokes', path: () => '/spokes', wait: '[data-wheel]', before: typePitches },
    { name: 'labels', path: () => '/labels', wait: '[data-subject]' },
    { name: 'day-plan', path: () => '/day-plan', wait: '[data-make-plan]', before: planTheDay },
    {
      name: 'campaigns',
      path: () => '/campaigns',
      wait: '[data-campaigns] [data-plan-campaign]',
      before: planACampaign,
    },
    {
      name: 'campaign form',
      path: () => '/campaigns',
      wait: '[data-campaigns] [data-plan-campaign]',
      before: openCampaignForm,
    },
    {
      name: 'events',
      path: () => '/events',
      wait: '[data-events] [data-plan-event]',
      before: planAnEvent,
    },
    { name: 'calendar', path: () => '/calendar', wait: '[data-days] [data-entry]' },
    { name: 'opening-days', path: () => '/opening-days', wait: '[data-add-day]' },
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
      before: () => at.browser.click('[data-new-route]'),
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
      before: () => at.browser.click('[data-exception]'),
    },
    {
      name: 'rounds',
      path: () => '/rounds',
      wait: '[data-round-plate]',
      before: () => at.browser.click('[data-new-round]'),
    },
    {
      name: 'round',
      path: () => `/rounds/${at.ids.round}`,
      wait: '[data-projection]',
      before: () => at.browser.click('[data-close]'),
    },
    { name: 'paper sheet', path: () => '/paper?bikes=K2,K3', wait: '.paper-page td' },
    {
      name: 'check as signed',
      path: () => `/checks/${at.ids.check}`,
      wait: '[data-look]',
      before: () => at.browser.click('[data-amend]'),
    },
    { name: 'unusual records', path: () => '/unusual-records', wait: '#digits' },
    { name: 'finding a bike', path: () => '/rounds', wait: '[data-round-plate]', before: find },
    {
      name: 'what is left at the stand',
      path: () => `/stand/${at.ids.fresh}`,
      wait: '[data-question]',
      before: () => at.browser.press('l'),
    },
    { name: 'tools', path: () => '/tools', wait: '[data-tool=torque]' },
    {
      name: 'tool in hand',
      path: () => '/tools/pads?thickness=3.4+2.8',
      wait: '[data-says]',
      before: () => at.browser.click('[data-to-bike] button'),
    },
    { name: 'tool refusing', path: () => '/tools/leak?before=3&after=x&hours=4', wait: '[data-tool-bench]' },
    {
      name: 'stand with a reading',
      path: () => `/stand/${at.ids.fresh}?checklist=season-opening&at=pad-thickness@front`,
      wait: '[data-question]',
      before: measurePads,
    },
    {
      name: 'look asked for later',
      path: () => `/bikes/${at.ids.fresh}`,
      wait: '[data-look-later]',
      before: () => at.browser.click('[data-look-later]'),
    },
    { name: 'limits', path: () => '/policy', wait: '[data-limits]', before: openLimits },
    {
      name: 'something happened',
      path: () => `/bikes/${at.ids.fresh}`,
      wait: '[data-incident-open]',
      before: () => at.browser.click('[data-incident-open]'),
    },
    {
      name: 'photo just taken',
      path: () => `/stand/${at.ids.fresh}`,
      wait: '[data-question]',
      before: takePhoto,
    },
    {
      name: 'stand with a photo',
      path: () => `/stand/${at.ids.fresh}`,
      wait: '[data-question]',
      before: savePhoto,
    },
    { name: 'people', path: () => '/people', wait: 'form' },
    { name: 'sign-in', path: () => '/sign-in', wait: 'form' },
    { name: 'nowhere', path: () => '/no/such/place', wait: 'main' },
  ];
  return views;
}
