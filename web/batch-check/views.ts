import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const batchCheckViews: readonly RouteRecordRaw[] = [
  {
    path: '/batch-check',
    name: 'batch-check',
    component: () => import('./BatchCheckView.vue'),
    meta: { title: t.line },
  },
  {
    path: '/paper',
    name: 'paper',
    component: () => import('./PaperView.vue'),
    meta: { title: t.paperSheet },
  },
];
