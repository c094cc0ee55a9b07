import type { RouteRecordRaw } from 'vue-router';

export const catalogueViews: readonly RouteRecordRaw[] = [
  {
    path: '/sheets',
    name: 'sheets',
    component: () => import('./SheetsView.vue'),
    meta: { title: 'Sheets' },
  },
  {
    path: '/sheets/new',
    name: 'sheet-new',
    component: () => import('./SheetEditView.vue'),
    meta: { title: 'New sheet' },
  },
  {
    path: '/sheets/:sheetKey',
    name: 'sheet',
    component: () => import('./SheetView.vue'),
    props: true,
    meta: { title: 'Sheet' },
  },
  {
    path: '/sheets/:sheetKey/edit',
    name: 'sheet-edit',
    component: () => import('./SheetEditView.vue'),
    props: true,
    meta: { title: 'Change a sheet' },
  },
  {
    path: '/catalogue/:checkpointKey?',
    name: 'catalogue',
    component: () => import('./CatalogueView.vue'),
    props: true,
    meta: { title: 'Checkpoints' },
  },
];
