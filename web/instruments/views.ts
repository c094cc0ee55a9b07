import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const instrumentViews: readonly RouteRecordRaw[] = [
  {
    path: '/instruments',
    name: 'instruments',
    component: () => import('./InstrumentsView.vue'),
    meta: { help: () => import('./help'), title: t.instruments, under: 'tools' },
  },
  {
    path: '/instruments/stand-ins',
    name: 'stand-ins',
    component: () => import('./StandInsView.vue'),
    meta: { title: t.simulated, under: 'tools' },
  },
];
