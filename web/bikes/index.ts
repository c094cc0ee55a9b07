export { bikesViews } from './views';
export { default as BikeClipboard } from './BikeClipboard.vue';
