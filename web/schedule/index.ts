export { default as GroupStrip } from './GroupStrip.vue';
