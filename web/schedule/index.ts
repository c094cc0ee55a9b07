export { scheduleViews } from './views';
export { default as BikeChoice } from './BikeChoice.vue';
export { default as GroupStrip } from './GroupStrip.vue';
export { useCandidates } from './use-candidates';
