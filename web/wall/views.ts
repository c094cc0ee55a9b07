import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const wallViews: readonly RouteRecordRaw[] = [
  {
    path: '/',
    name: 'wall',
    component: () => import('./WallView.vue'),
    meta: { help: () => import('./help'), title: t.rackWall, nav: { area: 'today', order: 1 } },
  },
];
