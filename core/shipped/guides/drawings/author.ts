import type { DrawnLabel, DrawnPath, DrawnRole } from '@cadre/core/guides';

type At = readonly [x: number, y: number];

export const path = (as: DrawnRole, d: string): DrawnPath => ({ as, d });

export const box = (as: DrawnRole, [x, y]: At, width: number, height: number, round = 0): DrawnPath =>
  path(
    as,
    round === 0
      ? `M${x} ${y}h${width}v${height}h${-width}Z`
      : `M${x + round} ${y}h${width - 2 * round}q${round} 0 ${round} ${round}v${height - 2 * round}q0 ${round} ${-round} ${round}h${2 * round - width}q${-round} 0 ${-round} ${-round}v${2 * round - height}q0 ${-round} ${round} ${-round}Z`,
  );

export const ring = (as: DrawnRole, [x, y]: At, r: number): DrawnPath =>
  path(as, `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`);

/** A bolt head from the front. */
export const hex = (as: DrawnRole, [x, y]: At, r: number): DrawnPath =>
  path(
    as,
    `${[0, 1, 2, 3, 4, 5]
      .map((side) => {
        const turn = (side * Math.PI) / 3;
        return `${side ? 'L' : 'M'}${(x + r * Math.cos(turn)).toFixed(1)} ${(y + r * Math.sin(turn)).toFixed(1)}`;
      })
      .join('')}Z`,
  );

/** A straight arrow with its head at the end. */
export function arrow([x, y]: At, [toX, toY]: At): DrawnPath {
  const turn = Math.atan2(toY - y, toX - x);
  const wing = (by: number): string =>
    `${(toX - 9 * Math.cos(turn + by)).toFixed(1)} ${(toY - 9 * Math.sin(turn + by)).toFixed(1)}`;
  return path('move', `M${x} ${y}L${toX} ${toY}M${wing(0.5)}L${toX} ${toY}L${wing(-0.5)}`);
}

/** A name written to the right of where it begins. */
export const named = (text: string, at: At, to: At): DrawnLabel => ({ text, at, to, towards: 'right' });

/** A name written to the left of where it ends. */
export const namedLeft = (text: string, at: At, to: At): DrawnLabel => ({ text, at, to, towards: 'left' });
