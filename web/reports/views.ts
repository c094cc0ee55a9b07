import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const reportsViews: readonly RouteRecordRaw[] = [
  {
    path: '/reports',
    name: 'reports',
    component: () => import('./ReportsView.vue'),
    meta: { help: () => import('./help'), title: t.reports, nav: { area: 'workshop', order: 1.5 } },
  },
];
