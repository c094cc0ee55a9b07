import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const riderFitViews: readonly RouteRecordRaw[] = [
  {
    path: '/rider-fit',
    name: 'rider-fit',
    component: () => import('./RiderFitView.vue'),
    meta: { help: () => import('./help'), title: t.riderFit, under: 'desk' },
  },
];
