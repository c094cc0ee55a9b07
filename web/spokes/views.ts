import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const spokesViews: readonly RouteRecordRaw[] = [
  {
    path: '/spokes',
    name: 'spokes',
    component: () => import('./SpokesView.vue'),
    meta: { help: () => import('./help'), title: t.spokesByEar, under: 'tools' },
  },
];
