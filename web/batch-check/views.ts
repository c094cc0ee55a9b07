import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const batchCheckViews: readonly RouteRecordRaw[] = [
  {
    path: '/batch-check',
    name: 'batch-check',
    component: () => import('./BatchCheckView.vue'),
    meta: {
      help: () => import('./help'),
      title: t.batchCheck,
      nav: { area: 'today', order: 3, act: 'mark' },
      work: true,
    },
  },
  {
    path: '/paper',
    name: 'paper',
    component: () => import('./PaperView.vue'),
    meta: { title: t.paperSheet, under: 'batch-check' },
  },
];
