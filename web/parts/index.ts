export { default as PartsPanel } from './PartsPanel.vue';
