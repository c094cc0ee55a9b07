export { ITEM_KINDS, itemContent, itemText, type ItemKind, type Proof } from './item';
