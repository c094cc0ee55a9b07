export { default as WearPanel } from './WearPanel.vue';
