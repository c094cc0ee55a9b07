import type { FleetEvents } from '@cadre/server/fleet';
import type { BikeFeature } from '@cadre/server/fitness';
import { everyBike, refreshFacts, serviceFacts } from './due';
import { bikeDoneEntity, bikeServiceEntity, odometerEntity } from './entities';
import { serviceProjections, servicesListen } from './events';

export const servicesFeature: BikeFeature = {
  name: 'services',
  projected: [bikeDoneEntity, bikeServiceEntity, odometerEntity],
  projections: serviceProjections,
  may: { 'service.done': 'mark', 'odometer.read': 'hand-out' },
  listens: servicesListen,
  heard: {
    'bike.added': (tx, events: readonly { body: FleetEvents['bike.added'] }[]) =>
      refreshFacts(
        tx,
        events.map(({ body }) => body.bikeId),
      ),
  },
  facts: [serviceFacts],
  changes: { 'service.done': ['services'], 'odometer.read': ['services'] },
  quiet: ['odometer.read'],
  async replayed(tx) {
    await refreshFacts(tx, await everyBike(tx));
  },
};
