import type { Measured } from '@cadre/core/measures';

/** The value of an answer that must be one. */
export function valueOf<T>(answer: Measured<T>): T {
  if (!answer.ok) throw new Error(`refused: ${JSON.stringify(answer.issues)}`);
  return answer.value;
}

/** The fields a refused answer names, in order. */
export function wrongFields(answer: Measured<unknown>): readonly string[] {
  if (answer.ok) throw new Error(`not refused: ${JSON.stringify(answer.value)}`);
  return answer.issues.map((each) => each.path);
}
