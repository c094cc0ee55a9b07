import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const campaignViews: readonly RouteRecordRaw[] = [
  {
    path: '/campaigns',
    name: 'campaigns',
    component: () => import('./CampaignsView.vue'),
    meta: { help: () => import('./help'), title: t.campaigns, nav: { area: 'plan', order: 4 } },
  },
];
