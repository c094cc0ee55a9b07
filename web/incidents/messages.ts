import { message } from '@cadre/web/platform/i18n';

// ReportIncident
export const itCrashed = message('It crashed');
export const cameOffTransport = message('It came off a transport');
export const wasUnderWater = message('It was under water');
export const somethingHappened = message('Something happened to it …');
export const heldOnceUntilSomebody = message(
  'It is held at once, until somebody has looked it over for just that.',
);
export const whereHowIfKnown = message('Where and how, if known');
export const nothingHappened = message('Nothing happened');
