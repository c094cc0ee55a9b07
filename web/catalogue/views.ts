import type { RouteRecordRaw } from 'vue-router';

export const catalogueViews: readonly RouteRecordRaw[] = [
  {
    path: '/checklists',
    name: 'checklists',
    component: () => import('./ChecklistsView.vue'),
    meta: { title: 'Checklists' },
  },
  {
    path: '/checklists/new',
    name: 'checklist-new',
    component: () => import('./ChecklistEditView.vue'),
    meta: { title: 'New checklist' },
  },
  {
    path: '/checklists/:checklistKey',
    name: 'checklist',
    component: () => import('./ChecklistView.vue'),
    props: true,
    meta: { title: 'Checklist' },
  },
  {
    path: '/checklists/:checklistKey/edit',
    name: 'checklist-edit',
    component: () => import('./ChecklistEditView.vue'),
    props: true,
    meta: { title: 'Change a checklist' },
  },
  {
    path: '/catalogue/:checkpointKey?',
    name: 'catalogue',
    component: () => import('./CatalogueView.vue'),
    props: true,
    meta: { title: 'Checkpoints' },
  },
];
