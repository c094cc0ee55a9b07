export { default as BikeFigure } from './BikeFigure.vue';
export { default as BikeSign } from './BikeSign.vue';
