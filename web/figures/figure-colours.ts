import type { StrokeRole } from '@cadre/core/figure';

/** The theme's colour of each role of a drawing. */
export const FIGURE_COLOURS: Record<StrokeRole, string> = {
  tyre: '--tyre',
  rim: '--rim',
  spoke: '--spoke',
  tube: '--tube',
  thin: '--solid',
  steel: '--steel',
  cable: '--solid',
  solid: '--solid',
  soft: '--canvas',
  plate: '--plate',
};
