export { demoPeople } from './people';
export { seedDemo } from './seed';
