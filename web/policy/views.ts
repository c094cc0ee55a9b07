import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const policyViews: readonly RouteRecordRaw[] = [
  {
    path: '/policy',
    name: 'policy',
    component: () => import('./PolicyView.vue'),
    meta: { help: () => import('./help'), title: t.policy, nav: { area: 'setup', order: 3, act: 'mark' } },
  },
  {
    path: '/routes',
    name: 'routes',
    component: () => import('./RoutesView.vue'),
    meta: {
      help: () => import('./help-routes'),
      title: t.routes,
      nav: { area: 'setup', order: 2, act: 'mark' },
    },
  },
];
