export { isAfterMishap, MISHAP_KINDS, SHEET_AFTER, type Mishap, type MishapKind } from './mishap';
