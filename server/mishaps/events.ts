import type { Mishap } from '@cadre/core/mishaps';

export interface MishapEvents {
  'mishap.reported': { bikeId: string; mishap: Mishap };
}
