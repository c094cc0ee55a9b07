import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const unusualRecordsViews: readonly RouteRecordRaw[] = [
  {
    path: '/unusual-records',
    name: 'unusual-records',
    component: () => import('./UnusualRecordsView.vue'),
    meta: {
      help: () => import('./help'),
      title: t.unusualRecords,
      nav: { area: 'learn', order: 3, act: 'edit-program' },
    },
  },
];
