import { defineAsyncComponent } from 'vue';

export const DescribeReport = defineAsyncComponent(() => import('./DescribeReport.vue'));
export { reportsViews } from './views';
