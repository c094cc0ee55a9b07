import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const policyViews: readonly RouteRecordRaw[] = [
  {
    path: '/policy',
    name: 'policy',
    component: () => import('./PolicyView.vue'),
    meta: { title: t.policy },
  },
  {
    path: '/routes',
    name: 'routes',
    component: () => import('./RoutesView.vue'),
    meta: { title: t.routes },
  },
];
