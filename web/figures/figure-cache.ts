import { drawBike, type BikeFigure } from '@cadre/core/figure';
import type { Build } from '@cadre/core/fleet';

const figures = new Map<string, BikeFigure>();
const signs = new Map<string, BikeFigure>();
/** More builds than a program has; past it the oldest go. */
const MOST = 400;

function cached(cache: Map<string, BikeFigure>, key: string, make: () => BikeFigure): BikeFigure {
  const known = cache.get(key);
  if (known) return known;
  const made = make();
  if (cache.size >= MOST) cache.delete(cache.keys().next().value ?? '');
  cache.set(key, made);
  return made;
}

/** The drawing of a build, made once: bikes of a model look alike, and a wall has thousands. */
export function figureOf(build: Build): BikeFigure {
  return cached(figures, JSON.stringify(build), () => drawBike(build));
}

/** The drawing for the small sign on a tag: no spokes, neighbouring strokes of one kind in one path, so that a wall is light. */
export function signOf(build: Build): BikeFigure {
  return cached(signs, JSON.stringify(build), () => {
    const figure = figureOf(build);
    const paths: {
      zone: BikeFigure['paths'][number]['zone'];
      role: BikeFigure['paths'][number]['role'];
      width: number;
      d: string;
    }[] = [];
    for (const path of figure.paths.filter((each) => each.role !== 'spoke')) {
      const last = paths.at(-1);
      if (last && last.role === path.role && last.width === path.width) last.d += path.d;
      else paths.push({ ...path });
    }
    return { ...figure, paths };
  });
}
