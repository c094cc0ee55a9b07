export { default as BikeChoice } from './BikeChoice.vue';
export { default as GroupStrip } from './GroupStrip.vue';
export { default as SiteChips } from './SiteChips.vue';
export { useCandidates } from './use-candidates';
