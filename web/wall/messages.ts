import { message } from '@cadre/web/platform/i18n';

// AddRackForm
export const addRackName = message('Add a rack at {name}');
export const nameNewRackName = message('Name of a new rack at {name}');
export const newRack = message('New rack');
export const hooksNewRackName = message('Hooks of the new rack at {name}');
export const addRack = message('Add rack');

// BikeTag
export const outWord = message('out');
export const bench = message('bench');
export const laidUp = message('laid up');
export const gone = message('gone');
export const watch = message(', watch');
export const lookAgainNow = message(', look again now');

// EmptyWall
export const fetchingRacks = message('Fetching the racks …');
export const noBikesYet = message('No bikes yet.');
export const bringInList = message('Bring in a list');
export const fromSpreadsheet = message('from a spreadsheet, or');
export const addFirstOne = message('add the first one');
export const nothingHangsHereAll = message('Nothing hangs here that is all of that.');

// HookPlace
export const hangOn = message('Hang on');
export const hookNumber = message('hook {number}');
export const freeHook = message(', free hook');

// MorningSheet
export const onNoHook = message('on no hook');
export const morningSheetWhen = message('Morning sheet · {when}');
export const printedFromWallAs = message('Printed from the wall as it stood then. The screen has the word.');
export const hook = message('Hook');
export const tag = message('Tag');
export const bike = message('Bike');
export const fitness = message('Fitness');
export const firstReason = message('First reason');
export const lookedAt = message('Looked at');

// RackForm
export const rackName = message('Rack {name}');
export const nameRackName = message('Name of rack {name}');
export const hooks = message('hooks');
export const hooksName = message('Hooks of {name}');
export const save = message('Save');
export const hangItsBikesElsewhere = message('Hang its bikes elsewhere first');

// SelectionPanel
export const selectedBikes = message('Selected bikes');
export const bikeSelected = message('{bikes, plural, one {# bike} other {# bikes}} selected');
export const allShown = message('All {shown}');
export const none = message('None');
export const backTags = message('Back to the tags');
export const acts = message('Acts');
export const touchTagsSelectThem = message('Touch tags to select them, or take all that are shown.');
export const handOutPartCleared = message(
  'Hand out {part}{ready, plural, one {# cleared one} other {# cleared ones}}',
);
export const the = message('the ');
export const batchCheckPart = message('Batch check of {part}');
export const it = message('it');
export const them = message('them');
export const takeBackBike = message('Take back {out, plural, one {# bike} other {# bikes}}');
export const hangThemOn = message('Hang them on');
export const nameHasFreeHook = message(
  '{name} has {free, plural, one {# free hook} other {# free hooks}}: {bikes} would hang on no hook.',
);
export const hangThemThere = message('Hang them there');

// SiteHeading
export const siteName = message('Site {name}');
export const addSite = message('Add a site');
export const anotherSite = message('Another site');
export const nameName = message('Name of {name}');
export const nameNewSite = message('Name of the new site');
export const name = message('Name');
export const newSite = message('New site');
export const opens = message('opens');
export const openingTimeName = message('Opening time of {name}');
export const newSite2 = message('the new site');
export const timeZoneName = message('Time zone of {name}');
export const addSite2 = message('Add this site');
export const opensOpensatBikesBikes = message('· opens {opensAt} · {bikes} bikes');

// WallMenu
export const batchCheck = message('Batch check');
export const rounds = message('Rounds');
export const addBike = message('Add a bike');
export const bringInExportList = message('Bring in or export a list');
export const partsOrders = message('Parts and orders');
export const whatRepairsCost = message('What repairs cost');
export const usedBikesOnOffer = message('Used bikes on offer');
export const toolsMeasuresTorqueUnits = message('Tools: measures, torque, units');
export const checklistsCheckpointsPolicy = message('Checklists, checkpoints, policy');
export const modelsFitLists = message('Models and fit lists');
export const groupsDueOut = message('Groups due out');
export const figuresEveryKind = message('Figures of every kind');
export const peopleSetup = message('People and setup');
export const more = message('More');
export const arrangeRacksHooks = message('Arrange racks and hooks');
export const printMorningSheet = message('Print the morning sheet');
export const groupBikes = message('Group bikes');

// WallNotes
export const asTimeNoSignal = message(
  'As of {time}. No signal: what others did since is not shown, and nothing can be handed out or released.',
);
export const tagInYourHand = message(
  '{tag} is in your hand: touch the hook it goes on, or the bike it changes places with. Esc puts it back.',
);
export const dragTagAnotherHook = message(
  'Drag a tag to another hook, or touch it and then the hook. Rename racks, change their hooks and order where they hang.',
);

// WallRow
export const bikesHooksHooksPart = message('{bikes} of {hooks} hooks{part}');
export const shown = message(' shown');

// WallSite
export const noRacksHereYet = message('No racks here yet.');
export const addOne = message('Add one, or');
export const bringInList2 = message('bring in a list');
export const namesThem = message('that names them.');

// WallTools
export const rackWall = message('Rack wall');
export const findTagWordsLike = message('Find: a tag, or words like held 24in boathouse');
export const tagHeld24in = message('Tag, or held 24in …');
export const noBikeUnknown = message('No bike is “{unknown}”.');
export const partEnterTakesFirst = message('{part} · Enter takes the first, Esc shows all');
export const n1Bike = message('1 bike');
export const shownBikes = message('{shown} bikes');
export const done = message('Done');
export const selectBikes = message('Select');
export const doneArranging = message('Done arranging');

// WallView
export const walkAlongHooks = message('Walk along the hooks');
export const nextBikeDue = message('The next bike that is due');
export const selectBikeInHand = message('Select the bike in hand; Esc ends selecting');
export const clipboard = message('Clipboard');

// use-selection
export const chooseRack = message('Choose a rack');
export const nameFreeHook = message('{name} · {freeOf, plural, one {# free hook} other {# free hooks}}');
export const bikePart = message('{done, plural, one {# bike} other {# bikes}} {part}.');
export const handedOut = message('handed out');
export const takenBack = message('taken back');
export const bikeNowOnName = message('{bikes, plural, one {# bike} other {# bikes}} now on {name}.');

// use-wall
export const begun = message('begun');

// wall-key
export const theWall = message('the wall');

// wall-lines
export const whereTheyHang = message('Where they hang');
export const byFitness = message('By fitness');
export const byKind = message('By kind');
export const bySize = message('By size');
export const onNoHook2 = message('On no hook');
export const noSize = message('No size');
