import { expect, it } from 'vitest';
import type { Question } from '@cadre/core/catalogue';
import { CHECKPOINTS } from '@cadre/core/shipped';
import { placesAsked } from './places';

const questionOf = (key: string): Question => {
  const checkpoint = CHECKPOINTS.find((each) => each.key === key);
  if (!checkpoint) throw new Error(`no checkpoint ${key}`);
  const [[position, zone] = ['only', 'frame']] = Object.entries(checkpoint.at);
  return { checkpoint, position, zone } as unknown as Question;
};

it.each([
  ['rim', true, ['left', 'right'], true],
  ['spoke-tension-left', true, [], true],
  ['wheel-thru-axle', false, [], true],
  ['hub-play', false, [], true],
  ['tyre-pressure', false, [], true],
  ['pedals', false, ['left', 'right'], true],
  ['chain-wear', false, [], true],
  ['frame-whole', false, ['left', 'right', 'drive-side', 'off-side', 'top', 'under'], true],
  ['helmet', false, [], false],
  ['transport-marks', false, ['left', 'right', 'drive-side', 'off-side', 'top', 'under'], true],
])('a fault of %s: round the wheel %s, sides %j, on the bike %s', (key, round, sides, onBike) => {
  expect(placesAsked(questionOf(key))).toEqual({ round, sides, onBike });
});

it('of a checkpoint of the program’s own may be anywhere in its zone', () => {
  const own = { ...questionOf('rim'), checkpoint: { ...questionOf('rim').checkpoint, key: 'own-valve-cap' } };
  expect(placesAsked(own)).toMatchObject({ round: true, onBike: true });
  expect(placesAsked(own).sides).toHaveLength(6);
  expect(placesAsked({ ...own, zone: 'off-bike' })).toEqual({ round: false, sides: [], onBike: false });
});

it('knows every checkpoint of the catalogue: all sides are offered only where anything can be hit', () => {
  const allSides = CHECKPOINTS.map(({ key }) => key).filter(
    (key) => placesAsked(questionOf(key)).sides.length === 6,
  );
  expect(allSides.sort()).toEqual([
    'cable-rub',
    'cage-bolts',
    'closing-pass',
    'corrosion',
    'crash-story',
    'every-fastener',
    'fasteners-felt',
    'frame-film',
    'frame-whole',
    'test-ride',
    'transport-marks',
    'washed',
    'water-in',
  ]);
});

it('asks an hour only where there is a wheel to go round', () => {
  const round = CHECKPOINTS.filter(({ key }) => placesAsked(questionOf(key)).round);
  expect(round.length).toBeGreaterThan(10);
  for (const { key, at } of round)
    expect(
      Object.values(at).every((zone) => /wheel|brake/.test(String(zone))),
      key,
    ).toBe(true);
});
