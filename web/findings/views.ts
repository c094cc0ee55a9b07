import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const findingsViews: readonly RouteRecordRaw[] = [
  {
    path: '/findings',
    name: 'findings',
    component: () => import('./FindingsView.vue'),
    meta: {
      help: () => import('./help'),
      title: t.findings,
      nav: { area: 'workshop', order: 2, act: 'mark' },
    },
  },
];
