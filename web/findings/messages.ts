import { message } from '@cadre/web/platform/i18n';

// ActOnSeveral
export const withChosenFindings = message('With the chosen findings');
export const doneAllDone = message('{done} of {all} done');
export const findingChosen = message('{rows, plural, one {# finding} other {# findings}} chosen');
export const startRepairOnBike = message('Start repair on {bikes, plural, one {# bike} other {# bikes}}');
export const changeSeverity = message('Change severity');
export const chooseNone = message('Choose none');
export const reasonForAllThem = message('Reason, for all of them');
export const leaveIt = message('Leave it');

// FindingsRow
export const pastItsLimit = message('past its limit');
export const whenOuting = message('{when} or {outings, plural, one {# outing} other {# outings}}');
export const chooseTagWhat = message('Choose {tag}: {what}');
export const seenTime = message(' · seen {timesSeen, plural, one {# time} other {# times}}');

// FindingsTable
export const chooseAllInSight = message('Choose all in sight');

// FindingsView
export const findings = message('Findings');
export const search = message('Search');
export const finding = message('{all, plural, one {# finding} other {# findings}}');
export const rowsFinding = message('{rows} of {all, plural, one {# finding} other {# findings}}');
export const nothingOpenFitsSearch = message('Nothing open fits this search.');
export const nothingOpenOnWhole = message('Nothing is open on the whole fleet.');
export const fetchingFleet = message('Fetching the fleet …');

// OpenFindings
export const untilWhenOutingMore = message(
  'until {when} or {outings, plural, one {# outing} other {# outings}} more',
);
export const nothingOpenOn = message('Nothing is open on it.');

// PastFindings
export const closedFindings = message('Closed findings');
export const noSignalWhatClosed = message('No signal: what is closed is not at hand.');
export const nothingWasEverClosed = message('Nothing was ever closed on it.');
export const earlier = message('Earlier');

// SavedViewsBar
export const keptSearches = message('Kept searches');
export const nameSearch = message('Name of this search');
export const keepIt = message('Keep it');
export const keepSearch = message('Keep this search');

// SimilarFaults
export const lookAcrossBikeLike = message(
  'Look across: {siblings, plural, one {# bike} other {# bikes}} like it, {left} not looked at since',
);
export const hasIt = message('has it');
export const lookedWhen = message('looked at {when}');
export const batchOneLookOver = message(
  'A batch of this one look over {left, plural, one {# bike} other {# bikes}}',
);
export const allThemWereLooked = message('All of them were looked at since, or have it on record.');

// sibling-wording
export const samePartWhat = message('Same part: {what}');
export const workedOnHereWhat = message('Worked on here by {what} of late');
export const sameModel = message('Same model');

// use-findings-table
export const severity = message('Severity');
export const bike = message('Bike');
export const what = message('What');
export const where = message('Where');
export const state = message('State');
export const found = message('Found');
export const until = message('Until');

// use-findings
export const toRepair = message('To repair');
export const inWork = message('In work');
export const lookAgain = message('Look again');
export const toRelease = message('To release');
