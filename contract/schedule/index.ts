import type { Group as CoreGroup } from '@cadre/core/schedule';
import { route, type Versioned } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type Group = Versioned<CoreGroup>;

export const listGroups = route<typeof schemas.listGroups>({
  name: 'groups.list',
  method: 'GET',
  path: '/api/v1/groups',
  act: 'see',
});

export const addGroup = route<typeof schemas.addGroup>({
  name: 'groups.add',
  method: 'POST',
  path: '/api/v1/groups',
  act: 'edit-fleet',
});

export const changeGroup = route<typeof schemas.changeGroup>({
  name: 'groups.change',
  method: 'PUT',
  path: '/api/v1/groups/:id',
  act: 'edit-fleet',
});

export const removeGroup = route<typeof schemas.removeGroup>({
  name: 'groups.remove',
  method: 'POST',
  path: '/api/v1/groups/:id/remove',
  act: 'edit-fleet',
});

/** What a calendar's address answers, fetched by the server from hosts the operator set. Writes nothing. */
export const fetchCalendar = route<typeof schemas.fetchCalendar>({
  name: 'groups.fetch-calendar',
  method: 'POST',
  path: '/api/v1/groups/calendar',
  act: 'edit-fleet',
});
