import { toJSONSchema } from 'zod';
import { describe, expect, it } from 'vitest';
import { policyVersion, checklistVersion } from '@cadre/contract/catalogue/schemas';
import { finding } from '@cadre/contract/findings/schemas';
import { fitnessFacts } from '@cadre/contract/fitness/schemas';
import { bikeFields, build } from '@cadre/contract/fleet/schemas';
import { addPerson } from '@cadre/contract/people/schemas';
import { setUp } from '@cadre/contract/setup/schemas';
import { ROUTES } from '@cadre/contract/routes';
import { DEFAULT_POLICY } from '@cadre/core/catalogue';
import { BIKE_KINDS, USUAL_BUILD } from '@cadre/core/fleet';
import { NO_FACTS } from '@cadre/core/fitness';
import { SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import { findingLike } from '@cadre/test-world/core';
import { bikeFieldsOf } from '@cadre/test-world/builders';

const SITE = '01900000-0000-7000-8000-000000000001';

describe('the contract', () => {
  it('carries what core has through unchanged', () => {
    for (const kind of BIKE_KINDS) expect(build.parse(USUAL_BUILD[kind])).toEqual(USUAL_BUILD[kind]);
    const found = findingLike({ id: SITE, openedBy: SITE });
    expect(finding.parse(found)).toEqual(found);
    expect(fitnessFacts.parse(NO_FACTS)).toEqual(NO_FACTS);
    expect(policyVersion.parse(DEFAULT_POLICY)).toEqual(DEFAULT_POLICY);
  });

  it('carries every shipped checklist through unchanged', () => {
    for (const checklist of SHIPPED_CHECKLISTS)
      expect(checklistVersion.parse(JSON.parse(JSON.stringify(checklist)))).toEqual(
        JSON.parse(JSON.stringify(checklist)),
      );
  });

  it('names every route once, by name and by address', () => {
    expect(new Set(ROUTES.map((route) => route.name)).size).toBe(ROUTES.length);
    expect(new Set(ROUTES.map((route) => `${route.method} ${route.path}`)).size).toBe(ROUTES.length);
    for (const route of ROUTES) {
      expect(route.path).toMatch(/^\/api\//);
      expect(route.path.includes(':'), route.name).toBe(route.messages.params !== undefined);
      if (route.method === 'GET') expect(route.messages.body, route.name).toBeUndefined();
    }
  });

  it('gives every writing route that is not a setting an id of its own', () => {
    const without = ROUTES.filter(
      (route) => ['POST'].includes(route.method) && route.act !== 'public',
    ).filter((route) => {
      // A picture is its own body: its id stands in the address.
      if (!route.messages.body) return !route.path.endsWith('/:id');
      const schema = toJSONSchema(route.messages.body as never, { unrepresentable: 'any', io: 'input' }) as {
        properties?: Record<string, unknown>;
      };
      return !schema.properties || !('id' in schema.properties);
    });
    // Marks carry an id each; a preview, the search of checks and a calendar that is fetched write nothing.
    expect(without.map((route) => route.name).sort()).toEqual([
      'checks.find',
      'checks.mark',
      'groups.fetch-calendar',
      'policy.preview',
    ]);
  });
});

describe('what people type', () => {
  const fields = bikeFieldsOf('hybrid', { tag: 'Q1', siteId: SITE });
  it.each([
    ['a tag in small letters is made large', { ...fields, tag: ' q12 ' }, 'Q12'],
    ['a tag with a dash', { ...fields, tag: 'LQ-7' }, 'LQ-7'],
  ])('%s', (_name, input, tag) => {
    expect(bikeFields.parse(input).tag).toBe(tag);
  });

  it.each([
    ['an empty tag', { ...fields, tag: ' ' }, 'tag'],
    ['a tag with spaces inside', { ...fields, tag: 'Q 1' }, 'tag'],
    ['a tag too long', { ...fields, tag: 'Q123456789012' }, 'tag'],
    ['no model', { ...fields, model: '' }, 'model'],
    ['a site that is no id', { ...fields, siteId: 'here' }, 'siteId'],
    ['half a sprocket', { ...fields, build: { ...fields.build, sprockets: 7.5 } }, 'build.sprockets'],
    [
      'a brake nobody makes',
      { ...fields, build: { ...fields.build, brakeFront: 'anchor' } },
      'build.brakeFront',
    ],
  ])('%s is refused by its field', (_name, input, path) => {
    const result = bikeFields.safeParse(input);
    expect(result.success ? [] : result.error.issues.map((issue) => issue.path.join('.'))).toEqual([path]);
  });

  it.each([
    [{ secret: '1234567' }, 'secret'],
    [{ signInName: 'A B' }, 'signInName'],
    [{ opensAt: '25:00' }, 'opensAt'],
    [{ programName: '' }, 'programName'],
  ])('a setup with %o is refused by its field', (wrong, path) => {
    const whole = {
      id: SITE,
      programName: 'p',
      siteName: 's',
      timeZone: 'Europe/London',
      opensAt: '09:00',
      leadName: 'l',
      signInName: 'lead',
      secret: '12345678',
    };
    const result = setUp.body.safeParse({ ...whole, ...wrong });
    expect(result.success === false && result.error.issues.map((issue) => issue.path.join('.'))).toEqual([
      path,
    ]);
    expect(setUp.body.safeParse(whole).success).toBe(true);
  });

  it('keeps a secret as typed, spaces and all', () => {
    expect(
      addPerson.body.parse({
        id: SITE,
        name: 'n',
        signInName: 'NN',
        role: 'desk',
        trainee: false,
        secret: ' six ab ',
      }),
    ).toMatchObject({
      secret: ' six ab ',
      signInName: 'nn',
    });
  });
});
