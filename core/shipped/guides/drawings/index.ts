export { CABLE_END, DISC_CALIPER, RIM_PADS } from './brakes';
export { CHAIN_LINKS, CRANK, FRONT_CAGE, REAR_GEARS, RING_BOLTS, SLACK } from './drivetrain';
export { SEAT_POST } from './seat';
export { BAR_END, BAR_STEM, FORK_SAG, HEADSET } from './steering';
export { HUB_SECTION, TUBELESS_SECTION, TYRE_SECTION, WHEEL_IN_STAND, WHEEL_SEATED } from './wheels';
