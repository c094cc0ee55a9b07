import { sagOfBike, wearOfBike } from '@cadre/contract/wear';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Wear } from './service';

export const wearRoutes = (wear: Wear): readonly Implemented[] => [
  answering(wearOfBike, async ({ params }, actor) => wear.ofBike(actor, params.id)),
  answering(sagOfBike, async ({ params }, actor) => ({ fork: await wear.forkSag(actor, params.id) })),
];
