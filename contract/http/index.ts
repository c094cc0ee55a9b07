export { clockTime, day, hash, id, instant, note, text, version } from './fields';
export { problem, type Problem } from './problem';
export {
  route,
  type AnswerOf,
  type BodyOf,
  type ParamsOf,
  type QueryOf,
  type RouteContract,
  type Schema,
} from './route';
