import { listGroups, addGroup, changeGroup, removeGroup } from '@cadre/contract/schedule';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Groups } from './service';

export const scheduleRoutes = (groups: Groups): readonly Implemented[] => [
  answering(listGroups, async ({ query }, actor) => groups.list(actor, query)),
  answering(addGroup, async ({ body }, actor) => groups.add(actor, body)),
  answering(changeGroup, async ({ params, body }, actor) => groups.change(actor, params.id, body)),
  answering(removeGroup, async ({ params, body }, actor) => groups.remove(actor, params.id, body)),
];
