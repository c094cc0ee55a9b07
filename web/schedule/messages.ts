import { message } from '@cadre/web/platform/i18n';

// AddGroups
export const n09301130 = message(
  '09:30-11:30 Year 5: 8 x 24in, 2 x 20in 13:00-15:00 Evening club: 6 hardtail M',
);
export const outingInNextThree = message(
  '{groups, plural, one {# outing} other {# outings}} in the next three weeks read from {name}.',
);
export const groupAdded = message('{added, plural, one {# group} other {# groups}} added.');
export const addGroups = message('Add groups');
export const at = message('At');
export const typePasteOneGroup = message('Type or paste, one group a line');
export const timesNameThenBikes = message(
  'Times, a name, then the bikes. A date like 2026-05-31 first, when it is not today.',
);
export const readTheseLines = message('Read these lines');
export const fromCalendarIcs = message('From a calendar (.ics)');
export const addGroup = message('Add {ready, plural, one {# group} other {# groups}}');

// BikeChoice
export const onlyWhatDue = message('Only what is due');
export const onlyWhatDaysGroups = message('Only what the day’s groups ride');

// GroupCard
export const unreadNotRead = message('“{unread}” is not read.');
export const howManyBikesMissing = message('How many bikes is missing.');
export const writeLike8X = message('Write it like 8 x 24in, 4 hybrid M.');
export const clearedNeededCleared = message('{cleared} of {needed} cleared');
export const shortShort = message('· short {short}');
export const change = message('Change');
export const remove = message('Remove');
export const bikesName = message('Bikes of {name}');
export const save = message('Save');
export const cancel = message('Cancel');

// GroupDraftCard
export const name = message('Name');
export const dayName = message('Day of {name}');
export const outName = message('Out, {name}');
export const backName = message('Back, {name}');
export const n8X24in4 = message('8 x 24in, 4 hybrid M');
export const leaveOneOut = message('Leave this one out');

// GroupStrip
export const groupsDay = message('Groups of the day');
export const now = message('Now');
export const now2 = message('now');
export const outBackUntil = message('out, back {until}');
export const clearedNeeded = message('{cleared} of {needed}');
export const cleared = message('cleared');

// GroupsView
export const groupsDueOut = message('Groups due out');
export const coming = message('Coming');
export const today = message('Today');
export const fetchingGroups = message('Fetching the groups …');
export const noGroupDueOut = message('No group is due out in the next three weeks.');

// calendar-file
export const nameNoCalendarCan = message('{name} is no calendar that can be read{part}.');
export const exportAsIcalendarIcs = message('Export it as iCalendar (.ics) and try again.');
export const nameHasMoreThan = message('{name} has more than {detail} events or repeats too often.');
export const exportNextWeeksOnly = message('Export the next weeks only, or only the calendar of outings.');
export const nameTookLongerThan = message(
  '{name} took longer than {mostMs} seconds to read and was stopped. One of its events may repeat for ever.',
);
export const exportNextWeeksOnlyTake = message(
  'Export the next weeks only, or take the repeating event out.',
);
export const nameSizeMbCalendar = message('{name} is {size} MB; a calendar of outings is smaller.');
export const exportNextWeeksOnly2 = message('Export the next weeks only.');

// read-calendar
export const group = message('Group');
export const holdsNoCalendar = message('it holds no calendar');

// use-group-drafts
export const hasNoName = message('It has no name.');
export const whenOutBackMissing = message('When it is out and back is missing.');
export const wouldBackBeforeOut = message('It would be back before it is out.');
export const pieceNotReadWrite = message('“{piece}” is not read: write it like 8 x 24in or 4 hybrid M.');

// views
export const groups = message('Groups');

// wording
export const anyBike = message('any bike');
export const countInAnotherSize = message('{count} in another size');
