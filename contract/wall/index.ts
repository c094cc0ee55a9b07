import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type Wall = Told<typeof schemas.wall>;

export const getWall = route<typeof schemas.getWall>({
  name: 'wall.get',
  method: 'GET',
  path: '/api/v1/wall',
  act: 'see',
});
