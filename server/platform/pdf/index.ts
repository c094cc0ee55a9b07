export { LABEL_FONT } from './fonts';
export { pdfWriter } from './writer';
