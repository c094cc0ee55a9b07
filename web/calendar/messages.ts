import { message } from '@cadre/web/platform/i18n';

export const calendar = message('Calendar');
export const earlier = message('Earlier');
export const later = message('Later');
export const today = message('Today');
export const weeks = message('Weeks');
export const list = message('List');
export const show = message('Show');
export const everything = message('Everything');
export const groups = message('Groups');
export const rounds = message('Rounds');
export const services = message('Services');
export const rechecks = message('Rechecks');
export const group = message('Group');
export const round = message('Round');
export const campaign = message('Campaign');
export const campaigns = message('Campaigns');
export const openCampaigns = message('Open the campaigns');
export const sealantTakes = message('Takes {ml} ml of sealant.');
export const sealantUnstated = message(
  '{tyres, plural, one {# tyre has} other {# tyres have}} no dose on the fit list.',
);
export const person = message('Person');
export const everyone = message('Everyone');
export const delivery = message('Parts arriving');
export const deliveries = message('Parts');
export const openBench = message('Open the bench');
export const event = message('Event');
export const events = message('Events');
export const openEvents = message('Open the events');
export const service = message('Service');
export const recheck = message('Recheck');
export const onlyBike = message('Only bike');
export const noSuchBike = message('No bike has this tag.');
export const nothingThen = message('Nothing planned.');
export const chooseEntry = message('Choose an entry to see its bikes and what to do.');
export const bikesCount = message('{bikes, plural, one {# bike} other {# bikes}}');
export const late = message('overdue');
export const entrySays = message('{kind}: {name}{bikes, plural, =0 {} one {, # bike} other {, # bikes}}');
export const moreEntries = message('{count} more');
export const batchCheckOf = message('Batch check of {bikes, plural, one {# bike} other {# bikes}}');
export const byChecklist = message('with “{name}”');
export const makeRoundOf = message('Make a round of {bikes, plural, one {# bike} other {# bikes}}');
export const markAllDone = message('Mark as done on {bikes, plural, one {# bike} other {# bikes}}');
export const markedDone = message('Done on {bikes, plural, one {# bike} other {# bikes}}.');
export const roundMade = message('Round made for {day}.');
export const openRound = message('Open the round');
export const openGroups = message('Open the groups');
export const moveToDay = message('Move to');
export const move = message('Move');
export const roundMoved = message('{name} moved to {day}.');
export const closedThatDay = message('The site is closed on {day}.');
export const dayIsPast = message('Choose today or a later day.');
export const goesOutAt = message('Goes out at {time}');
export const dueAt = message('Due at {time}');
export const chooseAnOpenDay = message('Choose a day on which the site is open.');
export const helpEntry = message('Entry');
export const helpEntryMeans = message(
  'A group, event, round, campaign, service or recheck on its day. What is overdue stands on today.',
);
export const helpDrag = message('Drag');
export const helpDragMeans = message(
  'A round can be moved to another open day. Groups and events are changed on their own pages; services and rechecks keep their day.',
);
export const helpCalendarPurpose = message(
  'See what goes out and what falls due on which day, and start the work for many bikes at once.',
);
export const site = message('Site');
export const allSites = message('All sites');
export const fromTo = message('{from} to {to}');
export const byRideOut = message('The ride-out asks all of it.');

// CalendarAddresses
export const inYourCalendar = message('Show it in your own calendar');
export const inYourCalendarSays = message(
  'An address for your calendar program. It shows groups, events, rounds, services and rechecks of one site, with the tags of the bikes.',
);
export const makeAddressFor = message('Make an address for {site}');
export const yourAddress = message('Your address');
export const shownOnce = message('Copy it now: it is shown only once.');
export const whoeverHasIt = message(
  'Anyone with this address can read it without signing in. End it if strangers have it.',
);
export const addressMade = message('{site}, made {day}');
export const endAddress = message('End');

// LoadChart
export const bikesDueByWeek = message('Bikes with work due, by week');
export const weekSays = message(
  'Week of {day}: {services} for services, {rechecks} for rechecks, {rounds} in rounds.',
);
export const addressesOffline = message('No connection. Addresses are shown when there is one.');
