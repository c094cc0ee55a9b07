export { normalsOf, streamOf } from './draws';
