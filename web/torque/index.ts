export { default as HouseTorque } from './HouseTorque.vue';
