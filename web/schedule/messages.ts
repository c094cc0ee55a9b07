import { message } from '@cadre/web/platform/i18n';

// AddGroups
export const n09301130 = message(
  '09:30-11:30 Year 5: 8 x 24in, 2 x 20in\n13:00-15:00 Evening club: 6 hardtail M',
);
export const outingInNextThree = message(
  '{groups, plural, one {# outing} other {# outings}} in the next three weeks found in {name}.',
);
export const groupAdded = message('{added, plural, one {# group} other {# groups}} added.');
export const addGroups = message('Add groups');
export const site = message('Site');
export const typePasteGroupsOne = message('Type or paste groups, one a line');
export const timesNameBikesFor = message(
  'Times, name, bikes. For another day than today, begin the line with a date such as 2026-05-31.',
);
export const readLines = message('Read lines');
export const readCalendarIcs = message('Read a calendar (.ics)');
export const addGroup = message('Add {ready, plural, one {# group} other {# groups}}');

// BikeChoice
export const onlyBikesDue = message('Only bikes that are due');
export const onlyBikesForTodays = message('Only bikes for today’s groups');

// GroupCard
export const unreadNotUnderstood = message('“{unread}” is not understood.');
export const enterNumberBikes = message('Enter the number of bikes.');
export const writeForExample8 = message('Write for example: 8 x 24in, 4 hybrid M.');
export const clearedNeededBikesCleared = message('{cleared} of {needed} bikes cleared');
export const shortShort = message('· short {short}');
export const change = message('Change');
export const remove = message('Remove');
export const bikesName = message('Bikes of {name}');
export const save = message('Save');
export const cancel = message('Cancel');

// GroupDraftCard
export const name = message('Name');
export const dayName = message('Day of {name}');
export const departureName = message('Departure of {name}');
export const returnName = message('Return of {name}');
export const n8X24in4 = message('8 x 24in, 4 hybrid M');
export const leaveOut = message('Leave out');

// GroupStrip
export const tomorrow = message('tomorrow');
export const groupsDay = message('Groups of the day');
export const now = message('Now');
export const now2 = message('now');
export const outBackUntil = message('out, back at {until}');
export const clearedNeeded = message('{cleared} of {needed}');
export const cleared = message('cleared');

// GroupsView
export const groups = message('Groups');
export const comingGroups = message('Coming groups');
export const today = message('Today');
export const loadingGroups = message('Loading the groups …');
export const noGroupsInNext = message('No groups in the next three weeks.');

// calendar-file
export const nameCannotReadAs = message('{name} cannot be read as a calendar{part}.');
export const exportAsICalendarIcs = message('Export it as iCalendar (.ics) and try again.');
export const nameHasMoreThan = message('{name} has more than {detail} events, or repeats too often.');
export const exportOnlyNextWeeks = message('Export only the next weeks, or only the calendar of outings.');
export const nameWasStoppedAfter = message(
  '{name} was stopped after {mostMs} seconds of reading. One of its events may repeat for ever.',
);
export const exportOnlyNextWeeksRemove = message(
  'Export only the next weeks, or remove the repeating event.',
);
export const nameHasSizeMb = message('{name} has {size} MB, which is too large for a calendar.');
export const exportOnlyNextWeeks2 = message('Export only the next weeks.');

// read-calendar
export const group = message('Group');
export const noCalendarInside = message('no calendar inside');

// use-group-drafts
export const enterName = message('Enter a name.');
export const enterDepartureReturnTime = message('Enter departure and return time.');
export const returnBeforeDeparture = message('The return is before the departure.');
export const pieceNotUnderstoodWrite = message(
  '“{piece}” is not understood. Write for example: 8 x 24in, or 4 hybrid M.',
);

// wording
export const anyBike = message('any bike');
export const countInAnotherSize = message('{count} in another size');

// DayCounts
export const clearedBikes = message('Cleared');
export const open = message('open');
export const theDay = message('The day');
export const recheckNow = message('Recheck now');
export const held = message('Held');
export const nameOpensOpensAt = message('{name} opens at {opensAt}');
export const due = message('Due');
export const recheckNowAgain = message('Recheck now: {again}');
export const ofBikes = message('of {bikes}');

// DayLine
export const showDay = message('The day');
export const opensIn = message('Opens {span}');
export const shortOf = message('short {short}');
export const noGroupToday = message('No group today');

// help groups
export const helpGroupsPurpose1 = message(
  'Groups that go out, with the number of bikes of each size and kind. Cadre compares them with the cleared bikes.',
);
export const helpGroupsShort = message('Short');
export const helpGroupsShortMeans = message('Bikes that are needed but not cleared.');
export const whichOfThem = message('Which of them');
export const rack = message('Rack');
export const kind = message('Kind');
export const size = message('Size');
export const anyBikeLabel = message('any');

// OpeningView
export const openingDays = message('Opening days');
export const openOn = message('Open on');
export const otherDays = message('Other days');
export const otherDaysSay = message('Holidays, closed days, and days that open at another time.');
export const noOtherDays = message('None yet.');
export const addDay = message('Add a day');
export const readHolidays = message('Read holidays from a calendar file (.ics)');
export const day = message('Day');
export const thatDay = message('That day');
export const closed = message('Closed');
export const opensAtAnother = message('Opens at');
export const openingTime = message('Opening time');
export const nameOfDay = message('Name');
export const removeDay = message('Remove day {number}');
export const daysRead = message(
  '{days, plural, =0 {No whole days} one {# day} other {# days}} in the next year from {name}, added as closed. Change those you are open on, then save.',
);
export const saveOpeningDays = message('Save opening days');
export const openingDaysSaved = message(
  'Saved. Deadlines of rounds on closed days moved to the next open day.',
);
export const nextDays = message('The next four weeks');
export const closedOnDay = message('closed');
export const onlyLeadChanges = message('A lead can change these.');
export const helpOpeningPurpose1 = message(
  'On which days a site opens, and when. Daily rounds are made on these days only, and a deadline on a closed day moves to the next open day.',
);
export const closedToday = message('closed today');

// opening-wording
export const monday = message('Monday');
export const tuesday = message('Tuesday');
export const wednesday = message('Wednesday');
export const thursday = message('Thursday');
export const friday = message('Friday');
export const saturday = message('Saturday');
export const sunday = message('Sunday');

// use-chosen-bikes
export const noBikeHasTag = message('No bike has the tag {unknown}.');
export const anotherSiteElsewhere = message('At another site: {elsewhere}.');
export const listedTwiceTwiceRemove = message('Listed twice: {twice}. Remove the second entry.');
export const alreadyIncludedChoiceAbove = message('Already included by the choice above: {already}.');

// ChosenBikes
export const bikes = message('Bikes');
export const tags = message('Tags');
export const moreTags = message('Additional tags');
export const tagsApart = message('Separate tags with spaces.');
export const chosenBikes = message('{bikes, plural, one {# bike} other {# bikes}}');

// PeopleChoice
export const people = message('People');
export const noOneChosen = message('No one chosen: everyone may work on it. A choice excludes no one.');

export const onlyBikesBack = message('Only bikes due for a return check');

export const calendarFromAddress = message('Read a calendar from an address');
export const calendarAddress = message('Address of the calendar');
export const readAddress = message('Read address');
