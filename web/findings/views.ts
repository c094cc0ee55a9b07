import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const findingsViews: readonly RouteRecordRaw[] = [
  {
    path: '/findings',
    name: 'findings',
    component: () => import('./FindingsView.vue'),
    meta: { title: t.findings },
  },
];
