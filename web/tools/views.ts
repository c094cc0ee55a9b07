import type { RouteRecordRaw } from 'vue-router';

export const toolsViews: readonly RouteRecordRaw[] = [
  {
    path: '/tools/:tool?',
    name: 'tools',
    component: () => import('./ToolsView.vue'),
    props: true,
    meta: { title: 'Tools' },
  },
];
