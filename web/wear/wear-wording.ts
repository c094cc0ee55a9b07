import type { WearSeriesTold } from '@cadre/contract/wear';
import { dayAt } from '@cadre/web/platform/time';
import { POSITION_WORDS } from '@cadre/web/words';
import { limitWords, shownValue } from '@cadre/web/measures';
import type { Outlook, WearUnit, WornMeasure } from '@cadre/core/wear';

export const WORN_WORDS: Record<WornMeasure, string> = {
  chain: 'Chain',
  'disc-pad': 'Disc pads',
  'rim-pad': 'Rim pads',
  rotor: 'Rotor',
  'rim-track': 'Rim track',
};
export const UNIT_WORDS: Record<WearUnit, string> = { km: 'km', days: 'days' };

/** Two figures are all a forecast can bear. */
export function roughly(value: number): string {
  if (value < 10) return String(Math.round(value));
  const step = 10 ** Math.max(0, Math.floor(Math.log10(value)) - 1);
  return String(Math.round(value / step) * step);
}

export function nameOf(series: Pick<WearSeriesTold, 'measure' | 'position' | 'method'>): string {
  const where = series.position === 'only' ? '' : `, ${POSITION_WORDS[series.position]}`;
  return `${WORN_WORDS[series.measure]}${where}${series.method === 'total' ? ' with plate' : ''}`;
}

const SURE_WORDS: Record<Outlook['sure'], string> = {
  well: 'well known',
  fairly: 'fairly known',
  little: 'little known',
};
const BASIS_WORDS: Record<Outlook['forecast']['basis'], (readings: number) => string> = {
  own: (readings) => `from its own ${readings} readings`,
  shared: (readings) => `from ${readings} readings and what the fleet does`,
  fleet: () => 'from what the fleet does: one reading says where it is, not how fast it goes',
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
  if (!series.limit) return 'No limit is known here, so nothing is forecast.';
  if (!outlook) return '';
  const limit = shownValue(series.measure, series.limit.value);
  const { left, when } = outlook;
  if (left.likely <= 0) return `At its limit of ${limit} by now. Measure it.`;
  const unit = UNIT_WORDS[series.unit];
  const range = `${roughly(left.least)} to ${roughly(left.most)}`;
  const date = when
    ? `, likely ${dayAt(when.likely, timeZone)} (${dayBeside(when.least, when.likely, timeZone)} to ${dayBeside(when.most, when.likely, timeZone)})`
    : '; not ridden of late, so no date';
  const faster = outlook.forecast.isFaster
    ? 'Wearing faster than before: only the newest readings count. '
    : '';
  return `${faster}Reaches ${limit} in about ${roughly(left.likely)} ${unit} (${range})${date}.`;
}

/** What the forecast rests on. */
export function sureWords(outlook: Outlook): string {
  const { basis, readings, isAtOdds } = outlook.forecast;
  const odds = isAtOdds ? ', which do not agree' : '';
  return `${SURE_WORDS[outlook.sure]}, ${BASIS_WORDS[basis](readings)}${odds}`;
}

export function limitSays(series: Pick<WearSeriesTold, 'measure' | 'limit'>): string {
  return series.limit ? `limit ${limitWords(series.measure, series.limit)}` : '';
}
