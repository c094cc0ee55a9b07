import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const kitViews: readonly RouteRecordRaw[] = [
  {
    path: '/kit',
    name: 'kit',
    component: () => import('./KitView.vue'),
    meta: { help: () => import('./help'), title: t.kit, under: 'desk' },
  },
];
