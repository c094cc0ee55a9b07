import { expect, it } from 'vitest';
import { streamOf } from '@cadre/core/draws';
import { TRACES } from '@cadre/core/shipped';
import { traceState } from '@cadre/core/tracing';
import { byEngine, drawCases, expectedMinutes, inOrder, leastMinutes, walk } from './evaluate';

const EACH = TRACES.map((trace) => [trace.key, trace] as const);

it.each(EACH)(
  '%s takes little longer than the best way there is, and no longer than asking in order',
  (_key, trace) => {
    const minutes = expectedMinutes(trace, byEngine);
    expect(minutes).toBeLessThanOrEqual(expectedMinutes(trace, inOrder) + 1e-9);
    const least = leastMinutes(trace, 8_000);
    if (least !== null) expect(minutes).toBeLessThanOrEqual(1.2 * least);
  },
);

it.each(EACH)('%s comes to an end from everywhere, whatever nobody can tell', (_key, trace) => {
  const ends = new Set<string>();
  const states = walk(trace, (answers) => {
    const { state, likely } = traceState(trace, answers);
    ends.add(state);
    expect(answers.size < trace.questions.length || state !== 'asking').toBe(true);
    expect(likely).toHaveLength(trace.causes.length);
  });
  expect(states).toBeGreaterThan(trace.questions.length);
  expect(ends.has('asking') && ends.size > 1).toBe(true);
});

it.each(EACH)('%s finds nearly as much as asking everything would', (_key, trace) => {
  const draw = streamOf(7);
  for (const wrong of [0, 0.1]) {
    const { engine, everything } = drawCases(trace, 2_000, wrong, draw);
    expect(engine.right).toBeGreaterThanOrEqual(0.95 * everything.right - 0.01);
    expect(engine.minutes).toBeLessThan(everything.minutes);
  }
});
