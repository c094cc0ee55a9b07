export { askTimeline } from './ask-timeline';
export { default as BikeTimeline } from './BikeTimeline.vue';
export { entryWords } from './wording';
