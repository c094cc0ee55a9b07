import type { Zone } from '@cadre/core/catalogue';
import { drawBike } from '@cadre/core/figure';
import type { Build } from '@cadre/core/fleet';
import { markup, type Html } from './html';
import { PLACE_NAMES } from './words';
import * as t from '../messages';

/** Roles that say what the bike is; spokes and cables only cost bytes here. */
const LEFT_OUT: readonly string[] = ['spoke', 'cable', 'thin'];
const short = (d: string): string => d.replace(/-?\d+\.\d+/g, (each) => String(Math.round(Number(each))));

/** The bike drawn from its build; each place a link, as large as a thumb. */
export function drawing(build: Build, places: readonly Zone[], linkTo: (zone: Zone) => string): Html {
  const { viewBox, paths, anchors } = drawBike(build);
  const box = [viewBox.x, viewBox.y, viewBox.width, viewBox.height].map((each) => Math.round(each)).join(' ');
  return markup`<svg class="d" viewBox="${box}" role="group" aria-label="${t.drawingOf}">
    <g stroke="currentColor" stroke-linecap="round" opacity=".55">
      ${paths
        .filter(({ role }) => !LEFT_OUT.includes(role))
        .map(({ d, width }) =>
          width === 0
            ? markup`<path d="${short(d)}" />`
            : markup`<path d="${short(d)}" fill="none" stroke-width="${Math.round(width)}" />`,
        )}
    </g>
    ${places.map((zone) => {
      const at = anchors[zone];
      return at
        ? markup`<a href="${linkTo(zone)}" aria-label="${PLACE_NAMES[zone]}"
            ><circle
              cx="${Math.round(at.x)}"
              cy="${Math.round(at.y)}"
              r="95"
              fill="var(--a)"
              fill-opacity=".12"
              stroke="var(--a)"
              stroke-width="8"
          /></a>`
        : null;
    })}
  </svg>`;
}
