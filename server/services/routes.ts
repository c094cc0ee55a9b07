import { doneService, getServices, readOdometer } from '@cadre/contract/services';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { BikeServices } from './service';

export const serviceRoutes = (services: BikeServices): readonly Implemented[] => [
  answering(getServices, async ({ params }, actor) => services.ofBike(actor, params.id)),
  answering(doneService, async ({ params, body }, actor) =>
    services.done(actor, params.id, params.key, body),
  ),
  answering(readOdometer, async ({ params, body }, actor) => services.odometer(actor, params.id, body)),
];
