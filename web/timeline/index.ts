export { timelineViews } from './views';
export { default as BikeTimeline } from './BikeTimeline.vue';
export { askTimeline } from './ask-timeline';
