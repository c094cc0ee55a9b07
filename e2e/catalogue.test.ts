import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Key } from 'selenium-webdriver';
import { type Bike } from '@cadre/contract/fleet';
import { getWall } from '@cadre/contract/wall';
import { writeChecklistDocument } from '@cadre/contract/catalogue/schemas';
import { evaluateFitness, type FitnessFacts } from '@cadre/core/fitness';
import { faulty } from '@cadre/test-world/builders';
import { readChecklists } from '@cadre/test-world/client';
import { SECRET, World } from '../testing/world';
import { Browser } from './support/browser';

let world: World;
let browser: Browser;
let bikes: { child: Bike; hybrid: Bike; hardtail: Bike };
beforeAll(async () => {
  world = await World.open({ web: true, realClock: true });
  bikes = {
    child: await world.bike('S1', 'child'),
    hybrid: await world.bike('S2', 'hybrid'),
    hardtail: await world.bike('S3', 'hardtail'),
  };
  browser = await Browser.open(world.base);
  await browser.size('office');
  await browser.signIn('lead', SECRET, '/checklists');
});
afterAll(async () => {
  await browser?.close();
  await world?.close();
});

/** What is asked of a bike at the stand, by walking every station; nothing is marked. */
async function askedAtStand(bike: Bike, query = ''): Promise<string[]> {
  await browser.go(`/stand/${bike.id}${query}`);
  await browser.find('[data-question]');
  const asked: string[] = [];
  for (;;) {
    asked.push(
      ...(await browser.driver.executeScript<string[]>(
        'return [...document.querySelectorAll("[data-question]")].map((row) => row.dataset.question)',
      )),
    );
    const before = await browser.text('main section h2');
    await browser.press(Key.ARROW_RIGHT);
    await browser.until(
      async () =>
        (await browser.count('[data-sign]')) > 0 || (await browser.text('main section h2')) !== before,
      'the next station does not come',
    );
    if ((await browser.count('[data-sign]')) > 0) return asked;
  }
}

describe('a lead who has never seen the code', () => {
  it('adds a checkpoint with a rule, publishes it, and it is asked of the right bikes only', async () => {
    await browser.click('[data-checklist=ride-out]');
    await browser.click('[data-edit-checklist]');
    await browser.click('[data-write-checkpoint]');
    await browser.type('[data-field=name] input', 'Quick-release spring');
    await browser.type(
      '[data-field=how]',
      'Open the lever and look that both small springs sit with their narrow end to the hub.',
    );
    await browser.type('[data-field=passWhen] input', 'Both springs in, narrow end inwards.');
    // Not finished: nothing is published without it, and a reload loses nothing of it.
    await browser.type('[data-field=publish-note] input', 'Springs went missing');
    await browser.click('[data-publish]');
    await browser.find('[data-unfinished]');
    await browser.go('/checklists/ride-out/edit');
    await browser.textIs('[data-checkpoint-form]', /New checkpoint/);
    expect(
      await (await browser.find('[data-checkpoint-form] [data-field=name] input')).getAttribute('value'),
    ).toBe('Quick-release spring');
    // A slip in the rule is pointed at, and repaired by a touch.
    await browser.type('[data-rule]', 'kind is hybrid and brake-front is rimm');
    await browser.textIs('[data-rule-problem]', /“rimm”.*“rim”/);
    await browser.click('[data-save-checkpoint]');
    expect(await browser.count('[data-checkpoint-form]')).toBe(1);
    await browser.click('[data-rule-correction]');
    await browser.textIs('[data-rule-picks]', /hybrid; of your 3 bikes: 1/);
    await browser.type('[data-fault-name]', 'A spring missing');
    await browser.type('[data-fault-next]', 'Fit one from the box.');
    await browser.click('[data-save-checkpoint]');
    await browser.find('[data-item=own-quick-release-spring]');
    expect(
      await (await browser.find('[data-item=own-quick-release-spring] [data-critical]')).isSelected(),
    ).toBe(true);
    await browser.textIs('[data-coverage=hybrid]', /49 questions/);
    // Nothing typed is lost by a reload.
    await browser.go('/checklists/ride-out/edit');
    await browser.find('[data-item=own-quick-release-spring]');
    await browser.click('[data-publish]');
    await browser.textIs('[data-field=publish-note]', /Fill|needed|missing|required|reason/i);
    await browser.type('[data-field=publish-note] input', 'Springs went missing');
    await browser.click('[data-publish]');
    await browser.textIs('main', /Version 2/);
    const key = 'own-quick-release-spring@only';
    expect(await askedAtStand(bikes.hybrid)).toContain(key);
    expect(await askedAtStand(bikes.hardtail)).not.toContain(key);
    expect(await askedAtStand(bikes.child)).not.toContain(key);
    expect(await browser.complaints()).toEqual([]);
  });

  it('cannot let a critical go without saying why, and sees what changed after', async () => {
    await browser.go('/checklists/ride-out/edit');
    await browser.click('[data-item=own-quick-release-spring] [data-remove]');
    await browser.type('[data-field=publish-note] input', 'Springs are all in');
    await browser.click('[data-publish]');
    await browser.textIs('[data-field=publish-reason]', /Fill|needed|missing|required|reason/i);
    await browser.type('[data-field=publish-reason] input', 'All hubs have new springs');
    await browser.click('[data-publish]');
    await browser.textIs('main', /Version 3/);
    await browser.textIs('main', /Reason for removing a critical checkpoint: All hubs have new springs/);
    expect(
      (await readChecklists(world.as('lead')))
        .get('ride-out')
        ?.checklist.items.some((item) => item.checkpoint.key === 'own-quick-release-spring'),
    ).toBe(false);
  });

  it('orders by keys, and throws a draft away', async () => {
    await browser.go('/checklists/ride-out/edit');
    const wheels = (): Promise<string[]> =>
      browser.driver.executeScript(
        'return [...document.querySelectorAll("[data-item]")].slice(0, 3).map((row) => row.dataset.item)',
      );
    await browser.find('[data-item]');
    const [first, second] = await wheels();
    const later = await browser.find(`[data-item=${first}] [data-later]`);
    await later.sendKeys(' ');
    await browser.until(async () => (await wheels())[1] === first, 'the checkpoint does not move');
    expect((await wheels())[0]).toBe(second);
    await browser.click('[data-save-draft]');
    await browser.textIs('[data-draft-state]', 'Saved');
    await browser.click('[data-drop-draft]');
    await browser.find('[data-edit-checklist]');
    await browser.go('/checklists/ride-out/edit');
    await browser.find('[data-item]');
    expect(await wheels()).toEqual([first, second, (await wheels())[2]]);
  });

  it('takes a checklist back to how it ships', async () => {
    await browser.go('/checklists/ride-out/edit');
    await browser.click('[data-item=spokes] [data-remove]');
    // The strip stands over what was scrolled under it.
    await browser.driver.executeScript('window.scrollTo(0, 0)');
    await browser.click('[data-take-shipped]');
    await browser.find('[data-item=spokes]');
    expect(await browser.count('[data-take-shipped]')).toBe(0);
    await browser.click('[data-drop-draft]');
    await browser.find('[data-edit-checklist]');
  });

  it('is told that a checklist of nothing critical would be complete with nothing looked at', async () => {
    await browser.go('/checklists/new');
    await browser.click('[data-pick]');
    await browser.click('[data-add=chain-lube]');
    await browser.textIs('[data-warnings]', /no critical question/);
    // Left unsaved and unnamed, it is found again.
    await browser.go('/checklists');
    await browser.click('[data-unpublished]');
    await browser.find('[data-item=chain-lube]');
    await browser.click('[data-drop-draft]');
    await browser.find('[data-checklist=ride-out]');
    expect(await browser.count('[data-unpublished]')).toBe(0);
  });
});

describe('a checklist as a file', () => {
  it('goes out, is spoilt, is refused word by word, is repaired and comes in', async () => {
    const whole = (await readChecklists(world.as('lead'))).get('lights');
    if (!whole) throw new Error('no checklist lights');
    const document = JSON.stringify(
      writeChecklistDocument({ ...whole.checklist, key: 'lanterns', name: 'Lanterns' }),
    );
    const file = join(mkdtempSync(join(tmpdir(), 'cadre-checklist-')), 'lanterns.json');
    writeFileSync(file, document.replace('"accessories"', '"acessories"'));
    await browser.go('/checklists');
    await browser.click('[data-import]');
    await (await browser.find('[data-checklist-file]')).sendKeys(file);
    await browser.textIs('[data-checklist-issue]', /“acessories”.*nearest: “accessories”/);
    writeFileSync(file, document);
    await (await browser.find('[data-checklist-file]')).sendKeys(file);
    await browser.find('[data-item=lights]');
    await browser.type('[data-field=publish-note] input', 'From the other house');
    await browser.click('[data-publish]');
    await browser.textIs('main h1', 'Lanterns');
    expect(readFileSync(file, 'utf8')).toBe(document);
    // Started from the bike's own page.
    await browser.go(`/bikes/${bikes.hardtail.id}`);
    await browser.click('[data-start-checklist=lanterns]');
    await browser.find('[data-question="bell@only"]');
  });
});

describe('a policy', () => {
  it('shows the bikes it would change before it is saved, and changes just those', async () => {
    const soon = await world.bike('S4', 'hardtail');
    const fine = await world.bike('S5', 'hardtail');
    // Only the newest version clears: others were published above.
    world.checklists = await readChecklists(world.as('lead'));
    await world.check(soon, {
      exceptions: [{ checkpoint: 'tyre-casing', position: 'front', more: faulty('worn') }],
    });
    await world.check(fine);
    // As if found five days ago.
    const until = Date.now() + 2 * 86_400_000;
    await world.database.owner.query(
      "UPDATE finding SET finding = JSON_SET(finding, '$.limit.until', ?) WHERE bikeId = ?",
      [until, soon.id],
    );
    await world.database.owner.query(
      "UPDATE bike_state SET facts = JSON_SET(facts, '$.findings[0].limit.until', ?) WHERE bikeId = ?",
      [until, soon.id],
    );
    await browser.go('/policy');
    await browser.type('[data-policy=soonDays] input', '0');
    await browser.textIs('[data-policy=soonDays]', /whole number from 1 to 90/);
    await browser.type('[data-policy=soonDays] input', '3');
    await browser.click('[data-preview]');
    await browser.textIs('[data-policy-effect]', /One bike’s fitness would change/);
    await browser.textIs('[data-changes=S4]', /Cleared, watch.*Held/s);
    await browser.type('[data-policy=note] input', 'Three days is enough');
    await browser.click('[data-publish-policy]');
    await browser.textIs('[data-policy-version]', /Version 2.*Three days is enough/s);
    const { bikes: now } = await world.as('lead').send(getWall);
    const fitness = (tag: string): string =>
      evaluateFitness(now.find((bike) => bike.tag === tag)?.facts as FitnessFacts, Date.now()).fitness;
    expect([fitness('S4'), fitness('S5')]).toEqual(['held', 'cleared']);
  });

  it('says the house’s way where the hand is, and draws the look', async () => {
    await browser.go('/policy');
    await browser.click('[data-practice=leverClamp] input[value=just-firm]');
    await browser.click('[data-preview]');
    await browser.textIs('[data-policy-effect]', /No bike’s fitness would change/);
    await browser.type('[data-policy=note] input', 'Levers that give');
    await browser.click('[data-publish-policy]');
    await browser.textIs('[data-policy-version]', /Version 3/);
    await browser.signIn('trainee', SECRET, `/stand/${bikes.hardtail.id}`);
    await browser.find('[data-drawing] svg');
    await browser.until(async () => {
      if ((await browser.count('[data-question="levers-on-bar@only"]')) > 0) return true;
      await browser.press(Key.ARROW_RIGHT);
      return false;
    }, 'no station asks for the levers');
    await browser.textIs('[data-question="levers-on-bar@only"] [data-policy-practices]', /just firm enough/);
    await browser.signIn('lead', SECRET, '/routes');
  });

  it('keeps a route of the house’s own, which a checklist takes with it', async () => {
    await browser.go('/routes');
    await browser.click('[data-new-route]');
    await browser.click('[data-zone=front-wheel] [data-route-later]');
    await browser.type('[data-field=route-name] input', 'Brake first');
    await browser.click('[data-keep-route]');
    await browser.textIs('[data-route=route-brake-first]', /front brake → front wheel/);
    await browser.go('/checklists/return/edit');
    await browser.find('[data-item]');
    await browser.driver.executeScript(
      'const select = [...document.querySelectorAll("select")].find((each) => [...each.options].some((option) => option.value === "route-brake-first")); select.value = "route-brake-first"; select.dispatchEvent(new Event("change", { bubbles: true }));',
    );
    await browser.type('[data-field=publish-note] input', 'Brake first');
    await browser.click('[data-publish]');
    await browser.textIs('main', /Version 2 · Brake first/);
    const asked = await askedAtStand(bikes.hybrid, '?checklist=return');
    expect(asked[0]).toMatch(/@front$/);
    expect(asked.indexOf('stops-wheel@front')).toBeLessThan(asked.indexOf('spokes@front'));
  });
});

describe('somebody learning', () => {
  it('signed off for wheels gives wheels by station, and nothing else', async () => {
    await browser.signIn('lead', SECRET, '/people');
    await browser.click('[data-competence="trainee:wheels"]');
    await browser.textIs('[data-competence="trainee:wheels"] + span', /lead, today/);
    await browser.signIn('trainee', SECRET, `/stand/${bikes.child.id}`);
    await browser.find('[data-question="spokes@front"]');
    expect(await browser.count('[data-question="spokes@front"] [data-pass]')).toBe(0);
    expect(await browser.count('[data-question="spokes@front"] [data-how]')).toBe(1);
    await browser.press(Key.ARROW_RIGHT);
    await browser.find('[data-question="stops-wheel@front"] [data-pass]');
    expect(await browser.complaints()).toEqual([]);
  });
});
