export {
  route,
  type AnswerOf,
  type Frozen,
  type BodyOf,
  type Messages,
  type ParamsOf,
  type QueryOf,
  type Route,
  type Schema,
  type Told,
  type Versioned,
} from './route';
export type { Problem } from './problem';
