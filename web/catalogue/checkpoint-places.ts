import { ZONES, type Checkpoint, type Zone } from '@cadre/core/catalogue';
import { ZONE_WORDS } from '@cadre/web/words';
import * as t from './messages';

/** Where a checkpoint may be asked, as one choice: a zone, each wheel, each brake. */
export const PLACES = [
  ...ZONES.filter((zone) => !/^(front|rear)-(wheel|brake)$/.test(zone)).map((zone) => ({
    value: zone,
    label: ZONE_WORDS[zone],
  })),
  { value: 'wheels', label: t.eachWheel },
  { value: 'brakes', label: t.eachBrake },
  ...(['front-wheel', 'rear-wheel', 'front-brake', 'rear-brake'] as const).map((zone) => ({
    value: zone,
    label: t.zoneOnly({ zone: ZONE_WORDS[zone] }),
  })),
];

export function atOf(place: string): Checkpoint['at'] {
  if (place === 'wheels') return { front: 'front-wheel', rear: 'rear-wheel' };
  if (place === 'brakes') return { front: 'front-brake', rear: 'rear-brake' };
  if (place.startsWith('front-')) return { front: place as Zone };
  return place === 'rear-wheel' || place === 'rear-brake' ? { rear: place } : { only: place as Zone };
}

export function placeOf(at: Checkpoint['at']): string {
  if (at.front && at.rear) return at.front === 'front-wheel' ? 'wheels' : 'brakes';
  return at.only ?? at.front ?? at.rear ?? 'frame';
}
