export { describeBike, findBike } from './read';
export { Fleet } from './service';
