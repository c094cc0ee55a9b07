import { message } from '@cadre/web/platform/i18n';

// ReportIncident
export const crash = message('Crash');
export const transport = message('Transport');
export const immersionInWater = message('Immersion in water');
export const reportIncident = message('Report an incident …');
export const bikeHeldOnceUntil = message(
  'The bike is held at once, until the complete check for this incident is signed.',
);
export const whereHowIfYou = message('Where and how, if you know');
export const cancel = message('Cancel');
