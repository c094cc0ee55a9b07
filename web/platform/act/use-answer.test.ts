import { effectScope, nextTick, ref } from 'vue';
import { describe, expect, it } from 'vitest';
import { UnreachableError } from '../api/api';
import { useAnswer, type Question } from './use-answer';

const settled = async (): Promise<void> => {
  await nextTick();
  await Promise.resolve();
  await Promise.resolve();
};

describe('an answer of the server', () => {
  it('is asked for anew when the question changes, and a late one to an earlier question is dropped', async () => {
    const asked: { of: string; answer: (text: string) => void }[] = [];
    const of = ref('a');
    const { answer } = effectScope().run(() =>
      useAnswer(
        () => [of.value],
        () => new Promise<string>((done) => asked.push({ of: of.value, answer: done })),
      ),
    ) as Question<string>;
    of.value = 'b';
    await settled();
    expect(asked.map((each) => each.of)).toEqual(['a', 'b']);
    asked[1]?.answer('of b');
    await settled();
    asked[0]?.answer('of a');
    await settled();
    expect(answer.value).toBe('of b');
  });

  it('says when there is no signal, and keeps what it had', async () => {
    const version = ref(0);
    const { answer, unreachable } = effectScope().run(() =>
      useAnswer(
        () => [version.value],
        () =>
          version.value === 1
            ? Promise.reject(new UnreachableError())
            : Promise.resolve(`version ${version.value}`),
      ),
    ) as Question<string>;
    await settled();
    version.value = 1;
    await settled();
    expect([answer.value, unreachable.value]).toEqual(['version 0', true]);
    version.value = 2;
    await settled();
    expect([answer.value, unreachable.value]).toEqual(['version 2', false]);
  });
});
