import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const partsViews: readonly RouteRecordRaw[] = [
  {
    path: '/stock',
    name: 'stock',
    component: () => import('./StockView.vue'),
    meta: { help: () => import('./help'), title: t.parts, nav: { area: 'workshop', order: 3, act: 'mark' } },
  },
];
