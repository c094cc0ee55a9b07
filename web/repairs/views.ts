import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const repairsViews: readonly RouteRecordRaw[] = [
  {
    path: '/bench/:bikeId?',
    name: 'bench',
    component: () => import('./BenchView.vue'),
    props: true,
    meta: { title: t.bench },
  },
  {
    path: '/bikes/:bikeId/warranty',
    name: 'warranty',
    component: () => import('./WarrantyView.vue'),
    props: true,
    meta: { title: t.questionMaker },
  },
  {
    path: '/bikes/:bikeId/hang-tag',
    name: 'hold-tag',
    component: () => import('./HoldTagView.vue'),
    props: true,
    meta: { title: t.hangTag },
  },
  {
    path: '/costs',
    name: 'costs',
    component: () => import('./CostsView.vue'),
    meta: { title: t.costs },
  },
];
