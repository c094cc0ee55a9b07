import type { Reading } from '@cadre/core/checks';
import { isMeasure, judgeReading, type MeasuredOn, type Verdict } from '@cadre/core/measures';

export interface ReadingEffect {
  readonly before: Verdict;
  readonly after: Verdict;
}

/** What other limits make of a reading already taken, or null when they leave what it says and asks for as it is. It changes no record: it tells whom to look at. */
export function readingEffect(reading: Reading, from: MeasuredOn, to: MeasuredOn): ReadingEffect | null {
  const { measure, method, values } = reading;
  if (!isMeasure(measure)) return null;
  const worst = (on: MeasuredOn): Verdict | null => {
    const judged = judgeReading({ measure, method, values }, on);
    return judged.ok ? (judged.value[0] ?? null) : null;
  };
  const [before, after] = [worst(from), worst(to)];
  if (!before || !after) return null;
  return before.outcome === after.outcome && before.becomes === after.becomes && before.next === after.next
    ? null
    : { before, after };
}
