import fc from 'fast-check';
import { expect, it } from 'vitest';
import { placeOfKey, POSITIONS, questionKey } from '.';

const word = fc.stringMatching(/^[a-z0-9]([a-z0-9-]{0,20}[a-z0-9])?$/);

it('a question’s key says its checkpoint and position', () => {
  expect(questionKey({ checkpoint: 'rotor', position: 'front' })).toBe('rotor@front');
  expect(questionKey({ checkpoint: 'lever-travel', position: 'rear-second' })).toBe(
    'lever-travel@rear-second',
  );
});

it('is read back as it was written, and two questions never share one', () => {
  const place = fc.record({ checkpoint: word, position: fc.constantFrom(...POSITIONS) });
  fc.assert(
    fc.property(place, place, (one, two) => {
      expect(placeOfKey(questionKey(one))).toEqual(one);
      if (questionKey(one) === questionKey(two)) expect(one).toEqual(two);
    }),
  );
});
