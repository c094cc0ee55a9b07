export { repairCosts } from './costs';
export { Repairs } from './service';
