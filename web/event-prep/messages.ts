import { message } from '@cadre/web/platform/i18n';

// EventsView
export const events = message('Events');
export const planEvent = message('Plan an event');
export const comingEvents = message('Planned events');
export const noEvents = message('None planned.');
export const noEventsMayPlan = message('None planned. Plan one to have its rounds made in time.');
export const loadingEvents = message('Loading events…');
export const offlineChangesNot = message('Offline: changes by other people are not shown.');

// EventForm
export const name = message('Name');
export const startDay = message('Day it starts');
export const startTime = message('Start');
export const site = message('Site');
export const enterName = message('Enter a name for the event.');
export const enterStart = message('Enter the day and time it starts.');
export const startInPast = message('This time is in the past.');
export const noBikes = message('Choose at least one bike.');
export const tooManyBikes = message('An event can have up to 500 bikes. This one has {bikes}.');
export const notSaved = message('Not saved yet. {values}');
export const cancel = message('Cancel');
export const saveEvent = message('Plan the event');
export const saveChanges = message('Save changes');
export const preparation = message('Preparation');
export const enterStartFirst = message('Enter the start to see the days.');
export const movedAgain = message(
  'On another day, the bikes are cleaned, set and checked again. Rounds already made for these are closed.',
);

// PrepSteps
export const order = message('Check what to order');
export const orderSays = message('Worn parts and workshop dates, while there is time.');
export const clean = message('Clean and check');
export const cleanSays = message('The whole event checklist.');
export const soak = message('Set the tyres for the night');
export const soakSays = message('Every tyre that is gauged comes up again in the morning.');
export const morning = message('The morning');
export const morningSays = message('Pressures, a ride under load, lights, charge and kit.');
export const by = message('by {time}');
export const late = message('late: due now');
export const closed = message('Round is closed');
export const madeAt = message('Round opens {time}');
export const openRound = message('Open the round');
export const noNight = message('Too late to set the tyres for a night.');

// EventPlate
export const starts = message('Starts {time}');
export const bikesOf = message('{bikes, plural, one {# bike} other {# bikes}}');
export const change = message('Change');
export const callOff = message('Call off');
export const callOffSure = message('Call off {name}? Its open rounds are closed.');
export const callOffYes = message('Yes, call it off');
export const keepIt = message('Keep it');

// help
export const helpEvents = message(
  'A day the bikes have to be ready for. Cadre makes the rounds before it, each when its time comes.',
);
export const helpNight = message('Tyres for the night');
export const helpNightMeans = message(
  'Gauged in the evening and again in the morning: a slow leak shows before the ride.',
);
