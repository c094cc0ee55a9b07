import type { Highs } from 'highs';
import type { IntegerModel } from './model';

export interface Solved {
  readonly values: readonly number[];
  readonly worth: number;
  /** Nothing can be worth more than this. */
  readonly bound: number;
  /** How far the best there could be is from this one, as a share of the bound: 0 is proven best. */
  readonly gap: number;
  /** It is the start, as nothing better was found in time. */
  readonly asStarted: boolean;
}

const WHOLE = 1e-6;

/**
 * The best choice found within so many seconds, never worse than the one it starts from. Runs without a pause: whoever needs their screen meanwhile calls it in a
 * worker.
 *
 * @param start a choice within every limit, such as a quick one
 * @param seconds more than 0
 */
export function solve(highs: Highs, model: IntegerModel, start: readonly number[], seconds: number): Solved {
  const started = model.worthOf(start);
  if (started === -Infinity) throw new Error('the start breaks a limit of its own model');
  const numCols = model.most.length;
  if (numCols === 0) return { values: [], worth: 0, bound: 0, gap: 0, asStarted: true };
  const starts = [0];
  const indices: number[] = [];
  const times: number[] = [];
  for (const { terms } of model.limits) {
    for (const term of terms) {
      indices.push(term.variable);
      times.push(term.times);
    }
    starts.push(indices.length);
  }
  const { maximize } = highs.constants.objectiveSense;
  const { integer } = highs.constants.variableType;
  const numRows = model.limits.length;
  const infinite = (value: number): number =>
    value === Infinity ? highs.infinity : value === -Infinity ? -highs.infinity : value;
  return highs.withModel(
    {
      ...{ numCols, numRows, sense: maximize, colCost: model.worth, colUpper: model.most },
      colLower: model.most.map(() => 0),
      rowLower: model.limits.map(({ least }) => infinite(least)),
      rowUpper: model.limits.map(({ most }) => infinite(most)),
      matrix: { format: 'csr', numRows, numCols, starts, indices, values: times },
      integrality: model.most.map(() => integer),
    },
    (running) => {
      running.options.set('output_flag', false);
      running.options.set('time_limit', seconds);
      running.options.set('mip_rel_gap', 1e-6);
      running.setSolution({ colValue: start as number[] });
      running.run();
      const bound = Number(running.info.get('mip_dual_bound'));
      const found = Array.from(running.getSolution().colValue, (value) =>
        Math.abs(value - Math.round(value)) < WHOLE ? Math.round(value) : value,
      );
      const worth = found.length === numCols ? model.worthOf(found) : -Infinity;
      const better = worth > started;
      const best = better ? worth : started;
      return {
        values: better ? found : start,
        worth: best,
        bound,
        gap:
          bound > 0 && Number.isFinite(bound) ? Math.max(0, (bound - best) / bound) : best >= bound ? 0 : 1,
        asStarted: !better,
      };
    },
  );
}
