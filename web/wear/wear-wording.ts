import type { WearSeriesTold } from '@cadre/contract/wear';
import { dayAt } from '@cadre/web/platform/time';
import { POSITION_WORDS } from '@cadre/web/words';
import { limitWords, shownValue } from '@cadre/web/measures';
import type { Outlook, WearUnit, WornMeasure } from '@cadre/core/wear';
import * as t from './messages';

export const WORN_WORDS: Record<WornMeasure, string> = {
  chain: t.chain,
  'disc-pad': t.discPads,
  'rim-pad': t.rimPads,
  rotor: t.rotor,
  'rim-track': t.rimTrack,
  'rim-wall': t.rimWall,
};
export const UNIT_WORDS: Record<WearUnit, string> = { km: t.km, days: t.days };

/** Two figures are all a forecast can bear. */
export function roughly(value: number): string {
  if (value < 10) return String(Math.round(value));
  const step = 10 ** Math.max(0, Math.floor(Math.log10(value)) - 1);
  return String(Math.round(value / step) * step);
}

export function nameOf(series: Pick<WearSeriesTold, 'measure' | 'position' | 'method'>): string {
  const where = series.position === 'only' ? '' : `, ${POSITION_WORDS[series.position]}`;
  return `${WORN_WORDS[series.measure]}${where}${series.method === 'total' ? t.withPlate : ''}`;
}

const SURE_WORDS: Record<Outlook['sure'], string> = {
  well: t.reliable,
  fairly: t.fairlyReliable,
  little: t.uncertain,
};
const BASIS_WORDS: Record<Outlook['forecast']['basis'], (readings: number) => string> = {
  own: (readings) => t.fromReadingPart({ readings }),
  shared: (readings) => t.fromReadingPartWear({ readings }),
  fleet: () => t.fromWearFleetOne,
};

/** The year stands once where both are in it. */
function dayBeside(at: number, beside: number, timeZone?: string): string {
  const year = dayAt(beside, timeZone).split(' ').at(-1) ?? '';
  return dayAt(at, timeZone).replace(new RegExp(` ${year}$`), '');
}

/** When and after how much more use the limit is reached, with how far that may be out. */
export function outlookWords(
  series: Pick<WearSeriesTold, 'measure' | 'unit' | 'limit'>,
  outlook: Outlook | null,
  timeZone?: string,
): string {
  if (!series.limit) return t.noLimitKnownFor;
  if (!outlook) return '';
  const limit = shownValue(series.measure, series.limit.value);
  const { left, when } = outlook;
  if (left.likely <= 0) return t.probablyItsLimitLimit({ limit });
  const unit = UNIT_WORDS[series.unit];
  const range = t.roughlyRoughly2({ roughly: roughly(left.least), roughly2: roughly(left.most) });
  const date = when
    ? t.likelyDateDayDayBeside({
        day: dayAt(when.likely, timeZone),
        dayBeside: dayBeside(when.least, when.likely, timeZone),
        dayBeside2: dayBeside(when.most, when.likely, timeZone),
      })
    : t.noDateNotRidden;
  const faster = outlook.forecast.isFaster ? t.wearsFasterThanBefore : '';
  return t.fasterReachesLimitIn({ faster, limit, roughly: roughly(left.likely), unit, range, date });
}

/** What the forecast rests on. */
export function sureWords(outlook: Outlook): string {
  const { basis, readings, isAtOdds } = outlook.forecast;
  const odds = isAtOdds ? t.whichDoNotAgree : '';
  return `${SURE_WORDS[outlook.sure]}, ${BASIS_WORDS[basis](readings)}${odds}`;
}

export function limitSays(series: Pick<WearSeriesTold, 'measure' | 'limit'>): string {
  return series.limit ? t.limitLimit({ limit: limitWords(series.measure, series.limit) }) : '';
}
