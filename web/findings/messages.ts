import { message } from '@cadre/web/platform/i18n';

// ActOnSeveral
export const actionsForChosenFindings = message('Actions for the chosen findings');
export const doneAllDone = message('{done} of {all} done');
export const findingChosen = message('{rows, plural, one {# finding} other {# findings}} chosen');
export const startRepairOnBike = message('Start repair on {bikes, plural, one {# bike} other {# bikes}}');
export const changeSeverity = message('Change severity');
export const clearChoice = message('Clear choice');
export const reasonForAllThese = message('Reason for all of these findings');
export const cancel = message('Cancel');

// FindingsRow
export const pastItsLimit = message('past its limit');
export const whenOuting = message('{when} or {outings, plural, one {# outing} other {# outings}}');
export const chooseTagWhat = message('Choose {tag}: {what}');
export const seenTime = message(' · seen {timesSeen, plural, one {# time} other {# times}}');

// FindingsTable
export const chooseAllFindingsShown = message('Choose all findings shown');

// FindingsView
export const findings = message('Findings');
export const search = message('Search');
export const findingCount = message('{all, plural, one {# finding} other {# findings}}');
export const rowsFinding = message('{rows} of {all, plural, one {# finding} other {# findings}}');
export const noOpenFindingMatches = message('No open finding matches this search.');
export const noBikeHasOpen = message('No bike has an open finding.');
export const loadingFleet = message('Loading the fleet …');

// OpenFindings
export const noOpenFindings = message('No open findings.');

// PastFindings
export const closedFindings = message('Closed findings');
export const offlineClosedFindingsCannot = message('Offline: closed findings cannot be shown.');
export const noClosedFindings = message('No closed findings.');
export const earlier = message('Earlier');

// SavedViewsBar
export const deleteSearch = message('Delete search {name}');
export const savedSearches = message('Saved searches');
export const nameSearch = message('Name of the search');
export const save = message('Save');
export const saveSearch = message('Save this search');

// SimilarFaults
export const similarBikeMayHave = message(
  '{siblings, plural, one {# similar bike} other {# similar bikes}} may have the same fault: {left} not checked since',
);
export const hasFault = message('has this fault');
export const checkedWhen = message('checked {when}');
export const checkBikeForFault = message('Check {left, plural, one {# bike} other {# bikes}} for this fault');
export const allSimilarBikesWere = message(
  'All similar bikes were checked since, or have this finding already.',
);

// sibling-wording
export const samePartWhat = message('Same part: {what}');
export const recentlyRepairedHereWhat = message('Recently repaired here by {what}');
export const sameModel = message('Same model');

// use-findings-table
export const severity = message('Severity');
export const bike = message('Bike');
export const finding = message('Finding');
export const zone = message('Zone');
export const state = message('State');
export const found = message('Found');
export const fixBy = message('Fix by');

// use-findings
export const toRepair = message('To repair');
export const inRepair = message('In repair');
export const toRecheck = message('To recheck');
export const toRelease = message('To release');

// help findings
export const helpFindingsPurpose1 = message(
  'Every open finding of the fleet, the most severe first. Search, filter, or choose several to start repairs or change their severity.',
);
export const helpFindingsDoNotRide = message('Do not ride');
export const helpFindingsDoNotRideMeans = message('The bike is held.');
export const helpFindingsFixBy = message('Fix by');
export const helpFindingsFixByMeans = message(
  'The bike may ride until this date or number of outings. Then it is held.',
);
export const helpFindingsMaintenance = message('Maintenance');
export const helpFindingsMaintenanceMeans = message('Costs money, not safety.');
export const helpFindingsWatch = message('Watch');
export const helpFindingsWatchMeans = message('Checked at every inspection.');
