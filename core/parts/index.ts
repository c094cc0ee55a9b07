export { orderList, type OrderLine, type PartNeed, type SupplierOrder } from './order-list';
export { setAgainAfterWheel, type SetAgain } from './set-again';
export { COUNT_REASONS, likelyPart, placesOn, type CountReason, type StockItem } from './stock-item';
