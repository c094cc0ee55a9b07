import type { Ref } from 'vue';
import { useKeys } from '@cadre/web/platform/keys';
import type { StandCheck } from './use-stand-check';
import * as t from './messages';

/** The stand without a mouse: every act there has a key. */
export function useStandKeys(
  { stand, howShown, isSingle, sign }: StandCheck,
  over: Ref<'left' | 'leave' | null>,
  leave: () => void,
): void {
  const { at, open, signing, current, left } = stand;
  function act(): void {
    const question = current.value;
    if (signing.value) void sign();
    else if (question && isSingle(question) && left.value.some((each) => each.key === question.key))
      void stand.pass(question);
    else void stand.sweep();
  }
  useKeys(
    () => ({
      ' ': act,
      Enter: act,
      ArrowDown: () => stand.step(1),
      ArrowUp: () => stand.step(-1),
      ArrowRight: () => stand.goTo(at.value + 1),
      ArrowLeft: () => stand.goTo(at.value - 1),
      f: () => {
        open.value = open.value ? null : (current.value?.key ?? null);
      },
      u: () => void stand.undo(),
      h: () => {
        howShown.value = !howShown.value;
      },
      l: () => {
        over.value = over.value === 'left' ? null : 'left';
      },
      r: () => stand.goBack(),
      Escape: () => (over.value ? (over.value = null) : leave()),
    }),
    [
      { keys: 'Space', does: t.passRowsInSight },
      { keys: '↑ ↓', does: t.nextPreviousRow },
      { keys: '← →', does: t.nextPreviousStation },
      { keys: 'F', does: t.problemOpenRow },
      { keys: 'U', does: t.undo },
      { keys: 'H', does: t.instructions },
      { keys: 'L', does: t.showWhatLeftR },
    ],
  );
}
