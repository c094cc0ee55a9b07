import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const outingsViews: readonly RouteRecordRaw[] = [
  {
    path: '/desk',
    name: 'desk',
    component: () => import('./DeskView.vue'),
    meta: { help: () => import('./help'), title: t.desk, nav: { area: 'today', order: 5, act: 'hand-out' } },
  },
  {
    path: '/desk/:groupId',
    name: 'hand-out',
    component: () => import('./HandOutView.vue'),
    props: true,
    meta: { help: () => import('./help'), title: t.handOutBikes, under: 'desk' },
  },
];
