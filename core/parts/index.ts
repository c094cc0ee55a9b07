export { orderList, type OrderLine, type PartNeed, type SupplierOrder } from './order-list';
export {
  COUNT_REASONS,
  likelyPart,
  placesOn,
  type CountReason,
  type PartBike,
  type StockItem,
} from './stock-item';
