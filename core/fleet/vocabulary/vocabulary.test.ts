import { describe, expect, it } from 'vitest';
import {
  accessoriesIn,
  BUILD_WORDS,
  indexFor,
  searchBikes,
  sizeKey,
  sprocketsIn,
  tokensOf,
  wordFor,
  type BuildWord,
} from '..';

describe('free words of a build', () => {
  it.each([
    ['brakeFront', 'hydro disc', 'hydraulic-disc'],
    ['brakeRear', 'Hydraulic', 'hydraulic-disc'],
    ['brakeFront', 'v-brake', 'rim'],
    ['brakeFront', 'V brakes', 'rim'],
    ['brakeFront', 'mech disc', 'cable-disc'],
    ['brakeRear', 'back-pedal', 'coaster'],
    ['brakeRear', 'cantilever', 'rim'],
    ['kind', 'kids bike', 'child'],
    ['kind', 'MTB', 'hardtail'],
    ['kind', 'long john', 'cargo'],
    ['retentionFront', '15x110 bolt thru', 'thru-axle'],
    ['retentionRear', 'QR', 'quick-release'],
    ['tyreFront', 'TLR', 'tubeless'],
    ['wheelSizeFront', '27,5"', '27.5'],
    ['wheelSizeFront', '650b', '27.5'],
    ['wheelSizeRear', '700c', '28'],
    ['wheelSizeRear', '24 inch', '24'],
    ['frameMaterial', 'Cr-Mo', 'steel'],
    ['fork', '100 mm', 'suspension'],
    ['gears', '3x8', 'derailleur'],
    ['headset', 'quill', 'threaded'],
  ] as const)('%s “%s” is %s', (field, text, word) => {
    expect(wordFor(field, text)?.word).toBe(word);
  });

  it('knows every word it writes itself, for certain', () => {
    for (const field of Object.keys(BUILD_WORDS) as BuildWord[])
      for (const word of BUILD_WORDS[field])
        expect(wordFor(field, word), `${field} ${word}`).toEqual({ word, sure: true });
  });

  it('proposes, but does not take, what is not certain', () => {
    expect(wordFor('brakeFront', 'disc')).toEqual({ word: 'hydraulic-disc', sure: false });
    expect(wordFor('brakeFront', 'hydraulic rim')).toMatchObject({ sure: false });
    expect(wordFor('kind', 'penny farthing')).toBeNull();
    expect(wordFor('kind', '  ')).toBeNull();
  });

  it.each([
    ['10sp', '10', true],
    ['3 x 8', '8', true],
    ['8-speed', '8', true],
    ['single', '1', false],
    ['7 hub', '7', false],
  ])('counts the sprockets of “%s”', (text, word, sure) => {
    expect(sprocketsIn(text)).toEqual({ word, sure });
  });
  it.each(['none', '24', '0', ''])('counts none in “%s”', (text) => expect(sprocketsIn(text)).toBeNull());

  it('reads a list of accessories and names what is none', () => {
    expect(accessoriesIn('Bell; mud-guards and a kick stand, hoverboard')).toEqual({
      found: ['mudguards', 'bell'],
      unknown: ['a kick stand', 'hoverboard'],
    });
    expect(accessoriesIn('none')).toEqual({ found: [], unknown: [] });
  });
});

describe('finding bikes', () => {
  const bikes = [
    {
      ...indexFor({
        tag: 'Q01',
        size: '24 in',
        words: ['Held', 'in', 'Child’s bike', 'Dunlin 24', 'Boathouse', 'Slip rail'],
      }),
      id: 1,
    },
    {
      ...indexFor({
        tag: 'Q02',
        size: '20 in',
        words: ['Cleared', 'in', 'Child’s bike', 'Dunlin 20', 'Boathouse', 'Slip rail'],
      }),
      id: 2,
    },
    {
      ...indexFor({
        tag: 'H01',
        size: 'M',
        words: ['Held', 'on the bench', 'Hardtail', 'Saltmarsh 29', 'Hill hut', 'Hut rail'],
      }),
      id: 3,
    },
  ];
  it.each([
    ['held 24in boathouse', [1], []],
    ['held 24 in boathouse', [1], []],
    ['held', [1, 3], []],
    ['q0', [1, 2], []],
    ['m', [3], []],
    ['bench', [3], []],
    ['hill hardtail', [3], []],
    ['held flamingo', [], ['flamingo']],
    ['', [1, 2, 3], []],
  ] as const)('“%s”', (text, ids, unknown) => {
    const result = searchBikes(bikes, text);
    expect(result.found.map((bike) => bike.id)).toEqual(ids);
    expect(result.unknown).toEqual(unknown);
  });
  it('knows sizes written alike', () => {
    expect(new Set(['24 in', '24"', '24-inch', '24″', '24in', ' 24 '].map(sizeKey))).toEqual(new Set(['24']));
    expect(tokensOf('Held 24 in, Boathouse')).toEqual(['held', '24in', 'boathouse']);
  });
});
