export { healedSince } from './read';
export { Wear } from './service';
