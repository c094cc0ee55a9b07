import 'fake-indexeddb/auto';
import { flushPromises, mount, RouterLinkStub, type VueWrapper } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Person, Session } from '@cadre/contract/people';
import { localDb, saveValue, savedValue } from '@cadre/web/platform/local-db';
import { fetched, Refusal, type Fetched } from '../../testing/fetched';
import { field as fieldOf } from '../../testing/field';
import PeopleView from './PeopleView.vue';
import { openedHere } from './author-key';
import { rememberedNames, rememberName } from './remembered';
import SetupForm from './SetupForm.vue';
import ChangeSecret from './ChangeSecret.vue';
import OwnAccess from './OwnAccess.vue';
import SignInForm from './SignInForm.vue';
import { useSession } from './use-session';

const person = (id: string, more: Partial<Person> = {}): Person => ({
  ...{
    id,
    name: `${id[0]?.toUpperCase()}${id.slice(1)} Reed`,
    signInName: id,
    role: 'inspector',
    trainee: false,
    active: true,
  },
  ...{ competences: [], nameless: false, version: 1 },
  ...more,
});
const ann = person('ann', { role: 'lead' });
const session = (of: Person): Session => ({
  person: of,
  programName: 'Lapwing Quay',
  demo: false,
  mustChangeSecret: false,
  quick: false,
  hasPin: false,
  now: Date.now(),
});
const real = crypto;
const random = real.getRandomValues.bind(real);
const SETUP = { state: 'ready', programName: 'Lapwing Quay', demoPeople: [] };
let server: Fetched;
beforeEach(async () => {
  setActivePinia(createPinia());
  localStorage.clear();
  await localDb.things.clear();
  server = fetched({ 'GET /api/v1/setup': () => SETUP });
  // As without https: no key is opened here, and none is still being opened when the next file's test begins.
  vi.stubGlobal('crypto', { getRandomValues: random });
});
const keysOpened = (): Promise<unknown> => openedHere('nobody', 'waits for whatever is being opened');
afterEach(async () => {
  await flushPromises();
  await keysOpened();
  vi.unstubAllGlobals();
});
const sent = (at: string) => server.sent.filter((each) => each.at === at).map((each) => each.body);

describe('who is at this browser', () => {
  it('is whom the server knows, kept for when there is no signal', async () => {
    server.answers['GET /api/v1/session'] = () => session(ann);
    const here = useSession();
    await here.load();
    expect(here.person?.name).toBe('Ann Reed');
    expect(here.may('edit-program')).toBe(true);
    await vi.waitFor(async () =>
      expect(await savedValue('session')).toMatchObject({ person: { id: 'ann' } }),
    );
    await here.load();
    expect(sent('GET /api/v1/session')).toHaveLength(1);
  });
  it('is nobody when the server knows nobody: nobody may do anything', async () => {
    await saveValue('session', { person: ann, programName: '', demo: false });
    server.answers['GET /api/v1/session'] = () => new Refusal('session.required', [], 401);
    const here = useSession();
    await here.load();
    expect(here.person).toBeNull();
    expect(here.may('see')).toBe(false);
  });
  it('is the last one without signal, until the server says otherwise', async () => {
    await saveValue('session', { person: ann, programName: 'Lapwing Quay', demo: false });
    const here = useSession();
    await here.load();
    expect(here.person?.id).toBe('ann');
    await here.confirm();
    expect(here.needsSignIn).toBe(false);
    server.answers['GET /api/v1/session'] = () => new Refusal('session.required', [], 401);
    await here.confirm();
    expect(here.needsSignIn).toBe(true);
    // Who marks on meanwhile is not taken away: what is marked stays theirs.
    expect(here.person?.id).toBe('ann');
    server.answers['POST /api/v1/session'] = () => session(ann);
    await here.enter('ann', 'curlew-1');
    expect(here.needsSignIn).toBe(false);
  });
  it('leaves nothing behind when they sign out', async () => {
    server.answers['POST /api/v1/session'] = () => session(ann);
    server.answers['DELETE /api/v1/session'] = () => ({ done: true });
    const here = useSession();
    await here.enter('ann', 'curlew-1');
    await here.leave();
    expect(here.person).toBeNull();
    expect(await savedValue('session')).toBeNull();
  });
});

describe('names remembered here', () => {
  it('are the newest first, each once, eight at most, and never a code', () => {
    for (let each = 0; each < 10; each += 1) rememberName(`p${each}`, `Person ${each}`, false);
    rememberName('p5', 'Person five', false);
    expect(rememberedNames().map((each) => each.signInName)).toEqual([
      'p5',
      'p9',
      'p8',
      'p7',
      'p6',
      'p4',
      'p3',
      'p2',
    ]);
    expect(Object.keys(rememberedNames()[0] ?? {}).sort()).toEqual(['name', 'pin', 'signInName']);
  });
  it.each(['{', '7', '[null, {"name": 1}]'])('begin anew when somebody edited them into %s', (text) => {
    localStorage.setItem('cadre.people', text);
    expect(rememberedNames()).toEqual([]);
  });
});

describe('signing in', () => {
  it('is one touch and a code for somebody known here', async () => {
    rememberName('ann', 'Ann Reed', true);
    server.answers['POST /api/v1/session'] = () => session(ann);
    const view = mount(SignInForm);
    await view.get('[role=group] button').trigger('click');
    expect(view.get('[role=group] button').attributes('aria-pressed')).toBe('true');
    expect(view.findAll('label').map((each) => each.text())).toContain('PIN or code');
    await view.get('input[type=password]').setValue('curlew-1');
    await view.get('form').trigger('submit');
    await flushPromises();
    expect(sent('POST /api/v1/session')).toEqual([{ signInName: 'ann', secret: 'curlew-1' }]);
    expect(view.emitted('done')).toHaveLength(1);
  });
  it.each([
    ['session.refused', 'The name and the code do not match.'],
    ['session.throttled', 'Too many wrong codes.'],
  ])('refused by %s says so, remembers nobody and keeps what was typed', async (code, words) => {
    server.answers['POST /api/v1/session'] = () => new Refusal(code, [], 401);
    const view = mount(SignInForm);
    await view.get('input[autocomplete=username]').setValue('bob');
    await view.get('form').trigger('submit');
    await vi.waitFor(() => expect(view.get('[role=alert]').text()).toContain(words));
    expect(view.get<HTMLInputElement>('input[autocomplete=username]').element.value).toBe('bob');
    expect(rememberedNames()).toEqual([]);
    expect(view.emitted('done')).toBeUndefined();
  });
});

describe('a PIN', () => {
  it('is set with the code, said, and remembered for the next sign-in; a wrong form is told', async () => {
    useSession().take(session(ann));
    server.answers['POST /api/v1/session/pin'] = () =>
      new Refusal('body.invalid', [{ path: 'pin', code: 'invalid_format' }], 400);
    const view = mount(OwnAccess);
    await view.get('[data-own-pin]').trigger('click');
    await view.get('[data-new-pin] input, input[data-new-pin]').setValue('12');
    await view.get('[data-pin-code] input, input[data-pin-code]').setValue('curlew-1');
    await view.get('[data-set-pin]').trigger('submit');
    await flushPromises();
    expect(view.get('[data-set-pin]').text()).toContain('4 to 6 digits');
    server.answers['POST /api/v1/session/pin'] = () => ({ ...session(ann), hasPin: true });
    await view.get('[data-new-pin] input, input[data-new-pin]').setValue('4711');
    await view.get('[data-set-pin]').trigger('submit');
    await flushPromises();
    expect(sent('POST /api/v1/session/pin')).toMatchObject([
      { pin: '12' },
      { pin: '4711', current: 'curlew-1' },
    ]);
    expect(view.get('[role=status]').text()).toBe('Your PIN is set for this device.');
    expect(rememberedNames()[0]).toMatchObject({ signInName: 'ann', pin: true });
    expect(JSON.stringify(localStorage)).not.toContain('4711');
  });
  it('opens no key, says what it is not enough for, and can be taken away', async () => {
    server.answers['POST /api/v1/session'] = () => ({ ...session(ann), quick: true, hasPin: true });
    vi.stubGlobal('crypto', real);
    await useSession().enter('ann', '4711');
    await flushPromises();
    await keysOpened();
    expect(sent('POST /api/v1/session/writer')).toEqual([]);
    const view = mount(OwnAccess);
    expect(view.text()).toContain('sign in with your code');
    server.answers['POST /api/v1/session/pin/remove'] = () => session(ann);
    await view.get('[data-remove-pin]').trigger('click');
    await flushPromises();
    expect(view.get('[role=status]').text()).toBe('Your PIN is removed from this device.');
    expect(rememberedNames()[0]).toMatchObject({ pin: false });
  });
});

describe('one’s own code', () => {
  const fill = async (view: VueWrapper, values: Readonly<Record<string, string>>): Promise<void> => {
    for (const [name, value] of Object.entries(values))
      await view.get(`[data-${name}] input`).setValue(value);
    await view.get('form[data-change-secret]').trigger('submit');
    await flushPromises();
  };

  it('is chosen at once after signing in with one from the lead', async () => {
    server.answers['POST /api/v1/session'] = () => ({ ...session(ann), mustChangeSecret: true });
    server.answers['POST /api/v1/session/secret'] = () => session(ann);
    const view = mount(SignInForm);
    await view.get('input[autocomplete=username]').setValue('ann');
    await view.get('input[type=password]').setValue('once-only');
    await view.get('form').trigger('submit');
    await flushPromises();
    expect(view.emitted('done')).toBeUndefined();
    await fill(view, { 'new-secret': 'plover-12', 'new-secret-again': 'plover-1' });
    expect(view.text()).toContain('This is not the same code.');
    expect(sent('POST /api/v1/session/secret')).toEqual([]);
    await fill(view, { 'new-secret-again': 'plover-12' });
    expect(sent('POST /api/v1/session/secret')).toMatchObject([
      { current: 'once-only', secret: 'plover-12' },
    ]);
    expect(view.emitted('done')).toHaveLength(1);
  });

  it('wrong as it is now says so at that field, and keeps what was typed', async () => {
    server.answers['POST /api/v1/session/secret'] = () =>
      new Refusal('session.current-secret-wrong', [{ path: 'current', code: 'wrong' }], 403);
    const view = mount(ChangeSecret);
    await fill(view, {
      'present-secret': 'not-it-at-all',
      'new-secret': 'plover-12',
      'new-secret-again': 'plover-12',
    });
    expect(view.get('[data-present-secret] input').attributes('aria-invalid')).toBe('true');
    expect(view.text()).toContain('This is not your current code.');
    expect(view.get<HTMLInputElement>('[data-new-secret] input').element.value).toBe('plover-12');
  });

  it('and every device signed out: nobody is here any more', async () => {
    useSession().take(session(ann));
    server.answers['POST /api/v1/session/end-all'] = () => ({ done: true });
    const view = mount(OwnAccess);
    await view.get('[data-end-all]').trigger('click');
    await flushPromises();
    expect(sent('POST /api/v1/session/end-all')).toHaveLength(1);
    expect(view.emitted('leave')).toHaveLength(1);
  });
});

it('a program is set up once: a field that is wrong is named, nothing typed is lost, and it is sent under one id', async () => {
  server.answers['POST /api/v1/setup'] = () =>
    new Refusal('body.invalid', [{ path: 'timeZone', code: 'unknown-time-zone' }], 400);
  const view = mount(SetupForm);
  const inputs = view.findAll('input');
  for (const [at, value] of [
    'Quay',
    'Shed',
    'Nowhere/Here',
    '09:00',
    'Ann Reed',
    'ann',
    'curlew-1',
  ].entries())
    await inputs[at]?.setValue(value);
  await view.get('form').trigger('submit');
  await flushPromises();
  expect(view.get('input[aria-invalid=true]').element).toBe(inputs[2]?.element);
  expect(view.text()).toContain('This time zone does not exist. Try Europe/London.');
  server.answers['POST /api/v1/setup'] = () => session(ann);
  await inputs[2]?.setValue('Pacific/Auckland');
  await view.get('form').trigger('submit');
  await flushPromises();
  const [first, second] = sent('POST /api/v1/setup');
  expect(second).toEqual({ ...first, timeZone: 'Pacific/Auckland' });
  expect(view.emitted('done')).toHaveLength(1);
});

describe('the people of a program', () => {
  const bob = person('bob', {
    trainee: true,
    competences: [{ system: 'brakes', signedBy: 'ann', signedAt: Date.now() }],
  });
  let people: readonly Person[];
  beforeEach(() => {
    people = [ann, bob, person('gone', { active: false })];
    server.answers['GET /api/v1/people'] = () => ({ people });
    useSession().take(session(ann));
  });
  const shown = async () => {
    const view = mount(PeopleView, { global: { stubs: { RouterLink: RouterLinkStub } } });
    await flushPromises();
    return view;
  };

  it('stand with who has left, and nobody takes the lead from themself', async () => {
    const view = await shown();
    const rows = view.findAll('li').filter((each) => each.find('select').exists());
    expect(rows.map((each) => each.get('p').text())).toEqual([
      'Ann Reedann',
      'Bob Reedbob',
      'Gone Reed (left)gone',
    ]);
    expect(rows[0]?.get('select').attributes('disabled')).toBeDefined();
    const buttons = (row?: (typeof rows)[number]) => row?.findAll('button').map((each) => each.text());
    expect(buttons(rows[0])).toEqual(['Save data']);
    expect(buttons(rows[2])).toEqual(['Save data', 'Remove name…', 'Is back']);
  });
  it('are changed from the version shown, and shown as they stand then', async () => {
    server.answers['PUT /api/v1/people/bob'] = () =>
      (people = [ann, { ...bob, role: 'mechanic', version: 2 }]);
    const view = await shown();
    const label = view.findAll('label').find((each) => each.text() === 'Role of Bob Reed');
    const role = view.get<HTMLSelectElement>(`[id="${label?.attributes('for')}"]`);
    await role.setValue('mechanic');
    await flushPromises();
    expect(sent('PUT /api/v1/people/bob')).toMatchObject([
      { role: 'mechanic', trainee: true, active: true, version: 1 },
    ]);
    expect(role.element.value).toBe('mechanic');
  });
  it('who have left lose their name when a lead says so twice, and are not called back under none', async () => {
    server.answers['POST /api/v1/people/gone/remove-name'] = () => {
      const nameless = person('gone', { name: 'Nameless 4F2A10', active: false, nameless: true });
      people = [ann, bob, nameless];
      return nameless;
    };
    const view = await shown();
    await view.get('[data-remove-name-of=gone]').trigger('click');
    expect(sent('POST /api/v1/people/gone/remove-name')).toEqual([]);
    await view.get('[data-remove-name] button').trigger('click');
    await flushPromises();
    const row = view.findAll('li').find((each) => each.text().includes('Nameless 4F2A10'));
    expect(row?.findAll('button').map((each) => each.text())).toEqual(['Save data']);
  });
  it('one who forgot theirs gets a code for one sign-in, shown once for the lead to tell', async () => {
    server.answers['POST /api/v1/people/bob/secret'] = () => bob;
    const view = await shown();
    await view.get('[data-reset-secret=bob]').trigger('click');
    await view.get('[data-reset] input').setValue('once-only');
    await view.get('[data-reset] form').trigger('submit');
    await flushPromises();
    expect(sent('POST /api/v1/people/bob/secret')).toMatchObject([{ secret: 'once-only' }]);
    expect(view.get('[data-reset]').text()).toContain('Tell Bob Reed: once-only');
  });
  it('somebody learning is signed off system by system, each under the name of who did it', async () => {
    server.answers['PUT /api/v1/people/bob/competences/wheels'] = () => bob;
    const view = await shown();
    expect(view.get<HTMLInputElement>('[data-competence="bob:brakes"]').element.checked).toBe(true);
    expect(view.text()).toMatch(/Ann, .*\d{2}:\d{2}/);
    await view.get('[data-competence="bob:wheels"]').setValue(true);
    await flushPromises();
    expect(sent('PUT /api/v1/people/bob/competences/wheels')).toMatchObject([{ signed: true }]);
  });
  it('a new one is added, or the field named that is in the way', async () => {
    server.answers['POST /api/v1/people'] = () =>
      new Refusal('body.invalid', [{ path: 'secret', code: 'too_small', params: { minimum: 6 } }], 400);
    const view = await shown();
    const field = (label: string) => fieldOf(view, label, 'form');
    await field('Name').setValue('Cid Reed');
    await field('Sign-in name').setValue('cid');
    await field('Code').setValue('123');
    await view.get('form').trigger('submit');
    await flushPromises();
    expect(field('Code').attributes('aria-invalid')).toBe('true');
    expect(view.get('form').text()).toContain('Minimum 6.');
    expect(field('Name').element.value).toBe('Cid Reed');
    server.answers['POST /api/v1/people'] = () => (people = [...people, person('cid')]);
    await field('Code').setValue('123456');
    await view.get('form').trigger('submit');
    await flushPromises();
    expect(view.text()).toContain('Cid Reed');
    expect([field('Name').element.value, field('Code').element.value]).toEqual(['', '']);
  });
});
