import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const exchangeViews: readonly RouteRecordRaw[] = [
  {
    path: '/lists',
    name: 'exchange',
    component: () => import('./ExchangeView.vue'),
    meta: { help: () => import('./help'), title: t.importExport, nav: { area: 'fleet', order: 2 } },
  },
];
