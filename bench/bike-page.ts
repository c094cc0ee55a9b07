import type { Driver } from 'selenium-webdriver/chrome.js';
import sharp from 'sharp';
import { v7 as newId } from 'uuid';
import { addMarks, openCheck, signCheck } from '@cadre/contract/checks';
import { getWall } from '@cadre/contract/wall';
import { asBuilt, questionsOf } from '@cadre/core/catalogue';
import type { Build } from '@cadre/core/fleet';
import { markFor } from '@cadre/test-world/builders';
import { readChecklists } from '@cadre/test-world/client';
import { Browser } from '../e2e/support/browser';
import type { Benchmark } from './best';
import { firstView, SECRET, type Stand } from './stand';

const CHECKS = 2000;
const PHOTOS = 200;
const MOST_BYTES = 1_000_000;

/** A picture as a phone's is: no flat ground, so that it is as heavy as they are. */
const picture = (): Promise<Buffer> =>
  sharp({
    create: {
      width: 1600,
      height: 1200,
      channels: 3,
      background: '#777777',
      noise: { type: 'gaussian', mean: 128, sigma: 60 },
    },
  })
    .blur(2.5)
    .jpeg({ quality: 80 })
    .toBuffer();

/** One whole check through the interface; so many more are copies of its rows, as old as they are many. */
async function liveLong(stand: Stand): Promise<string> {
  const { client, source } = stand;
  const [bike] = (await client.send(getWall)).bikes.filter((each) => each.build.kind === 'hardtail');
  if (!bike) throw new Error('no hardtail to fill');
  const checklist = (await readChecklists(client)).get('ride-out');
  if (!checklist) throw new Error('no ride-out checklist');
  const [{ id: author }] = (await source.query('SELECT id FROM person LIMIT 1')) as [{ id: string }];
  const checkId = newId();
  const at = Date.now();
  await client.send(openCheck, {
    body: { id: checkId, bikeId: bike.id, checklistHash: checklist.hash, author, at },
  });
  const marks = questionsOf(checklist.checklist, asBuilt(bike.build as Build)).map((question) =>
    markFor(question, author, at),
  );
  await client.send(addMarks, { params: { id: checkId }, body: { marks } });
  await client.send(signCheck, {
    params: { id: checkId },
    body: { id: newId(), author, markIds: marks.map((mark) => mark.id), at },
  });
  const columns = async (table: string): Promise<string[]> =>
    (
      (await source.query(
        `SELECT column_name AS name FROM information_schema.columns WHERE table_schema = DATABASE() AND table_name = ? ORDER BY ordinal_position`,
        [table],
      )) as { name: string }[]
    ).map((row) => row.name);
  const copy = async (
    table: string,
    own: Record<string, string>,
    where: string,
    values: readonly unknown[],
  ): Promise<void> => {
    const names = (await columns(table)).filter((name) => name !== 'ordinal');
    const as = names.map((name) => own[name] ?? `o.\`${name}\``);
    await source.query(
      `INSERT INTO ${table} (${names.map((name) => `\`${name}\``).join(', ')}) SELECT ${as.join(', ')} FROM ${table} o JOIN seq_1_to_${CHECKS - 1} n WHERE ${where}`,
      [...values],
    );
  };
  const older = (column: string): string => `TIMESTAMPADD(HOUR, -n.seq, o.\`${column}\`)`;
  // The same made-up id for a check in every table it stands in.
  const idOf = (what: string): string =>
    `INSERT(INSERT(INSERT(INSERT(MD5(CONCAT(${what}, n.seq)), 9, 0, '-'), 14, 0, '-'), 19, 0, '-'), 24, 0, '-')`;
  await copy(
    'bike_check',
    {
      id: idOf('o.id'),
      openedAt: older('openedAt'),
      signedAt: older('signedAt'),
      validUntil: older('validUntil'),
    },
    'o.id = ?',
    [checkId],
  );
  await copy('mark', { id: idOf('o.id'), checkId: idOf('o.checkId'), at: older('at') }, 'o.checkId = ?', [
    checkId,
  ]);
  await copy(
    'entry',
    {
      id: idOf('o.id'),
      seq: 'o.seq + n.seq * 100000',
      hash: `SHA2(${idOf('o.id')}, 256)`,
      happenedAt: older('happenedAt'),
      recordedAt: older('recordedAt'),
    },
    "o.bikeId = ? AND o.kind LIKE 'check.%'",
    [bike.id],
  );
  const photos = await Promise.all(Array.from({ length: 4 }, picture));
  for (let index = 0; index < PHOTOS; index += 1) {
    const of = {
      bikeId: bike.id,
      checkId: null,
      checkpoint: 'rim',
      position: index % 2 ? 'front' : 'rear',
      author,
      at: at - index * 60_000,
      shapes: [],
    };
    // Six a look and sitting: each of its own hour.
    const spread = { ...of, at: at - index * 3_600_000 };
    const answer = await client.raw(
      'POST',
      `/api/v1/photos/${newId()}?of=${encodeURIComponent(JSON.stringify(spread))}`,
      photos[index % photos.length],
      {
        'content-type': 'image/jpeg',
      },
    );
    if (!answer.ok) throw new Error(`a photo was refused: ${await answer.text()}`);
  }
  const count = async (sql: string): Promise<number> =>
    Number(((await source.query(sql, [bike.id])) as [{ n: string }])[0].n);
  const [checks, shots] = [
    await count("SELECT COUNT(*) AS n FROM bike_check WHERE bikeId = ? AND state = 'signed'"),
    await count('SELECT COUNT(*) AS n FROM photo WHERE bikeId = ?'),
  ];
  if (checks !== CHECKS || shots !== PHOTOS)
    throw new Error(`${checks} checks and ${shots} photos instead of ${CHECKS} and ${PHOTOS}`);
  return bike.id;
}

/** Bytes the page asked for itself, whatever they were of. */
const bytesOf = (browser: Browser): Promise<number> =>
  browser.driver.executeScript<number>(
    "return [...performance.getEntriesByType('resource'), ...performance.getEntriesByType('navigation')].reduce((sum, each) => sum + each.transferSize, 0)",
  );

export async function bikePageBenchmarks(stand: Stand): Promise<readonly Benchmark[]> {
  const bikeId = await liveLong(stand);
  const [times, photos, floors, bytes]: number[][] = [[], [], [], []];
  for (let run = 0; run < 3; run += 1) {
    // A profile of its own each time: nothing is in any cache.
    for (const [list, path, css] of [
      [times, `/bikes/${bikeId}`, '[data-entry]'],
      [photos, `/bikes/${bikeId}`, '[data-bike-photos] img'],
      [floors, '/no/such/place', 'main h1'],
    ] as const) {
      const browser = await Browser.open(stand.base, { worksOffline: true });
      try {
        await browser.size('office');
        await browser.signIn('lead', SECRET, '/icon.svg');
        await (browser.driver as Driver).sendDevToolsCommand('Network.clearBrowserCache', {});
        list?.push(await firstView(browser, path, css));
        if (list === times) {
          await browser.find('[data-bike-photos] img');
          await browser.until(
            () =>
              browser.driver.executeScript<boolean>(
                'return [...document.images].every((each) => each.complete)',
              ),
            'the photos do not come',
          );
          bytes?.push(await bytesOf(browser));
        }
      } finally {
        await browser.close();
      }
    }
  }
  const least = (list: number[] | undefined): number => Math.min(...(list ?? []));
  const sent = Math.max(...(bytes ?? [Infinity]));
  if (sent > MOST_BYTES) throw new Error(`the page of a bike sends ${sent} bytes; at most ${MOST_BYTES}`);
  const of = `${CHECKS} checks and ${PHOTOS} photos, cold (${Math.round(sent / 1000)} kB)`;
  return [
    { name: `a bike's page, ${of}`, ms: least(times), floorMs: least(floors), mostMs: 1000 },
    { name: 'its photos', ms: least(photos), floorMs: least(floors), mostMs: 1000 },
  ];
}
