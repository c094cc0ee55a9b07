export { IntegerModel, type Term } from './model';
export { solve } from './solve';
