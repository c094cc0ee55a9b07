import { getWall } from '@cadre/contract/wall';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Walls } from './service';

export const wallRoutes = (walls: Walls): readonly Implemented[] => [
  answering(getWall, async (_call, actor) => walls.show(actor)),
];
