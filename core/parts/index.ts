export { orderList, type OrderLine, type PartNeed, type SupplierOrder } from './order-list';
export { COUNT_REASONS, likelyPart, placesOn, type CountReason, type StockItem } from './stock-item';
