import { message } from '@cadre/web/platform/i18n';

// AddRackForm
export const addRackName = message('Add a rack at {name}');
export const nameNewRackName = message('Name of the new rack at {name}');
export const newRack = message('New rack');
export const hooksNewRackName = message('Hooks of the new rack at {name}');
export const addRack = message('Add rack');

// BikeTag
export const outWord = message('out');
export const bench = message('bench');
export const laidUp = message('laid up');
export const gone = message('gone');
export const watchShort = message('Watch');
export const recheckNow = message(', recheck now');

// EmptyWall
export const loadingRacks = message('Loading the racks …');
export const noBikesYet = message('No bikes yet.');
export const importList = message('Import a list');
export const fromSpreadsheet = message('from a spreadsheet, or');
export const addFirstBike = message('add the first bike');
export const noBikeMatchesAll = message('No bike matches all of these words.');

// HookPlace
export const moveTo = message('Move to');
export const hookNumber = message('hook {number}');
export const freeHook = message(', free hook');

// MorningSheet
export const noHook = message('no hook');
export const morningListWhen = message('Morning list · {when}');
export const printedFromRackWall = message(
  'Printed from the rack wall at this time. The screen is always newer than this paper.',
);
export const hook = message('Hook');
export const tag = message('Tag');
export const bike = message('Bike');
export const fitness = message('Fitness');
export const mainReason = message('Main reason');
export const checked = message('Checked');

// RackForm
export const removeRack = message('Remove rack {name}');
export const rackName = message('Rack {name}');
export const nameRackName = message('Name of rack {name}');
export const hooks = message('hooks');
export const hooksName = message('Hooks of {name}');
export const save = message('Save');
export const moveBikesRackOther = message('Move the bikes of this rack to other hooks first');

// SelectionPanel
export const selectedBikes = message('Selected bikes');
export const bikeSelected = message('{bikes, plural, one {# bike} other {# bikes}} selected');
export const selectAllShown = message('Select all {shown}');
export const selectNone = message('Select none');
export const backTags = message('Back to the tags');
export const actions = message('Actions');
export const touchTagSelectSelect = message('Touch a tag to select it, or select all bikes shown.');
export const handOutClearedBike = message(
  'Hand out {ready, plural, one {# cleared bike} other {# cleared bikes}}',
);
export const batchCheckBike = message('Batch check of {picked, plural, one {# bike} other {# bikes}}');
export const takeBackBike = message('Take back {out, plural, one {# bike} other {# bikes}}');
export const moveRack = message('Move to rack');
export const nameHasOnlyFree = message(
  '{name} has only {free, plural, one {# free hook} other {# free hooks}} for {bikes} bikes. The others would have no hook.',
);
export const moveBikes = message('Move bikes');

// SiteHeading
export const siteName = message('Site {name}');
export const addSite = message('Add a site');
export const anotherSite = message('Another site');
export const nameSiteName = message('Name of site {name}');
export const nameNewSite = message('Name of the new site');
export const name = message('Name');
export const newSite = message('New site');
export const opens = message('opens');
export const openingTimeName = message('Opening time of {name}');
export const newSite2 = message('the new site');
export const timeZoneName = message('Time zone of {name}');
export const addSite2 = message('Add this site');
export const opensOpensAtBike = message(
  '· opens at {opensAt} · {bikes, plural, one {# bike} other {# bikes}}',
);

// WallMenu
export const more = message('More');
export const arrangeRacksHooks = message('Arrange racks and hooks');
export const printMorningList = message('Print the morning list');
export const groupBikes = message('Group bikes');

// WallNotes
export const offlineSinceTimeChanges = message(
  'Offline since {time}. Changes by other people are not shown, and no bike can be handed out or released.',
);
export const youMovingTagTouch = message(
  'You are moving {tag}. Touch a free hook, or a bike to swap places with. Esc cancels.',
);
export const dragTagAnotherHook = message(
  'Drag a tag to another hook, or touch the tag and then the hook. You can also rename racks, change the number of hooks and the order of racks.',
);

// WallRow
export const bikesBikesHook = message(
  '{bikes, plural, one {# bike} other {# bikes}} · {hooks, plural, one {# hook} other {# hooks}}',
);

// WallSite
export const noRacksHereYet = message('No racks here yet.');
export const addRack2 = message('Add a rack, or');
export const importList2 = message('import a list');
export const namesRacks = message('that names the racks.');

// WallTools
export const rackWall = message('Rack wall');
export const findBikesTagWords = message('Find bikes by tag or by words, for example: held 24in boathouse');
export const tagHeld24in = message('Tag, or: held 24in …');
export const noBikeMatchesUnknown = message('No bike matches “{unknown}”.');
export const bikeEnterOpensFirst = message(
  '{bikes, plural, one {# bike} other {# bikes}} · Enter opens the first, Esc shows all',
);
export const done = message('Done');
export const selectWord = message('Select');
export const finishArranging = message('Finish arranging');

// WallView
export const filterWall = message('Filter the wall');
export const moveAlongHooks = message('Move along the hooks');
export const nextBikeDue = message('Next bike that is due');
export const selectBikeEscEnds = message('Select this bike. Esc ends selecting.');
export const bikeInHand = message('Bike in hand');

// use-selection
export const chooseRack = message('Choose a rack');
export const nameFreeHook = message('{name} · {freeOf, plural, one {# free hook} other {# free hooks}}');
export const bikePart = message('{done, plural, one {# bike} other {# bikes}} {part}.');
export const handedOut = message('handed out');
export const takenBack = message('taken back');
export const bikeMovedName = message('{bikes, plural, one {# bike} other {# bikes}} moved to {name}.');

// use-wall
export const started = message('started');

// wall-key
export const theWall = message('the wall');

// wall-lines
export const byRack = message('By rack');
export const byFitness = message('By fitness');
export const byKind = message('By kind');
export const bySize = message('By size');
export const noHook2 = message('No hook');
export const noSize = message('No size');

// help wall
export const helpWallPurpose1 = message(
  'The rack wall shows every bike on its hook and whether it may go out. Touch a tag to see its reasons and the next step.',
);
export const helpWallPurpose2 = message(
  'Start the morning with “Next” beside the round, or press N for the next bike that is due.',
);
export const helpWallCleared = message('Cleared');
export const helpWallClearedMeans = message('The bike may go out.');
export const helpWallClearedWatch = message('Cleared, watch');
export const helpWallClearedWatchMeans = message(
  'The bike may go out. One point is checked at every inspection.',
);
export const helpWallDue = message('Due');
export const helpWallDueMeans = message('The bike has no valid check. Check it first.');
export const helpWallHeld = message('Held');
export const helpWallHeldMeans = message('The bike stays in until it is repaired, rechecked and released.');

// FirstSteps
export const firstSteps = message('First steps');
export const hideSteps = message('Hide');
export const stepDone = message('done');
export const stepProgram = message('Name and opening hours');
export const stepProgramHow = message('Set when the program was set up.');
export const stepRack = message('First rack');
export const stepRackHow = message('A rack has numbered hooks. Bikes belong on hooks.');
export const stepBikes = message('First bikes');
export const stepBikesHow = message('Type them, paste rows from a spreadsheet, or import a file.');
export const importOrPaste = message('Import or paste');
export const addOneBike = message('Add one bike');
export const stepPeople = message('First people');
export const stepPeopleHow = message('Everyone who checks bikes signs in with a code.');
export const addPeople = message('Add people');
export const stepRound = message('First round');
export const stepRoundHow = message('A round is a set of checks with a deadline, such as the morning round.');
export const makeRound = message('Make a round');

// What a tag shows
export const tagsShow = message('Tags show');
export const tagShowsSize = message('Size');
export const tagShowsKind = message('Size and kind');
export const tagShowsGroup = message('Size and group that needs it');
export const tagShowsBattery = message('Size and battery');
export const batteryWord = message('battery');
export const energyWh = message('{energy} Wh');
export const wantedAt = message('for {time}');
export const shortChild = message('Child');
export const shortFullSuspension = message('Full sus.');
export const shortStepThrough = message('Step-thru');
export const shortTrike = message('Trike');
export const serviceOverdue = message(', service overdue');
export const returnWord = message('returned');
export const returnChecks = message('Return checks');
export const showReturnsDue = message(
  '{bikes, plural, one {# bike due for its return check} other {# bikes due for their return checks}}: show them',
);
export const serviceWord = message('service');
export const services = message('Services');
export const showServicesOverdue = message(
  '{bikes, plural, one {# bike with a service overdue} other {# bikes with services overdue}}: show them',
);
