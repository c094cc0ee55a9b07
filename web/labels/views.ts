import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const labelsViews: readonly RouteRecordRaw[] = [
  {
    path: '/labels',
    name: 'labels',
    component: () => import('./LabelsView.vue'),
    meta: {
      help: () => import('./help'),
      title: t.labels,
      nav: { area: 'fleet', order: 4, act: 'edit-fleet' },
    },
  },
];
