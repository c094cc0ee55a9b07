import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const wallViews: readonly RouteRecordRaw[] = [
  {
    path: '/',
    name: 'wall',
    component: () => import('./WallView.vue'),
    meta: { title: t.rackWall },
  },
];
