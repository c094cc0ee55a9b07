export { pdfWriter } from './writer';
