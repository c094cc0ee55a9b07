import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const checksViews: readonly RouteRecordRaw[] = [
  {
    path: '/stand/:bikeId',
    name: 'stand',
    component: () => import('./StandView.vue'),
    props: true,
    meta: { help: () => import('./help'), title: t.stand, under: 'wall', work: true },
  },
  {
    path: '/checks/:checkId',
    name: 'check',
    component: () => import('./CheckView.vue'),
    props: true,
    meta: { title: t.check2, under: 'wall' },
  },
];
