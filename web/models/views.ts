import type { RouteRecordRaw } from 'vue-router';

export const modelsViews: readonly RouteRecordRaw[] = [
  {
    path: '/models',
    name: 'models',
    component: () => import('./ModelsView.vue'),
    meta: { title: 'Models' },
  },
  {
    path: '/models/new',
    name: 'model-new',
    component: () => import('./ModelFormView.vue'),
    meta: { title: 'New model' },
  },
  {
    path: '/models/:modelId',
    name: 'model',
    component: () => import('./ModelFormView.vue'),
    props: true,
    meta: { title: 'Model' },
  },
  {
    path: '/figures',
    name: 'figures',
    component: () => import('./FiguresView.vue'),
    meta: { title: 'Figures' },
  },
];
