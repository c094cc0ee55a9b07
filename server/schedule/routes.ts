import { listGroups, addGroup, changeGroup, fetchCalendar, removeGroup } from '@cadre/contract/schedule';
import { answering, requireAct, type Implemented } from '@cadre/server/platform/http';
import { fetchCalendar as fetchFrom, type CalendarSource } from './fetch-calendar';
import type { Groups } from './service';

export interface ScheduleDeps {
  readonly groups: Groups;
  readonly calendars: CalendarSource;
}

export const scheduleRoutes = ({ groups, calendars }: ScheduleDeps): readonly Implemented[] => [
  answering(listGroups, async ({ query }, actor) => groups.list(actor, query)),
  answering(addGroup, async ({ body }, actor) => groups.add(actor, body)),
  answering(changeGroup, async ({ params, body }, actor) => groups.change(actor, params.id, body)),
  answering(removeGroup, async ({ params, body }, actor) => groups.remove(actor, params.id, body)),
  answering(fetchCalendar, async ({ body }, actor) => {
    requireAct(actor, 'edit-fleet');
    return { calendar: await fetchFrom(body.address, calendars) };
  }),
];
