import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { openAssessment } from '@cadre/contract/assessments';
import { amendCheck } from '@cadre/contract/checks';
import { mergeFindings } from '@cadre/contract/findings';
import { addRack, hangBikes } from '@cadre/contract/fleet';
import { reportIncident } from '@cadre/contract/incidents';
import { addGroup } from '@cadre/contract/schedule';
import { bikeFieldsOf, faulty } from '@cadre/test-world/builders';
import { Client, ProblemError } from '@cadre/test-world/client';
import { SECRET, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open({ web: true });
});
afterAll(() => world?.close());

/** What the server says to it; an answer of its own making fails the test at once. */
async function answered(
  method: string,
  path: string,
  body?: unknown,
  headers: Record<string, string> = {},
  as = 'lead',
): Promise<{ status: number; code: string; fields: string[] }> {
  const response = await world.as(as).raw(method, path, body, headers);
  const text = await response.text();
  expect(response.status, text).toBeLessThan(500);
  const said = (text.startsWith('{') ? JSON.parse(text) : {}) as {
    code?: string;
    fields?: { path: string }[];
  };
  return {
    status: response.status,
    code: said.code ?? '',
    fields: (said.fields ?? []).map((each) => each.path),
  };
}
/** The same of a call whose body is as agreed. */
async function refusal(call: Promise<unknown>): Promise<{ status: number; code: string; fields: string[] }> {
  const error: unknown = await call.then(
    () => null,
    (thrown: unknown) => thrown,
  );
  if (error === null) return { status: 200, code: '', fields: [] };
  if (!(error instanceof ProblemError)) throw error;
  expect(error.status, error.message).toBeLessThan(500);
  return {
    status: error.status,
    code: error.problem.code,
    fields: (error.problem.fields ?? []).map((each) => each.path),
  };
}
const HALF = 'half \ud83d';

describe('no input is the server’s fault', () => {
  it.each(['José', 'ÉÉÉ', '鳥', '😀😀'])('a sign-in name nobody can have: %s', async (signInName) => {
    const { status, code } = await answered('POST', '/api/v1/session', { signInName, secret: 'whatever-8' });
    expect([status, code]).toEqual([401, 'session.refused']);
  });

  it.each(['/bikes/%', '/%', '/stand/%ff'])('an address that cannot be read: %s', async (path) => {
    expect(await answered('GET', path)).toMatchObject({ status: 404, code: 'not-found' });
  });

  it.each(['gzip', 'br', 'deflate'])('a body packed as %s that is not', async (encoding) => {
    const broken = await answered('POST', '/api/v1/session', Buffer.from('not packed at all'), {
      'content-encoding': encoding,
      'content-type': 'application/json',
    });
    expect(broken).toMatchObject({ status: 400, code: 'body.invalid' });
  });

  it('a used bike offered under the id of one that is here', async () => {
    const bike = await world.bike('AT1');
    const fields = bikeFieldsOf('hybrid', { tag: 'AT2', siteId: world.siteId });
    const body = {
      id: newId(),
      bikeId: bike.id,
      bike: fields,
      from: '',
      asking: 1,
      worth: 2,
      at: world.clock.now,
    };
    expect(await refusal(world.as('lead').send(openAssessment, { body }))).toMatchObject({
      status: 409,
      code: 'conflict.id-reused',
    });
    expect((await world.bikeNow(bike.id)).tag).toBe('AT1');
  });

  it('bikes hung at a site that is not', async () => {
    const bike = await world.bike('AT3');
    const body = {
      id: newId(),
      siteId: newId(),
      moves: [{ bikeId: bike.id, hookId: null }],
      at: world.clock.now,
    };
    expect(await refusal(world.as('lead').send(hangBikes, { body }))).toMatchObject({
      status: 400,
      fields: ['siteId'],
    });
  });

  it('a rack taken down twice at once', async () => {
    const lead = world.as('lead');
    const rack = await lead.send(addRack, {
      body: { id: newId(), siteId: world.siteId, name: 'Twice', hooks: 2 },
    });
    const path = `/api/v1/racks/${rack.id}/remove`;
    const both = await Promise.all(
      [1, 2, 3].map(() => answered('POST', path, { id: newId() }).then(({ status }) => status)),
    );
    expect(both.sort()).toEqual([200, 404, 404]);
  });

  it('half a letter in a text, wherever it stands', async () => {
    const rack = await answered('POST', '/api/v1/racks', {
      id: newId(),
      siteId: world.siteId,
      name: HALF,
      hooks: 2,
    });
    expect(rack).toEqual({ status: 400, code: 'body.invalid', fields: ['name'] });
    const signedIn = await answered('POST', '/api/v1/session', { signInName: HALF, secret: HALF });
    expect(signedIn).toMatchObject({ status: 400, code: 'body.invalid' });
    const deep = await answered('POST', '/api/v1/racks', { id: newId(), [HALF]: [{ a: HALF }] });
    expect(deep.code).toBe('body.invalid');
  });

  it('a time no database has', async () => {
    const bike = await world.bike('AT7');
    const outAt = Date.UTC(10_000, 0, 1);
    const group = { id: newId(), siteId: world.siteId, name: 'Far', outAt, backAt: outAt + 1 };
    const wants = [{ count: 1, kind: 'child' as const, size: '' }];
    expect(await refusal(world.as('lead').send(addGroup, { body: { ...group, wants } }))).toEqual({
      status: 400,
      code: 'body.invalid',
      fields: ['outAt', 'backAt'],
    });
    const crash = { id: newId(), kind: 'crash' as const, note: '', at: outAt };
    expect(
      await refusal(world.as('lead').send(reportIncident, { params: { id: bike.id }, body: crash })),
    ).toMatchObject({ status: 400, fields: ['at'] });
  });

  it('an amendment under the id of another check', async () => {
    const { check } = await world.check(await world.bike('AT4'));
    const { check: taken } = await world.check(await world.bike('AT5'));
    const [mark] = check.marks;
    if (!mark) throw new Error('nothing was marked');
    const { id: _id, ...rest } = mark;
    const body = {
      id: newId(),
      checkId: taken.id,
      author: world.idOf('lead'),
      reason: 'again',
      marks: [{ ...rest, id: newId(), author: world.idOf('lead') }],
      at: world.clock.now,
    };
    expect(
      await refusal(world.as('lead').send(amendCheck, { params: { id: check.id }, body })),
    ).toMatchObject({ status: 409, code: 'conflict.id-reused' });
  });

  it.each([26, 400, 8000])('a rule %d deep', async (depth) => {
    const rule = '{"not":'.repeat(depth) + '{"always":true}' + '}'.repeat(depth);
    const checkpoint = `{"key":"deep","applies":${rule}}`;
    const body = `{"id":"${newId()}","checklist":{"items":[{"checkpoint":${checkpoint}}]}}`;
    for (const [method, path] of [
      ['POST', '/api/v1/checklists'],
      ['PUT', '/api/v1/checklist-drafts/ride-out'],
    ] as const)
      expect((await answered(method, path, body)).status).toBe(400);
  });

  it('a device cookie in other letters', async () => {
    const client = new Client(world.base);
    const response = await client.raw(
      'POST',
      '/api/v1/session',
      { signInName: 'lead', secret: SECRET },
      { cookie: `cadre_device=${Buffer.from('é'.repeat(36)).toString('latin1')}` },
    );
    expect(response.status).toBe(200);
  });

  it('two findings whose notes are as long as they may be, in letters of two halves, made one', async () => {
    const bike = await world.bike('AT6');
    const note = `${'x'.repeat(99)}${'😀'.repeat(50)}`;
    const twice = { ...faulty('worn'), note };
    const first = await world.check(bike, {
      exceptions: [{ checkpoint: 'tyre-casing', position: 'rear', more: twice }],
    });
    const second = await world.check(bike, {
      exceptions: [{ checkpoint: 'tyre-casing', position: 'rear', more: { ...faulty('perished'), note } }],
    });
    const [into, from] = [first.findings[0], second.findings.find((each) => each.fault === 'perished')];
    if (!into || !from) throw new Error('nothing was found');
    const body = { id: newId(), otherId: from.id, at: world.clock.now };
    expect(
      (await refusal(world.as('mechanic').send(mergeFindings, { params: { id: into.id }, body }))).status,
    ).toBe(200);
  });
});
