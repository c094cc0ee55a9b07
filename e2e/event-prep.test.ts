import { afterAll, beforeAll, expect, inject, it } from 'vitest';
import { listEventPreps } from '@cadre/contract/event-prep';
import { dayAfter, siteDay } from '@cadre/core/schedule';
import { HOUR_MS } from '@cadre/core/time';
import { SECRET, World } from '../testing/world';
import { Browser } from './support/browser';
import { ServerProcess } from './support/server-process';

let world: World;
let browser: Browser | null = null;
let server: ServerProcess | null = null;
beforeAll(async () => {
  world = await World.open({ web: true, realClock: true });
});
afterAll(async () => {
  await browser?.close();
  await server?.kill();
  await world?.close();
});

/** The same program on a server whose clock stands at this moment, and people who sign in there. */
async function at(moment: number): Promise<World> {
  const { socketPath, appPassword } = inject('database');
  await server?.kill();
  server = await ServerProcess.start(
    { socketPath, password: appPassword, name: world.database.name },
    { CADRE_CLOCK: new Date(moment).toISOString() },
  );
  const ahead = moment - Date.now();
  const there = Object.create(world, {
    base: { value: `http://127.0.0.1:${server.port}` },
    clients: { value: new Map() },
    clock: {
      value: {
        get now() {
          return Date.now() + ahead;
        },
      },
    },
  }) as World;
  await there.signInAgain();
  return there;
}
const number = async (sql: string, values: string[] = []): Promise<number> =>
  Number(((await world.database.owner.query(sql, values)) as { n: string }[])[0]?.n);
async function comes(sql: string, values: string[], count: number): Promise<void> {
  for (const until = Date.now() + 60_000; (await number(sql, values)) < count;) {
    if (Date.now() > until) throw new Error(`not ${count}: ${sql}`);
    await new Promise((done) => setImmediate(done));
  }
}

it('an event is counted back; its rounds make themselves, and the tyres of the night come up with no page open', async () => {
  const bike = await world.bike('V1');
  await world.bike('V2');
  const zone = 'Europe/London';
  const day = dayAfter(siteDay(Date.now(), zone), 2);
  browser = await Browser.open(world.base);
  await browser.size('office');
  await browser.signIn('mechanic', SECRET, '/events');
  await browser.click('[data-plan-event]');
  await browser.click('[data-event-save]');
  await browser.textIs('[data-event-form]', /Enter a name/);
  await browser.type('[data-event-name]', 'Lake ride');
  await browser.driver.executeScript(
    `for (const [css, value] of arguments[0]) {
       const input = document.querySelector(css + ' input') ?? document.querySelector(css);
       input.value = value; input.dispatchEvent(new Event('input', { bubbles: true }));
     }`,
    [
      ['[data-event-day]', day],
      ['[data-event-time]', '09:30'],
    ],
  );
  await browser.textIs('[data-event-form] [data-step=order]', /late/);
  await browser.textIs('[data-event-form] [data-step=soak]', /18:00/);
  await browser.click('[data-event-save]');
  await browser.textIs('[data-event="Lake ride"]', /2 bikes/);
  await browser.go('/calendar');
  await browser.find('[data-entry="Lake ride: Set the tyres for the night"]');
  expect(await browser.complaints()).toEqual([]);
  await browser.close();
  browser = null;

  const [event] = (await world.as('desk').send(listEventPreps)).events;
  const step = (kind: string) => event?.steps.find((each) => each.step === kind);
  const roundMade = "SELECT COUNT(*) AS n FROM round WHERE id = ? AND state = 'open'";
  const evening = await at((step('soak')?.makeAt ?? 0) + HOUR_MS);
  await comes(roundMade, [step('soak')?.roundId ?? ''], 1);
  await evening.check(bike, {
    checklist: 'pressures',
    by: 'inspector',
    exceptions: (['front', 'rear'] as const).map((position) => ({
      checkpoint: 'tyre-pressure',
      position,
      more: { reading: { measure: 'tyre-window', values: [300], typed: '3', unit: 'bar' } },
    })),
  });
  await comes(
    "SELECT COUNT(*) AS n FROM entry WHERE kind = 'timed-recheck.set' AND bikeId = ?",
    [bike.id],
    2,
  );
  const morning = await at((event?.startsAt ?? 0) - 4 * HOUR_MS);
  await comes(
    "SELECT COUNT(*) AS n FROM entry WHERE kind = 'timed-recheck.raised' AND bikeId = ?",
    [bike.id],
    2,
  );
  await comes(roundMade, [step('morning')?.roundId ?? ''], 1);

  browser = await Browser.open(morning.base);
  await browser.size('tablet');
  await browser.signIn('inspector', SECRET, `/bikes/${bike.id}`);
  await browser.textIs('[data-timed-recheck=soak][data-due=true]', /Lake ride/);
});
