import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ITEM_KINDS, itemText } from '.';

const place = { writerId: 'w', counter: 7, previous: '0'.repeat(64) };

describe('the text an author signs', () => {
  it('is the same however the content was put together and sent', () => {
    expect(itemText('mark', { b: 1, a: ' cut in the tread ' }, place)).toBe(
      itemText('mark', { a: 'cut in the tread', b: 1, c: undefined }, place),
    );
    fc.assert(
      fc.property(fc.dictionary(fc.string(), fc.jsonValue()), (content) => {
        const sent = JSON.parse(JSON.stringify(content)) as object;
        expect(itemText('mark', sent, place)).toBe(itemText('mark', content, place));
      }),
    );
  });

  it('is another as soon as anything it covers is', () => {
    const texts = [
      itemText('mark', { outcome: 'pass' }, place),
      itemText('mark', { outcome: 'fail' }, place),
      ...ITEM_KINDS.filter((kind) => kind !== 'mark').map((kind) =>
        itemText(kind, { outcome: 'pass' }, place),
      ),
      itemText('mark', { outcome: 'pass' }, { ...place, counter: 8 }),
      itemText('mark', { outcome: 'pass' }, { ...place, writerId: 'v' }),
      itemText('mark', { outcome: 'pass' }, { ...place, previous: '1'.repeat(64) }),
    ];
    expect(new Set(texts).size).toBe(texts.length);
  });
});
