import { message } from '@cadre/web/platform/i18n';

// ReportIncident
export const crash = message('Crash');
export const transport = message('Transport');
export const immersionInWater = message('Immersion in water');
export const oilOrSpray = message('Oil or spray near brakes');
export const reportIncident = message('Report an incident …');
export const bikeHeldOnceUntil = message(
  'The bike is held at once, until the complete check for this incident is signed.',
);
export const whereHowIfYou = message('Where and how, if you know');
export const cancel = message('Cancel');

// ReportContamination
export const contaminationCaution = message(
  'Oil, grease or chain spray on pads or rotors takes the braking away. Each bike is held until its brakes are checked.',
);
export const whatGotOn = message('What got on the brakes, if you know');
export const holdBikes = message('{count, plural, one {Hold # bike} other {Hold # bikes}}');
export const bikes = message('Bikes');
