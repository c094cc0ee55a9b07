import { readNumber } from '@cadre/core/measures';
import { nearestOf } from '@cadre/core/spelling';
import { rackKey, type Known } from './known';
import type { ImportAnswers, RowIssue } from './planned';
import type { FleetBike } from './document';

export interface Placed {
  readonly site: string;
  readonly rack: string;
  readonly hook: number | null;
}

interface Where extends Pick<ImportAnswers, 'makePlaces' | 'site'> {
  readonly fleet: Known;
  readonly before: FleetBike | null;
}

const MOST_HOOKS = 200;

/** "Slip rail 4" is a rack and a hook when the list has no column of hooks. */
function split(rack: string, hook: string): { rack: string; hook: string } {
  const match = hook === '' ? /^(.*\D)[\s,#-]+(?:hook\s*)?(\d{1,3})$/i.exec(rack) : null;
  return match
    ? { rack: (match[1] ?? '').replace(/[\s,]*(hook)?[\s,]*$/i, ''), hook: match[2] ?? '' }
    : { rack, hook };
}

/** Where a row says its bike hangs. Names are known whatever their capitals; an unknown one is told with the nearest known. */
export function readPlace(
  said: { readonly site: string; readonly rack: string; readonly hook: string },
  where: Where,
  issues: RowIssue[],
): Placed {
  const { fleet, before } = where;
  const siteSaid = said.site || before?.site || where.site;
  const site = fleet.spell('site', siteSaid);
  const near = fleet.siteNames.includes(site) ? null : nearestOf(site, fleet.siteNames);
  // A slip in a site's name makes no second site: who really has two so alike adds the site by hand.
  if (site === '' || near || (!fleet.siteNames.includes(site) && !where.makePlaces))
    issues.push({ column: 'site', code: 'site-unknown', value: site, correction: near });
  if (said.rack === '' && said.hook === '')
    return {
      site,
      rack: before && before.site === site ? before.rack : '',
      hook: before && before.site === site ? before.hook : null,
    };
  const parts = fleet.racks.has(rackKey(site, said.rack)) ? said : split(said.rack, said.hook);
  const here = [...fleet.racks.values()].filter((rack) => rack.site === site);
  const rackSaid = parts.rack || before?.rack || '';
  const rack = fleet.spell('rack', rackSaid, site);
  const known = fleet.racks.get(rackKey(site, rack));
  if (rack === '' || rack.length > 40 || (!known && !where.makePlaces)) {
    issues.push({
      column: 'rack',
      code: 'rack-unknown',
      value: rack,
      correction: nearestOf(
        rack,
        here.map((each) => each.name),
      ),
    });
    return { site, rack, hook: null };
  }
  if (parts.hook === '') return { site, rack, hook: null };
  const hook = readNumber(parts.hook.replace(/^(hook|peg|bay|no\.?|#)\s*/i, ''));
  const most = where.makePlaces ? MOST_HOOKS : (known?.hooks ?? MOST_HOOKS);
  if (hook === null || !Number.isInteger(hook) || hook < 1 || hook > most) {
    issues.push({ column: 'hook', code: 'hook-unknown', value: parts.hook, correction: `1–${most}` });
    return { site, rack, hook: null };
  }
  return { site, rack, hook };
}
