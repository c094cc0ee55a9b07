import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const repairsViews: readonly RouteRecordRaw[] = [
  {
    path: '/bench/:bikeId?',
    name: 'bench',
    component: () => import('./BenchView.vue'),
    props: true,
    meta: { help: () => import('./help'), title: t.bench, nav: { area: 'workshop', order: 1, act: 'mark' } },
  },
  {
    path: '/bikes/:bikeId/warranty',
    name: 'warranty',
    component: () => import('./WarrantyView.vue'),
    props: true,
    meta: { title: t.warrantyQuery, under: 'bench' },
  },
  {
    path: '/bikes/:bikeId/hang-tag',
    name: 'hold-tag',
    component: () => import('./HoldTagView.vue'),
    props: true,
    meta: { title: t.hangTag, under: 'bench' },
  },
  {
    path: '/costs',
    name: 'costs',
    component: () => import('./CostsView.vue'),
    meta: {
      help: () => import('./help-costs'),
      title: t.costs,
      nav: { area: 'workshop', order: 4, act: 'mark' },
    },
  },
];
