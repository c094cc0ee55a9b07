import type { ReportFault } from '@cadre/core/reports';
import type { Zone } from '@cadre/core/catalogue';
import { ZONE_WORDS } from '@cadre/web/words';
import * as t from './messages';

export const FAULT_WORDS: Record<ReportFault, string> = {
  weak: t.weak,
  rubs: t.rubs,
  loose: t.loose,
  stiff: t.stiff,
  bent: t.bent,
  cracked: t.cracked,
  flat: t.flat,
  noisy: t.noisy,
  slips: t.slips,
  'chain-off': t.chainOff,
  'shifts-badly': t.shiftsBadly,
  'too-low': t.tooLow,
  stops: t.stops,
  hot: t.hot,
  'child-seat': t.childSeat,
  'trailer-hitch': t.trailerHitch,
  light: t.light,
  bell: t.bell,
  crash: t.crashed,
  other: t.other,
};

/** "Front brake: weak", "Place unknown: crash". */
export const reportWords = (zone: Zone | null, fault: ReportFault): string =>
  t.placeAndFault({
    place: zone === null ? t.placeUnknown : ZONE_WORDS[zone],
    fault: FAULT_WORDS[fault].toLowerCase(),
  });
