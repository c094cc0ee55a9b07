import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import { faulty } from '@cadre/test-world/builders';
import { SECRET } from '../testing/world';
import { stocked } from '../testing/act-helpers';
import { openBehindProxy, type BehindProxy } from './support/behind-proxy';

let behind: BehindProxy;
let { world, proxy, browser } = {} as BehindProxy;
beforeAll(async () => {
  behind = await openBehindProxy('office');
  ({ world, proxy, browser } = behind);
});
afterAll(() => behind?.close());
beforeEach(() => {
  proxy.mode = { kind: 'pass' };
});

const count = async (sql: string): Promise<number> =>
  Number(((await world.database.owner.query(`SELECT COUNT(*) AS n FROM ${sql}`)) as { n: string }[])[0]?.n);
const acts = (kind: string, about: string): Promise<number> =>
  count(`entry WHERE kind = '${kind}' AND INSTR(body, '${about}')`);
async function fill(within: string, typed: Readonly<Record<string, string>>): Promise<void> {
  await browser.find(within);
  for (const [label, text] of Object.entries(typed)) {
    const id = await browser.driver.executeScript<string>(
      'return [...document.querySelectorAll(`${arguments[0]} label`)].find((each) => each.textContent.trim().startsWith(arguments[1])).htmlFor',
      within,
      label,
    );
    await browser.type(`[id="${id}"]`, text);
  }
}

interface Write {
  /** The request whose answer is lost. */
  readonly matching: RegExp;
  /** Opens and fills the form. */
  readonly prepare: () => Promise<void>;
  readonly button: string;
  /** Where it says that nothing answered. */
  readonly says: string;
  /** How often it was done. */
  readonly done: () => Promise<number>;
}

let bike: Bike;
const held = async (tag: string): Promise<Bike> => {
  const made = await world.bike(tag);
  await world.check(made, {
    exceptions: [{ checkpoint: 'stops-wheel', position: 'front', more: faulty('none') }],
  });
  return made;
};

const WRITES: Readonly<Record<string, () => Write | Promise<Write>>> = {
  'a delivery to stock': async () => {
    const id = await stocked(world, 3);
    const [{ name }] = (await world.database.owner.query('SELECT name FROM stock_item WHERE id = ?', [
      id,
    ])) as [{ name: string }];
    const row = `[data-item="${name}"]`;
    return {
      matching: /^POST \/api\/v1\/stock\//,
      prepare: async () => {
        await browser.go('/stock');
        await browser.click(`${row} [data-count-open]`);
        await browser.type(`${row} [data-count]`, '2');
      },
      button: `${row} [data-count-save]`,
      says: `${row} form`,
      done: async () => (await acts('stock.counted', id)) - 1,
    };
  },
  'the start of a repair': async () => {
    bike = await held('TA1');
    return {
      matching: /^POST \/api\/v1\/repairs/,
      prepare: async () => {
        await browser.go(`/bench/${bike.id}`);
        await browser.find('[data-start]');
      },
      button: '[data-start]',
      says: 'main',
      done: () => acts('repair.started', bike.id),
    };
  },
  'a look asked for later': async () => {
    bike = await world.bike('TA2');
    return {
      matching: /^POST \/api\/v1\/bikes\/[^ ]+\/timed-rechecks/,
      prepare: async () => {
        await browser.go(`/bikes/${bike.id}`);
        await browser.click('[data-look-later]');
        await browser.type('[data-timed-recheck-pressure] input', '3');
      },
      button: '[data-timed-recheck-form] button[type=submit]',
      says: '[data-timed-recheck-form]',
      done: () => acts('timed-recheck.set', bike.id),
    };
  },
  'a group': () => ({
    matching: /^POST \/api\/v1\/groups/,
    prepare: async () => {
      await browser.go('/groups');
      await browser.type('[data-group-lines]', '2030-06-12 10:00-12:00 Marsh school: 2 hybrid');
      await browser.click('[data-take-lines]');
      await browser.find('[data-draft]');
    },
    button: '[data-add-groups]',
    says: 'main',
    done: () => count("outing_group WHERE name = 'Marsh school'"),
  }),
  'a person': () => ({
    matching: /^POST \/api\/v1\/people/,
    prepare: async () => {
      await browser.go('/people');
      await fill('main form', { Name: 'Wren Field', 'Sign-in name': 'wren', Code: SECRET });
    },
    button: 'main form button[type=submit]',
    says: 'main form',
    done: () => count("person WHERE name = 'Wren Field'"),
  }),
  'a bike': async () => {
    bike = await world.bike('TA3');
    return {
      matching: /^PUT \/api\/v1\/bikes\//,
      prepare: async () => {
        await browser.go(`/bikes/${bike.id}/edit`);
        await fill('main form', { 'Serial number': 'W 12-7' });
      },
      button: '[data-save]',
      says: 'main',
      done: () => acts('bike.changed', bike.id),
    };
  },
  'a checklist': () => ({
    matching: /^POST \/api\/v1\/checklists/,
    prepare: async () => {
      await browser.go('/checklists/lights/edit');
      await browser.type('[data-field=checklist-name] input', 'Lights at dusk');
      await browser.type('[data-field=publish-note] input', 'A better name');
    },
    button: '[data-publish]',
    says: 'main',
    done: () => count("checklist_version WHERE `key` = 'lights' AND version > 1"),
  }),
  'a policy': () => ({
    matching: /^POST \/api\/v1\/policy /,
    prepare: async () => {
      await browser.go('/policy');
      await browser.type('[data-policy=soonDays] input', '4');
      await browser.click('[data-preview]');
      await browser.type('[data-policy=note] input', 'Four days');
    },
    button: '[data-publish-policy]',
    says: 'main',
    done: () => count('policy_version WHERE version > 1'),
  }),
  'a used bike on offer': () => ({
    matching: /^POST \/api\/v1\/assessments/,
    prepare: async () => {
      await browser.go('/assessments');
      await browser.click('[data-add-assessment]');
      await fill('[data-open-assessment]', {
        Tag: 'TA9',
        'Make and model': 'Old hybrid',
        'Asking price': '120',
        'Value when repaired': '300',
      });
    },
    button: '[data-assessment-save]',
    says: '[data-open-assessment]',
    done: () => count("bike WHERE tag = 'TA9'"),
  }),
};

describe('a write whose answer is lost', () => {
  it.each(Object.keys(WRITES))('%s is done once, however often it is tried again', async (name) => {
    const { matching, prepare, button, says, done } = (await WRITES[name]?.()) as Write;
    await browser.signIn('lead', SECRET, '/icon.svg');
    await prepare();
    const before = proxy.dropped;
    proxy.mode = { kind: 'drop-answer', matching, left: 50 };
    await browser.click(button);
    await browser.textIs(says, 'The server does not answer');
    expect(proxy.dropped).toBeGreaterThan(before);
    // It was done all the same.
    expect(await done()).toBe(1);
    const reached = new Promise<void>((seen) => {
      proxy.mode = { kind: 'notice', matching, seen };
    });
    // Looked for and pressed in one go: what the live stream shows as done already has no button left.
    const isPressed = await browser.driver.executeScript<boolean>(
      'const button = document.querySelector(arguments[0]); button?.click(); return Boolean(button)',
      button,
    );
    if (!isPressed) return;
    await reached;
    await browser.until(
      () =>
        browser.driver.executeScript<boolean>(
          'const button = document.querySelector(arguments[0]); return (!button || !button.disabled) && !document.querySelector("main").innerText.includes("does not answer")',
          button,
        ),
      'it is still on its way',
    );
    expect(await done()).toBe(1);
  });
});
