import { CalendarCheck, CalendarRange, Flag, PackageOpen, Hourglass, ListChecks, Users } from '@lucide/vue';
import type { CalendarKind } from '@cadre/core/calendar';
import * as t from './messages';

/** How each kind of entry is told: never by its colour alone. */
export const ENTRY_WORDS: Readonly<Record<CalendarKind, string>> = {
  group: t.group,
  round: t.round,
  event: t.event,
  campaign: t.campaign,
  delivery: t.delivery,
  service: t.service,
  recheck: t.recheck,
};
export const ENTRY_ICONS = {
  group: Users,
  round: ListChecks,
  event: Flag,
  campaign: CalendarRange,
  delivery: PackageOpen,
  service: CalendarCheck,
  recheck: Hourglass,
} as const satisfies Readonly<Record<CalendarKind, unknown>>;
export const KINDS_SHOWN: readonly { readonly value: CalendarKind | 'all'; readonly label: string }[] = [
  { value: 'all', label: t.everything },
  { value: 'group', label: t.groups },
  { value: 'round', label: t.rounds },
  { value: 'event', label: t.events },
  { value: 'campaign', label: t.campaigns },
  { value: 'delivery', label: t.deliveries },
  { value: 'service', label: t.services },
  { value: 'recheck', label: t.rechecks },
];
