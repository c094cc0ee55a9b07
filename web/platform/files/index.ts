export { saveFile } from './save-file';
