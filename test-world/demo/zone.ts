/** Where the demo lies. */
export const DEMO_ZONE = 'Europe/London';
