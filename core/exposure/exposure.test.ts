import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { asBuilt, disturbedAt, questionsOf, TOUCHES, type Question, type Touch } from '@cadre/core/catalogue';
import { BIKE_KINDS, USUAL_BUILD, type BikeKind } from '@cadre/core/fleet';
import { causesOfFault, RIDE_OUT, RIDE_OUT_CHILDREN, SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import { DAY_MS, HOUR_MS } from '@cadre/core/time';
import { causesByWords } from '@cadre/test-world/core';
import {
  askedOf,
  checkExposure,
  everyDayOf,
  exposureOf,
  exposureSince,
  type BikeSince,
  type EarlierLook,
  type ExposureRules,
} from '.';
import type { Happening } from './happened';

const MONDAY = Date.parse('2026-05-04T07:00:00Z');
const everyDay = everyDayOf(SHIPPED_CHECKLISTS);
const RULES: ExposureRules = { causesOf: causesOfFault, everyDay, restDays: 7 };
const asked = (kind: BikeKind): readonly Question[] =>
  questionsOf(kind === 'child' ? RIDE_OUT_CHILDREN : RIDE_OUT, asBuilt(USUAL_BUILD[kind]));
const pass = (key: string, more: Partial<EarlierLook> = {}): EarlierLook => ({
  mark: { key, markId: `m ${key}`, checkId: 'monday', by: 'pia', at: MONDAY },
  ...{
    outcome: 'pass',
    way: 'station',
    state: 'signed',
    awaitsCoSign: false,
    hasty: false,
    sameQuestion: true,
  },
  ...more,
});
interface History {
  readonly happenings?: readonly Happening[];
  readonly lockedAway?: boolean;
  readonly outdoors?: boolean;
  readonly look?: Partial<EarlierLook> | null;
  readonly open?: readonly string[];
}
const since = (
  questions: readonly Question[],
  { happenings = [], lockedAway = true, outdoors = false, look = {}, open = [] }: History,
): BikeSince => ({
  happenings,
  lockedAway,
  outdoors,
  timeZone: 'Europe/London',
  looks: new Map(look ? questions.map(({ key }) => [key, pass(key, look)]) : []),
  openFindings: new Set(open),
});
/** What is said of one question of a kind of bike, so many hours after all of it passed on Monday at eight. */
function said(kind: BikeKind, key: string, hours: number, history: History = {}): string {
  const questions = asked(kind);
  const question = questions.find((each) => each.key === key);
  if (!question) throw new Error(`${kind} is not asked ${key}`);
  const exposure = exposureOf(question, since(questions, history), RULES, MONDAY + hours * HOUR_MS);
  return 'rests' in exposure
    ? 'rests'
    : [exposure.asked.code, exposure.asked.count].filter((each) => each !== undefined).join(' ');
}
const at = (hours: number): number => MONDAY + hours * HOUR_MS;
const out = (hours: number): Happening => ({ at: at(hours), what: 'outing' });
const moved = (hours: number): Happening => ({ at: at(hours), what: 'handling' });
const crash = (hours: number): Happening => ({ at: at(hours), what: 'incident' });
const rebuilt = (hours: number): Happening => ({ at: at(hours), what: 'changed' });
const work = (hours: number, touch: Touch, position: 'front' | 'rear' | 'only' = 'only'): Happening => ({
  at: at(hours),
  what: 'work',
  touched: [{ touch, position }],
});

describe('a bike that hung on its hook since all of it passed', () => {
  it.each<[what: string, BikeKind, question: string, hours: number, History, expected: string]>([
    ['the wheel is asked every day', 'hybrid', 'wheel-quick-release@front', 24, {}, 'every-day'],
    ['also an hour later', 'hybrid', 'wheel-quick-release@front', 1, {}, 'every-day'],
    ['so is the frame', 'hybrid', 'frame-whole@only', 24, {}, 'every-day'],
    ['and the stem', 'child', 'stem-tight@only', 24, {}, 'every-day'],
    ['and the tyre by gauge', 'hybrid', 'tyre-pressure@front', 24, {}, 'every-day'],
    ['and that it stops the wheel', 'hardtail', 'stops-wheel@rear', 24, {}, 'every-day'],
    ['and how far the saddle is up', 'child', 'post-depth@only', 24, {}, 'every-day'],
    // Locked away overnight: what only riding or a hand can do rests.
    ['a hub rests', 'hybrid', 'hub-play@front', 24, {}, 'rests'],
    ['spokes rest', 'hybrid', 'spokes@rear', 24, {}, 'rests'],
    ['a rim rests', 'hardtail', 'rim@front', 24, {}, 'rests'],
    ['a headset rests', 'hybrid', 'headset-play@only', 24, {}, 'rests'],
    ['cranks rest', 'child', 'crank-arms@only', 24, {}, 'rests'],
    ['pedals rest', 'hybrid', 'pedals@only', 24, {}, 'rests'],
    ['the saddle rests', 'hybrid', 'saddle-tight@only', 24, {}, 'rests'],
    ['bars rest', 'hybrid', 'bars@only', 24, {}, 'rests'],
    ['a rotor rests', 'hardtail', 'rotor@front', 24, {}, 'rests'],
    ['rim pads rest', 'child', 'rim-pads@front', 24, {}, 'rests'],
    ['a brake cable rests', 'child', 'brake-cable@front', 24, {}, 'rests'],
    ['shifting rests', 'hybrid', 'shifts@only', 24, {}, 'rests'],
    ['six days on a hub still rests', 'hybrid', 'hub-play@front', 144, {}, 'rests'],
    ['and a week on to the hour', 'hybrid', 'hub-play@front', 168, {}, 'rests'],
    ['past the week nothing does', 'hybrid', 'hub-play@front', 169, {}, 'too-old 7'],
    ['nor before its own pass', 'hybrid', 'hub-play@front', -1, {}, 'too-old 7'],
    // Air, oil and charge go by themselves.
    ['and the lever', 'hardtail', 'lever-travel@front', 24, {}, 'every-day'],
    ['a lever held after a night', 'hardtail', 'lever-hold@rear', 24, {}, 'hours 24'],
    ['and after six hours', 'hardtail', 'lever-hold@front', 6, {}, 'hours 6'],
    ['not after five', 'hardtail', 'lever-hold@front', 5, {}, 'rests'],
    ['a lever held', 'hardtail', 'lever-hold@front', 26, {}, 'hours 26'],
    ['a hose may weep', 'hardtail', 'brake-hose@rear', 14, {}, 'hours 14'],
    ['pads may be soiled by it', 'hardtail', 'disc-pads@front', 14, {}, 'hours 14'],
    ['a tyre may have left its seat', 'hybrid', 'tyre-seated@front', 12, {}, 'hours 12'],
    ['a fork may weep', 'hardtail', 'fork-whole@only', 12, {}, 'hours 12'],
    ['lamps run down', 'hybrid', 'bell-lights@only', 12, {}, 'hours 12'],
    ['a motor may cut out', 'step-through', 'motor-stops@only', 12, {}, 'hours 12'],
    ['a rear shock may weep', 'full-suspension', 'suspension-pivots@only', 12, {}, 'hours 12'],
  ])('%s: %s %s after %d h', (_what, kind, question, hours, history, expected) => {
    expect(said(kind, question, hours, history)).toBe(expected);
  });
});

describe('what happened since', () => {
  const unlocked: History = { lockedAway: false };
  it.each<[what: string, BikeKind, question: string, hours: number, History, expected: string]>([
    ['an outing', 'hybrid', 'hub-play@front', 24, { happenings: [out(2)] }, 'outing 1'],
    [
      'three outings are counted',
      'hybrid',
      'headset-play@only',
      24,
      { happenings: [out(2), out(4), out(6)] },
      'outing 3',
    ],
    ['one before the pass is not', 'hybrid', 'hub-play@front', 24, { happenings: [out(-1)] }, 'rests'],
    ['one at the very moment is', 'hybrid', 'hub-play@front', 24, { happenings: [out(0)] }, 'outing 1'],
    [
      'an outing asks what it cannot harm, where that is critical',
      'hybrid',
      'pedals@only',
      24,
      { happenings: [out(2)] },
      'outing 1',
    ],
    ['also the rack', 'hybrid', 'loads@only', 24, { happenings: [out(3)] }, 'outing 1'],
    ['a move to another hook', 'hybrid', 'spokes@front', 24, { happenings: [moved(3)] }, 'handling'],
    ['loosens no hub', 'hybrid', 'hub-play@front', 24, { happenings: [moved(3)] }, 'rests'],
    ['can bend a hanger', 'hybrid', 'hanger@only', 24, { happenings: [moved(3)] }, 'handling'],
    ['or turn the bars', 'hybrid', 'bars@only', 24, { happenings: [moved(3)] }, 'handling'],
    ['a night out of sight', 'hybrid', 'spokes@front', 24, unlocked, 'night 1'],
    ['three nights', 'hybrid', 'grips@only', 72, unlocked, 'night 3'],
    ['none on the same day', 'hybrid', 'spokes@front', 5, unlocked, 'rests'],
    ['over midnight, however short', 'hybrid', 'spokes@front', 17, unlocked, 'night 1'],
    ['does not wear a hub', 'hybrid', 'hub-play@front', 24, unlocked, 'rests'],
    ['can open a rim brake', 'child', 'rim-brake-release@front', 24, unlocked, 'night 1'],
    ['which rests behind a lock', 'child', 'rim-brake-release@front', 24, {}, 'rests'],
    ['a night outdoors', 'hybrid', 'headset-play@only', 24, { outdoors: true }, 'weather 1'],
    ['rusts a chain', 'hybrid', 'chain-joined@only', 48, { outdoors: true }, 'weather 2'],
    ['and perishes a tyre', 'hybrid', 'tyre-casing@front', 24, { outdoors: true }, 'weather 1'],
    ['but loosens no crank', 'hybrid', 'crank-arms@only', 24, { outdoors: true }, 'rests'],
    ['a crash asks everything', 'hybrid', 'hub-play@rear', 24, { happenings: [crash(3)] }, 'incident'],
    [
      'whatever else there was',
      'hybrid',
      'bell-lights@only',
      24,
      { happenings: [crash(3), out(3)] },
      'incident',
    ],
    [
      'one before the pass was looked over',
      'hybrid',
      'hub-play@rear',
      24,
      { happenings: [crash(-3)] },
      'rests',
    ],
    [
      'a changed bike is another bike',
      'hybrid',
      'hub-play@rear',
      24,
      { happenings: [rebuilt(3)] },
      'changed',
    ],
    [
      'a wheel out disturbs its rub',
      'hybrid',
      'rim@front',
      24,
      { happenings: [work(2, 'wheel-trued', 'front')] },
      'work',
    ],
    [
      'and not the other end',
      'hybrid',
      'rim@rear',
      24,
      { happenings: [work(2, 'wheel-trued', 'front')] },
      'rests',
    ],
    [
      'brake work',
      'hardtail',
      'brake-mounts@front',
      24,
      { happenings: [work(2, 'brake-work', 'front')] },
      'work',
    ],
    [
      'stem work moves the headset',
      'hybrid',
      'headset-play@only',
      24,
      { happenings: [work(2, 'stem-headset')] },
      'work',
    ],
    ['crank work', 'hybrid', 'crank-arms@only', 24, { happenings: [work(2, 'cranks-pedals')] }, 'work'],
    [
      'and not the saddle',
      'hybrid',
      'saddle-tight@only',
      24,
      { happenings: [work(2, 'cranks-pedals')] },
      'rests',
    ],
    [
      'work before the pass',
      'hybrid',
      'crank-arms@only',
      24,
      { happenings: [work(-2, 'cranks-pedals')] },
      'rests',
    ],
    ['gears set', 'hybrid', 'shifts@only', 24, { happenings: [work(2, 'gears-set')] }, 'work'],
    ['an open finding', 'hybrid', 'hub-play@front', 24, { open: ['hub-play@front'] }, 'open-finding'],
    ['not that of the other end', 'hybrid', 'hub-play@rear', 24, { open: ['hub-play@front'] }, 'rests'],
  ])('%s: %s %s', (_what, kind, question, hours, history, expected) => {
    expect(said(kind, question, hours, history)).toBe(expected);
  });
});

describe('what is rested on', () => {
  it.each<[what: string, Partial<EarlierLook> | null, expected: string]>([
    ['a pass by station', { way: 'station' }, 'rests'],
    ['one given singly', { way: 'single' }, 'rests'],
    ['one down the column of a batch', { way: 'batch' }, 'rests'],
    ['nothing keyed in from paper', { way: 'paper' }, 'from-paper'],
    ['nothing nobody looked at', null, 'no-look'],
    ['nothing put right on the spot', { outcome: 'fixed' }, 'no-pass'],
    ['no watch', { outcome: 'watch' }, 'no-pass'],
    ['no fault', { outcome: 'fail' }, 'no-pass'],
    ['nothing left out', { outcome: 'skipped' }, 'no-pass'],
    ['nothing that is not signed', { state: 'open' }, 'unsigned'],
    ['nothing from a check that was dropped', { state: 'abandoned' }, 'unsigned'],
    ['nothing of a trainee without a second name', { awaitsCoSign: true }, 'no-co-sign'],
    ['nothing given faster than a hand can look', { hasty: true }, 'hasty'],
    ['nothing asked otherwise, or of another part', { sameQuestion: false }, 'other-question'],
  ])('%s', (_what, look, expected) => {
    expect(said('hybrid', 'hub-play@front', 24, { look })).toBe(expected);
  });
  it('is told with who passed it and when', () => {
    const questions = asked('hybrid');
    const { rests } = checkExposure(questions, since(questions, {}), RULES, at(24));
    expect(rests).toContainEqual({
      ...{ key: 'hub-play@front', markId: 'm hub-play@front', checkId: 'monday', by: 'pia', at: MONDAY },
    });
  });
  it('a fault nobody stated a cause of is asked whatever happened', () => {
    const question = asked('hybrid').find((each) => each.key === 'hub-play@front') as Question;
    const [fault] = question.checkpoint.faults;
    for (const faults of [[{ ...fault, name: 'Whistles' }], [{ ...fault, key: 'own' }], []] as never[])
      expect(
        exposureOf(
          { ...question, checkpoint: { ...question.checkpoint, faults } },
          since([question], {}),
          RULES,
          at(24),
        ),
      ).toEqual({ asked: { code: 'unknown-cause' } });
  });
  it('is asked after all where something happens before the signature, and nothing asked comes to rest', () => {
    const questions = asked('hybrid');
    const rest = (history: History, hours: number) =>
      checkExposure(questions, since(questions, history), RULES, at(hours));
    const begun = rest({}, 24);
    expect(exposureSince(begun, begun)).toEqual(begun);
    const ridden = exposureSince(begun, rest({ happenings: [out(25)] }, 26));
    expect(ridden.rests).toEqual([]);
    expect(ridden.asked).toHaveLength(questions.length);
    expect(ridden.asked).toContainEqual({ key: 'hub-play@front', because: { code: 'outing', count: 1 } });
    const unlocked = rest({ lockedAway: false }, 24);
    expect(exposureSince(unlocked, begun).rests).toEqual(unlocked.rests);
  });
  it('and somebody looked at all the same is asked as any other', () => {
    const questions = asked('hybrid');
    const exposure = checkExposure(questions, since(questions, {}), RULES, at(24));
    const keys = (answered: Set<string>): number => askedOf(questions, exposure, answered).length;
    expect(keys(new Set())).toBe(exposure.asked.length);
    expect(keys(new Set(['hub-play@front']))).toBe(exposure.asked.length + 1);
    expect(askedOf(questions, null, new Set())).toBe(questions);
  });
});

describe('over every checkpoint, cause and history', () => {
  const every = SHIPPED_CHECKLISTS.filter(({ clears }) => clears).flatMap((checklist) =>
    BIKE_KINDS.flatMap((kind) => questionsOf(checklist, asBuilt(USUAL_BUILD[kind]))),
  );
  const questions = [...new Map(every.map((each) => [`${each.key} ${each.critical}`, each])).values()];
  const happening = fc.record({
    at: fc.double({ min: -48, max: 240, noNaN: true }).map(at),
    what: fc.constantFrom('outing', 'handling', 'incident', 'changed', 'work'),
    touched: fc.array(
      fc.record({ touch: fc.constantFrom(...TOUCHES), position: fc.constantFrom('front', 'rear', 'only') }),
      { maxLength: 2 },
    ),
  }) as fc.Arbitrary<Happening>;
  const history = fc.record({
    happenings: fc.array(happening, { maxLength: 3 }),
    lockedAway: fc.boolean(),
    outdoors: fc.boolean(),
  });
  const hours = fc.double({ min: 0, max: 240, noNaN: true });

  it('what could have arisen since its pass, by the words of its faults, is never left unasked', () => {
    fc.assert(
      fc.property(fc.constantFrom(...questions), history, hours, (question, given, passed) => {
        const now = at(passed);
        const happened = given.happenings.filter((each) => each.at <= now);
        const exposure = exposureOf(
          question,
          since([question], { ...given, happenings: happened }),
          RULES,
          now,
        );
        if ('asked' in exposure) return;
        const after = happened.filter((each) => each.at >= MONDAY);
        const nights = Math.floor((now + HOUR_MS) / DAY_MS) - Math.floor((MONDAY + HOUR_MS) / DAY_MS);
        const could = new Set([
          ...after.map((each) => each.what),
          ...(nights > 0 && !given.lockedAway ? ['handling'] : []),
          ...(nights > 0 && given.outdoors ? ['weather'] : []),
          ...(passed >= 6 ? ['hours'] : []),
          ...(passed >= 14 * 24 ? ['age'] : []),
        ]);
        for (const fault of question.checkpoint.faults)
          expect(
            causesByWords(fault).filter((cause) => could.has(cause)),
            `${question.key} ${fault.name}`,
          ).toEqual([]);
        expect(question.critical && could.has('outing')).toBe(false);
        expect(could.has('incident') || could.has('changed')).toBe(false);
        for (const each of after.flatMap((work) => work.touched ?? []))
          expect(disturbedAt(question.checkpoint, each)).not.toContain(question.position);
        expect(passed).toBeLessThanOrEqual(RULES.restDays * 24);
      }),
      { numRuns: 20_000 },
    );
  });
  it('whatever happens besides never lets a question rest that was asked', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...questions),
        history,
        happening,
        hours,
        (question, given, more, passed) => {
          const rests = (happenings: readonly Happening[], part: Partial<History> = {}): boolean =>
            'rests' in
            exposureOf(question, since([question], { ...given, ...part, happenings }), RULES, at(passed));
          if (!rests(given.happenings)) expect(rests([...given.happenings, more])).toBe(false);
          if (!rests(given.happenings, { lockedAway: true }))
            expect(rests(given.happenings, { lockedAway: false })).toBe(false);
        },
      ),
      { numRuns: 5_000 },
    );
  });
  it('asked and resting together are all there is, each once', () => {
    fc.assert(
      fc.property(fc.constantFrom(...BIKE_KINDS), history, hours, (kind, given, passed) => {
        const own = asked(kind);
        const { asked: now, rests } = checkExposure(own, since(own, given), RULES, at(passed));
        expect([...now, ...rests].map((each) => each.key).sort()).toEqual(own.map((each) => each.key).sort());
      }),
    );
  });
});
