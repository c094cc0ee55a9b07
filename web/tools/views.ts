import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const toolsViews: readonly RouteRecordRaw[] = [
  {
    path: '/tools/:tool?',
    name: 'tools',
    component: () => import('./ToolsView.vue'),
    props: true,
    meta: {
      help: () => import('./help'),
      title: t.tools,
      nav: { area: 'workshop', order: 5, act: 'mark' },
    },
  },
];
