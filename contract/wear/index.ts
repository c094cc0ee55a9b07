import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type WearSeriesTold = Told<typeof schemas.wearSeries>;

/** Everything that was measured on a bike and wears: of the parts on it now, wherever they sat, and of what sat in their places before. */
export const wearOfBike = route<typeof schemas.wearOfBike>({
  name: 'wear.bike',
  method: 'GET',
  path: '/api/v1/bikes/:id/wear',
  act: 'see',
});

/** What a fork's starting pressure goes by where it states no table: the sag measured last, and at which pressure. */
export const sagOfBike = route<typeof schemas.sagOfBike>({
  name: 'wear.sag',
  method: 'GET',
  path: '/api/v1/bikes/:id/sag',
  act: 'see',
});
