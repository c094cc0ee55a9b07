import type { BikeFigure } from '@cadre/core/figure';
import type { Build } from '@cadre/core/fleet';
import { FIGURE_COLOURS } from './figure-colours';
import { figureOf, signOf } from './figure-cache';

const images = new Map<string, string>();
/** Kinds of build in a few sizes and themes; past it all are made anew. */
const MOST = 1500;

function svgOf(figure: BikeFigure, colours: CSSStyleDeclaration, heavier: number): string {
  const { x, y, width, height } = figure.viewBox;
  const paths = figure.paths.map((path) => {
    const colour = colours.getPropertyValue(FIGURE_COLOURS[path.role]).trim();
    return path.width === 0
      ? `<path d="${path.d}" fill="${colour}"/>`
      : `<path d="${path.d}" fill="none" stroke="${colour}" stroke-width="${path.width * heavier}"/>`;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${x} ${y} ${width} ${height}"><g stroke-linecap="round" stroke-linejoin="round">${paths.join('')}</g></svg>`;
}

/**
 * A drawing as one picture, in the colours of the theme: a wall has hundreds of tags on screen, and a
 * picture that is drawn once and shown many times costs next to nothing where a hundred strokes each do not.
 */
export function signImage(build: Build, theme: string, detail: 'sign' | 'full'): string {
  const key = `${detail}\n${theme}\n${JSON.stringify(build)}`;
  const known = images.get(key);
  if (known) return known;
  const colours = getComputedStyle(document.documentElement);
  const svg = detail === 'sign' ? svgOf(signOf(build), colours, 1.25) : svgOf(figureOf(build), colours, 1);
  const image = `data:image/svg+xml;utf8,${encodeURIComponent(svg)}`;
  if (images.size >= MOST) images.clear();
  images.set(key, image);
  return image;
}
