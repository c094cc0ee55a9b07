/** The shipped catalogue: prose, so it is kept apart from the words and rules the browser always needs. */
export { CHECKPOINTS, RIDE_OUT, RIDE_OUT_CHILDREN, SHIPPED_SHEETS } from './sheets';
