import sharp from 'sharp';
import { v7 as newId } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import { makeLabels } from '@cadre/contract/labels';
import { listPhotos } from '@cadre/contract/photos';
import { takeBack } from '@cadre/contract/outings';
import { closeReport, describeReport, listReports, reportToFinding } from '@cadre/contract/reports';
import { faulty } from '@cadre/test-world/builders';
import { ZONES } from '@cadre/core/catalogue';
import { faultsAt, REPORT_LIMITS } from '@cadre/core/reports';
import { DAY_MS, MINUTE_MS } from '@cadre/core/time';
import { createServices } from '@cadre/server/app';
import { verifyReportPhotos } from './verify-photos';
import { sentOut } from '../../testing/act-helpers';
import { Client } from '@cadre/test-world/client';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

let tags = 0;
const stranger = () => new Client(world.base);
/** A bike that may go out, and the code on its label. */
async function labelled(renew = false): Promise<{ bike: Bike; code: string }> {
  const bike = await world.bike(`R${(tags += 1)}`);
  await world.check(bike);
  const body = { id: newId(), kind: 'bike' as const, subjectIds: [bike.id], renew };
  const { codes } = await world.as('mechanic').send(makeLabels, { body });
  // Each test is a stranger's own ten minutes.
  world.clock.now += REPORT_LIMITS.spanMinutes * MINUTE_MS;
  return { bike, code: codes[0]?.code ?? '' };
}
const page = async (path: string): Promise<{ status: number; text: string; bytes: number }> => {
  const answer = await stranger().raw('GET', path);
  const text = await answer.text();
  return { status: answer.status, text, bytes: Buffer.byteLength(text) };
};
interface Form {
  readonly zone?: string;
  readonly fault?: string;
  readonly ride?: string;
  readonly [field: string]: string | undefined;
}
async function report(code: string, form: Form, photo?: Buffer): Promise<{ status: number; text: string }> {
  const body = new FormData();
  for (const [name, value] of Object.entries({ id: newId(), ...form })) body.append(name, value ?? '');
  if (photo) body.append('photo', new Blob([new Uint8Array(photo)], { type: 'image/jpeg' }), 'photo.jpg');
  const answer = await fetch(`${world.base}/r/${code}/report`, { method: 'POST', body });
  return { status: answer.status, text: await answer.text() };
}
const brakes = { zone: 'front-brake', fault: 'weak', ride: 'yes' };
const reportsOf = async (bike: Bike, by = 'lead') =>
  (await world.as(by).send(listReports)).reports.filter((each) => each.bikeId === bike.id);
const fitness = async (bike: Bike) => (await world.fitness(bike.id)).fitness;

describe('the page behind a label', () => {
  it('says what the bike is and whether it may be ridden, within 30 kB, without a script, and nothing else', async () => {
    const { bike, code } = await labelled();
    const { status, text, bytes } = await page(`/r/${code}`);
    expect(status).toBe(200);
    expect(text).toContain(bike.tag);
    expect(text).toContain('Ready to ride');
    expect(bytes).toBeLessThan(30_000);
    for (const path of [
      '',
      '/help',
      '/report',
      '/report/front-brake',
      '/report/front-brake/weak',
      '/report/somewhere/crash',
    ]) {
      const each = await page(`/r/${code}${path}`);
      expect(each.status, path).toBe(200);
      expect(each.bytes, path).toBeLessThan(30_000);
      // Only the trail help runs any: two files of the server's own, nothing written into the page.
      const plain =
        path === '/help'
          ? each.text.replaceAll(/<script src="\/r\/offline\/\w+\.js" defer><\/script>/g, '')
          : each.text;
      expect(plain, path).not.toMatch(/<script|onclick|javascript:/i);
      // No id of anything, no money.
      expect(each.text.replaceAll(/name="id" value="[^"]+"/g, ''), path).not.toMatch(
        /[0-9a-f]{8}-[0-9a-f]{4}-/,
      );
      expect(each.text, path).not.toMatch(/[€$£]|EUR|USD|GBP/);
    }
  });

  it('tells nothing of people, findings or what was reported', async () => {
    const { bike, code } = await labelled();
    await world.check(bike, {
      exceptions: [
        { checkpoint: 'stops-wheel', position: 'front', more: { ...faulty('none'), note: 'Marginalia' } },
      ],
    });
    await report(code, { ...brakes, note: 'Told in confidence', name: 'Robin Pell' });
    const told = JSON.stringify(await world.bikeNow(bike.id));
    expect(told).toContain('Does not stop the wheel');
    for (const path of ['', '/help', '/report', '/report/front-brake', '/report/front-brake/weak']) {
      const { text } = await page(`/r/${code}${path}`);
      for (const secret of ['Robin', 'Pell', 'confidence', 'Marginalia', 'Does not stop', 'inspector'])
        expect(text, `${path} ${secret}`).not.toContain(secret);
    }
  });

  it('says of a bike that is due or held that it is not to be ridden, and never why', async () => {
    const bike = await world.bike('R-due');
    const body = { id: newId(), kind: 'bike' as const, subjectIds: [bike.id], renew: false };
    const { codes } = await world.as('mechanic').send(makeLabels, { body });
    expect((await page(`/r/${codes[0]?.code ?? ''}`)).text).toContain('Not checked yet');
    await world.check(bike, {
      exceptions: [{ checkpoint: 'stops-wheel', position: 'front', more: faulty('none') }],
    });
    const { text } = await page(`/r/${codes[0]?.code ?? ''}`);
    expect(text).toContain('Do not ride');
    expect(text).not.toMatch(/brake|stops/i);
  });

  it('answers unknown, ended and guessed codes alike, whatever is asked of them', async () => {
    const { bike, code } = await labelled();
    await world
      .as('mechanic')
      .send(makeLabels, { body: { id: newId(), kind: 'bike', subjectIds: [bike.id], renew: true } });
    const guessed = `${code.slice(0, 21)}${code.endsWith('A') ? 'B' : 'A'}`;
    const answers = [];
    for (const each of [code, guessed, 'x', 'AAAAAAAAAAAAAAAAAAAAAA', '..%2Fapi'])
      for (const path of ['', '/report', '/help']) answers.push(await page(`/r/${each}${path}`));
    answers.push({ ...(await report(code, brakes)), bytes: answers[0]?.bytes ?? 0 });
    expect(new Set(answers.map(({ status, text }) => `${status} ${text}`)).size).toBe(1);
    expect(answers[0]).toMatchObject({ status: 404 });
    expect(answers[0]?.text).toContain('Ask staff before you ride');
  });

  it('offers what is wrong at every place of the bike, and refuses a place it has not', async () => {
    const { code } = await labelled();
    const { text } = await page(`/r/${code}/report`);
    const places = [...text.matchAll(/report\/([a-z-]+)"/g)].map((each) => each[1]);
    expect(new Set(places).size).toBeGreaterThan(9);
    for (const zone of ZONES) expect(faultsAt(zone)).toContain('other');
    expect((await page(`/r/${code}/report/assist`)).status).toBe(404);
    expect((await page(`/r/${code}/report/front-brake/flat`)).status).toBe(404);
  });
});

describe('a rider’s report', () => {
  it('of a brake holds the bike at once, and becomes a finding: only then, and by a release, is it let out', async () => {
    const { bike, code } = await labelled();
    const { text } = await report(code, { ...brakes, note: 'Lever to the bar' });
    expect(text).toContain('Do not ride this bike any more');
    expect(await world.fitness(bike.id)).toMatchObject({ fitness: 'held', reasons: ['trouble-report'] });
    const [told] = await reportsOf(bike);
    expect(told).toMatchObject({
      zone: 'front-brake',
      fault: 'weak',
      note: 'Lever to the bar',
      by: null,
      holds: true,
    });
    const made = {
      id: newId(),
      checkpoint: 'stops-wheel',
      position: 'front' as const,
      fault: 'none',
      severity: null,
    };
    const send = (by: string) =>
      world.as(by).send(reportToFinding, {
        params: { id: told?.id ?? '' },
        body: { ...made, id: newId(), at: world.clock.now },
      });
    expect(await refusalOf(send('inspector'))).toBe('403 act.not-allowed');
    const after = await send('mechanic');
    expect(after.facts.reports).toEqual([]);
    expect(after.facts.findings).toMatchObject([
      { checkpoint: 'stops-wheel', position: 'front', words: { note: 'Lever to the bar' } },
    ]);
    expect(await fitness(bike)).toBe('held');
    expect(await refusalOf(send('mechanic'))).toBe('409 report.dealt-with');
  });

  it('is closed with a reason, by mechanic or lead, and kept with who did it', async () => {
    const { bike, code } = await labelled();
    await report(code, brakes);
    const [told] = await reportsOf(bike);
    const close = (by: string, reason: string) =>
      world.as(by).send(closeReport, {
        params: { id: told?.id ?? '' },
        body: { id: newId(), reason, at: world.clock.now },
      });
    expect(await refusalOf(close('desk', 'Fine'))).toBe('403 act.not-allowed');
    expect(await refusalOf(close('mechanic', ''))).toBe('400 body.invalid');
    await close('mechanic', 'Ridden: both brakes stop the wheel');
    expect(await fitness(bike)).toBe('cleared');
    expect(await reportsOf(bike)).toMatchObject([
      {
        state: 'closed',
        dealt: { by: world.idOf('mechanic'), reason: 'Ridden: both brakes stop the wheel' },
      },
    ]);
  });

  it('of gears lets the bike go on, and holds it where the rider cannot', async () => {
    const { bike, code } = await labelled();
    await report(code, { zone: 'drivetrain', fault: 'noisy', ride: 'yes' });
    expect(await fitness(bike)).toBe('cleared');
    await report(code, { zone: 'drivetrain', fault: 'noisy', ride: 'no' });
    expect(await fitness(bike)).toBe('held');
    // Told twice it is one.
    expect(await reportsOf(bike)).toMatchObject([{ times: 2, canRide: false, holds: true }]);
  });

  it('takes no hold off, whatever it says', async () => {
    const { bike, code } = await labelled();
    await world.check(bike, {
      exceptions: [{ checkpoint: 'stops-wheel', position: 'front', more: faulty('none') }],
    });
    const before = (await world.bikeNow(bike.id)).facts.holds;
    expect(before).toHaveLength(1);
    for (const form of [brakes, { zone: 'drivetrain', fault: 'other', ride: 'yes' }])
      await report(code, form);
    expect((await world.bikeNow(bike.id)).facts.holds).toEqual(before);
    for (const { id } of await reportsOf(bike))
      await world
        .as('lead')
        .send(closeReport, { params: { id }, body: { id: newId(), reason: 'Seen', at: world.clock.now } });
    expect((await world.bikeNow(bike.id)).facts.holds).toEqual(before);
    expect(await fitness(bike)).toBe('held');
  });

  it('sent twice is one, and a name is for the lead alone and gone after its days, while the record stays whole', async () => {
    const { bike, code } = await labelled();
    const same = { ...brakes, id: newId(), name: 'Robin Pell' };
    await report(code, same);
    await report(code, same);
    expect(await reportsOf(bike)).toMatchObject([{ times: 1, riderName: 'Robin Pell' }]);
    expect(await reportsOf(bike, 'mechanic')).toMatchObject([{ riderName: '' }]);
    const entries = await world.database.source.query<{ body: string }[]>(
      "SELECT body FROM entry WHERE kind = 'report.made'",
    );
    expect(entries.map(({ body }) => body).join()).not.toContain('Robin');
    const { reports } = createServices(world.database.source, () => world.clock.now + 31 * DAY_MS);
    expect(await reports.forgetRiders()).toBeGreaterThan(0);
    expect(await reportsOf(bike)).toMatchObject([{ riderName: '' }]);
  });

  it('comes with a photo that is encoded anew, and without one that is none or too large', async () => {
    const { bike, code } = await labelled();
    const photo = await sharp({ create: { width: 900, height: 600, channels: 3, background: '#b33' } })
      .jpeg()
      .toBuffer();
    await report(code, brakes, photo);
    const [told] = await reportsOf(bike);
    const shown = await world.as('inspector').raw('GET', `/api/v1/reports/${told?.id ?? ''}/photo`);
    const { format, width } = await sharp(Buffer.from(await shown.arrayBuffer())).metadata();
    expect([format, width]).toEqual(['jpeg', 900]);
    const made = { checkpoint: 'stops-wheel', position: 'front' as const, fault: 'weak', severity: null };
    await world.as('lead').send(reportToFinding, {
      params: { id: told?.id ?? '' },
      body: { id: newId(), ...made, at: world.clock.now },
    });
    const { photos } = await world
      .as('inspector')
      .send(listPhotos, { params: { id: bike.id }, query: { checkpoint: 'stops-wheel', position: 'front' } });
    expect(photos).toMatchObject([{ by: world.idOf('lead'), width: 900 }]);
    const junk = await report(
      code,
      { zone: 'frame', fault: 'bent', ride: 'yes' },
      Buffer.from('<script>alert(1)</script>'),
    );
    expect(junk.text).toContain('arrived without it');
    const heavy = await report(
      code,
      { zone: 'cockpit', fault: 'bent', ride: 'yes' },
      Buffer.alloc(20_000_000, 1),
    );
    expect([heavy.status, heavy.text]).toEqual([200, expect.stringContaining('arrived without it')]);
    expect(await reportsOf(bike)).toHaveLength(3);
  });

  it('has its photo held against the record: altered, removed or slipped in it shows', async () => {
    const { bike, code } = await labelled();
    const image = sharp({ create: { width: 90, height: 60, channels: 3, background: '#3b3' } });
    await report(code, brakes, await image.jpeg().toBuffer());
    const { owner, source } = world.database;
    const faults = async () => (await verifyReportPhotos(source)).faults.map((each) => each.what);
    expect(await faults()).toEqual([]);
    const [told] = await reportsOf(bike);
    await owner.query('UPDATE report_photo SET whole = CONCAT(whole, 0x00) WHERE reportId = ?', [told?.id]);
    expect(await faults()).toEqual(['the photo of its report was altered or removed']);
    await owner.query('UPDATE report_photo SET reportId = ? WHERE reportId = ?', [newId(), told?.id]);
    expect(await faults()).toEqual([
      'the photo of its report was altered or removed',
      '1 photos stand that no report names',
    ]);
  });

  it('with a script in it is text, and one in pieces is sent back', async () => {
    const { bike, code } = await labelled();
    await report(code, { ...brakes, note: '<script>alert(1)</script>', name: '"><img src=x>' });
    expect((await reportsOf(bike))[0]?.note).toBe('<script>alert(1)</script>');
    for (const wrong of [{ zone: 'nowhere' }, { fault: 'flat' }, { ride: '' }, { id: 'x' }])
      expect((await report(code, { ...brakes, ...wrong })).status).toBe(400);
    const cut = await fetch(`${world.base}/r/${code}/report`, {
      method: 'POST',
      body: 'half',
      headers: { 'content-type': 'multipart/form-data; boundary=x' },
    });
    expect(cut.status).toBe(400);
    expect(await reportsOf(bike)).toHaveLength(1);
  });

  it('over the limits, or from a machine, waits without its photo and is not lost', async () => {
    const { bike, code } = await labelled();
    const photo = await sharp({ create: { width: 60, height: 60, channels: 3, background: '#333' } })
      .jpeg()
      .toBuffer();
    for (let sent = 0; sent < REPORT_LIMITS.perTag; sent += 1)
      await report(code, { zone: 'drivetrain', fault: 'noisy', ride: 'yes' });
    const queued = await report(code, { ...brakes, note: 'Last one' }, photo);
    expect(queued.text).toMatch(/read in turn.*photo could not be taken/s);
    for (let sent = 0; sent < 40; sent += 1) await report(code, brakes);
    expect(await fitness(bike)).toBe('cleared');
    const { takeWaitingReports } = createServices(world.database.source, () => world.clock.now);
    await takeWaitingReports();
    await takeWaitingReports();
    expect(await fitness(bike)).toBe('held');
    const told = await reportsOf(bike);
    expect(told.map(({ fault, times, note, hasPhoto }) => ({ fault, times, note, hasPhoto }))).toEqual(
      expect.arrayContaining([{ fault: 'weak', times: 41, note: 'Last one', hasPhoto: false }]),
    );
    const { bike: other, code: second } = await labelled();
    await report(second, { ...brakes, website: 'http://spam.example' });
    expect(await fitness(other)).toBe('cleared');
    await takeWaitingReports();
    expect(await fitness(other)).toBe('held');
  });
});

describe('a bike that comes back with a problem', () => {
  it('is held with a report of its outing, described after; that takes no hold off', async () => {
    const bike = await sentOut(world);
    const how = {
      way: 'problem' as const,
      conditions: 'dry' as const,
      odometerKm: null,
      odometerSure: false,
      note: 'Rattles',
    };
    await world
      .as('desk')
      .send(takeBack, { body: { id: newId(), bikeIds: [bike.id], ...how, at: world.clock.now } });
    const [told] = await reportsOf(bike);
    expect(told).toMatchObject({
      zone: null,
      by: world.idOf('desk'),
      note: 'Rattles',
      outing: { groupName: '' },
    });
    const body = {
      id: newId(),
      zone: 'drivetrain' as const,
      fault: 'noisy' as const,
      canRide: true,
      note: '',
      at: world.clock.now,
    };
    await world.as('desk').send(describeReport, { params: { id: told?.id ?? '' }, body });
    expect(await reportsOf(bike)).toMatchObject([{ zone: 'drivetrain', fault: 'noisy', holds: true }]);
    expect(await fitness(bike)).toBe('held');
  });
});
