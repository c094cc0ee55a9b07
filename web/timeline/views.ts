import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const timelineViews: readonly RouteRecordRaw[] = [
  {
    path: '/bikes/:bikeId/record',
    name: 'record',
    component: () => import('./RecordView.vue'),
    props: true,
    meta: { title: t.bikeRecord, under: 'wall' },
  },
];
