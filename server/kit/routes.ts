import { inspectKit, lendKit, listKit, packKit, returnKit, setKitItem } from '@cadre/contract/kit';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Kit } from './service';

export const kitRoutes = (kit: Kit): readonly Implemented[] => [
  answering(listKit, async (_sent, actor) => kit.list(actor)),
  answering(setKitItem, async ({ params, body }, actor) => kit.set(actor, params.id, body)),
  answering(packKit, async ({ body }, actor) => kit.pack(actor, body)),
  answering(lendKit, async ({ body }, actor) => kit.lend(actor, body)),
  answering(returnKit, async ({ body }, actor) => kit.takeBack(actor, body)),
  answering(inspectKit, async ({ params, body }, actor) => kit.inspect(actor, params.id, body)),
];
