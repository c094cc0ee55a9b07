export { orderPdf } from './order-pdf';
export { Parts, replacing } from './service';
export { lockItems, Stock } from './stock';
