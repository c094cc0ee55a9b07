import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CHECKPOINTS } from '@cadre/core/shipped';
import { DEFAULT_PRACTICES, practised, rewritten, type Checkpoint, type Practices } from './index';

const checkpoint = (key: string): Checkpoint => {
  const found = CHECKPOINTS.find((each) => each.key === key);
  if (!found) throw new Error(`no checkpoint ${key}`);
  return found;
};
const shaken: Practices = { ...DEFAULT_PRACTICES, sealantLook: 'shake' };
const sealant = checkpoint('sealant');

describe('a checkpoint that was written anew', () => {
  it('says what was written, whatever is chosen, and follows the practice in what was left', () => {
    const own = rewritten(sealant, { ...sealant, how: 'Ask Tomas.' });
    expect(practised(own, shaken)).toMatchObject({ how: 'Ask Tomas.', minutes: 0.7 });
    expect(practised(sealant, shaken).how).toMatch(/beside your ear/);
  });
  it('keeps what the practice does where nothing it changes was written', () =>
    expect(rewritten(sealant, { ...sealant, name: 'Tyre milk' })).toEqual({ ...sealant, name: 'Tyre milk' }));
  it('keeps a fault as written', () => {
    const spokes = checkpoint('spokes');
    const own = rewritten(spokes, {
      ...spokes,
      faults: spokes.faults.map((fault) =>
        fault.key === 'slack' ? { ...fault, doNext: 'Ring the bell.' } : fault,
      ),
    });
    expect(practised(own, { ...DEFAULT_PRACTICES, looseSpoke: 'nip' }).faults).toEqual(own.faults);
  });
  it('without what a practice changes has no practice', () =>
    expect(
      rewritten(sealant, { ...sealant, how: 'a', passWhen: 'b', tools: ['c'], minutes: 9 }).byPractice,
    ).toBeUndefined());
  it('is never said otherwise than written, on any field', () => {
    const changing = CHECKPOINTS.filter((each) => each.byPractice);
    fc.assert(
      fc.property(
        fc.constantFrom(...changing),
        fc.record({
          how: fc.string(),
          passWhen: fc.string(),
          tools: fc.array(fc.string()),
          minutes: fc.nat(),
        }),
        (before, text) => {
          const own = rewritten(before, { ...before, ...text });
          for (const change of before.byPractice ?? []) {
            const put = practised(own, { ...DEFAULT_PRACTICES, [change.practice]: change.side } as Practices);
            for (const field of ['how', 'passWhen', 'tools', 'minutes'] as const)
              if (JSON.stringify(text[field]) !== JSON.stringify(before[field]))
                expect(put[field]).toEqual(text[field]);
          }
        },
      ),
    );
  });
});
