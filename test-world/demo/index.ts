export { demoBikes, demoBuild } from './fleet';
export { demoPeople } from './people';
export { seedDemo } from './seed';
export { DEMO_ZONE } from './zone';
