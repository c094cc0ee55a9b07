import { message } from '@cadre/web/platform/i18n';

// BatchBar
export const handIn = message('Hand in');
export const sign = message('Sign');
export const n1CompleteBike = message('1 complete bike');
export const signableCompleteBikes = message('{signable} complete bikes');
export const doneRowsSigned = message('{done} of {rows} signed');
export const noBikeCompleteYet = message('No bike is complete yet');
export const nothingMarkedYet = message('Nothing marked yet');
export const itIsSuggestion = message('It is {suggestion}');
export const undo = message('Undo');
export const passFromHereDown = message(
  'Pass from here down · {fillable, plural, one {# bike} other {# bikes}}',
);
export const pasteColumnname = message('Paste {columnName}');
export const doneRows = message('{done} of {rows}');
export const signed = message('signed');

// BatchCard
export const notAsked = message('not asked');
export const problem = message('Problem');
export const change = message('Change');
export const pass = message('Pass');

// BatchCards
export const questionsGoThrough = message('Questions to go through');
export const allColumnsLooks = message('All {columns} looks');
export const whatLooked = message('What is looked at');
export const allLooks = message('All looks');

// BatchCheck
export const line = message('Line');
export const inputTextarea = message('input, textarea');
export const downBike = message('down {bikes, plural, one {# bike} other {# bikes}}');
export const keyedInFromPaper = message('· keyed in from paper');
export const anotherBatch = message('Another batch');
export const tryAgain = message('Try again');
export const gettingChecklists = message('Getting the checklists …');
export const noneTheseBikesAsked = message('None of these bikes is asked this.');
export const chooseAnotherBatch = message('Choose another batch');
export const thePass = message('The pass');
export const tagPass = message('{tag}: pass');

// BatchCheckView
export const gettingBikes = message('Getting the bikes …');

// BatchChoice
export const keyInPaperSheet = message('Key in a paper sheet');
export const batchCheck = message('Batch check');
export const chooseBikesChecklistWere = message(
  'Choose the bikes and the checklist that were printed. What is keyed in is marked as given on paper.',
);
export const oneThingBikeAfter = message(
  'One thing, bike after bike. What is marked here goes into the same check as at the stand.',
);
export const noBikeHereTagged = message('No bike here is tagged {unknown}.');
export const withWhat = message('With what');
export const checklist = message('Checklist');
export const allOneZoneOne = message('All of it, one zone, or one checkpoint');
export const whichBikes = message('Which bikes');
export const bike = message('{bikes, plural, one {# bike} other {# bikes}}');
export const noneLikeChooseLess = message('None is like that. Choose less narrowly.');
export const printOnPaper = message('Print on paper');
export const keyIn = message('Key it in');
export const checkBikes = message('Check {bikes}');

// BatchException
export const tagProblem = message('{tag}: problem');
export const anotherLookZone = message('Another look of this zone');
export const close = message('Close');

// BatchGrid
export const askedAsked2 = message('{asked} of {asked2}');
export const bike2 = message('Bike');

// BatchPaste
export const lineLineNoBike = message('Line {line}: no bike of this batch is “{text}”.');
export const withoutTag = message('without a tag');
export const lineLineTextStands = message('Line {line}: {text} stands there twice; the first counts.');
export const moreLinesThanBikes = message('More lines than bikes: {part} no bike.');
export const lineLinesFinds = message('line {lines} finds');
export const linesLinesFind = message('lines {lines} to {at} find');
export const fewerLinesThanBikes = message('Fewer lines than bikes: {tags} get nothing.');
export const aColumn = message('a column');
export const oneLineBikeFrom = message('One line a bike, from {from} down; or a tag and its value');
export const whereGoes = message('Where it goes');
export const byPart = message('· by {part}');
export const tag = message('tag');
export const leaveIt = message('Leave it');
export const done = message('Done');
export const takeValue = message('Take {ready, plural, one {# value} other {# values}}');
export const takeValueFit = message('Take the {ready, plural, one {# value} other {# values}} that fit');

// BatchRow
export const leftLeft = message('{left} left');

// LooksHere
export const lookedInPass = message('Looked at in this pass');
export const hideHow = message('Hide how');
export const howLook = message('How to look');
export const critical = message('critical');

// PaperHead
export const printedDayPagePage = message('Printed {day} · page {page} of {of}');
export const dayNbspLookedOver = message(
  'Day ____________ &nbsp; Looked over by ______________________ &nbsp; from ______ to ______',
);
export const writeInEachBox = message('Write in each box:');
export const p = message('P');
export const pass2 = message('pass ·');
export const f = message('F');
export const fail = message('fail ·');
export const w = message('W');
export const watch = message('watch ·');
export const x = message('X');
export const fixedOnSpot = message('fixed on the spot ·');
export const s = message('S');
export const skippedNumberBoxLeft = message(
  'skipped, or the number. A box left empty is skipped: without every critical look (heavy print) a bike is not cleared. A bike with an F hangs apart until it is keyed in.',
);
export const codeOpensChecklistKey = message('Code that opens this checklist to key it in');

// PaperPage
export const whatWrongWhere = message('What is wrong, and where');
export const initials = message('Initials');

// PaperView
export const checklistnameOnPaper = message('{checklistName} on paper');
export const printPage = message('Print {pages, plural, one {# page} other {# pages}}');
export const addressOnlyWorksOn = message(
  'This address only works on this very machine; the code on the page leads nowhere else.',
);
export const noBikesChosen = message('No bikes chosen.');
export const chooseThemForBatch = message('Choose them for a batch check');
export const thenPrint = message(', then print.');
export const pageIndex = message('Page {index}');

// RowHead
export const signedKeptHere = message('signed, kept here');
export const completeNotSigned = message('complete, not signed');
export const partWithOthers = message('{part}with {others}');

// batch-key
export const batchCheck2 = message('the batch check');

// batch-keys
export const fromBikeBikeFrom = message('From bike to bike, from look to look');
export const spaceP = message('Space or P');
export const passOnNextBike = message('Pass, and on to the next bike');
export const passWholeRowWhere = message('Pass the whole row, where all its questions stand side by side');
export const typeReadingEnterTakes = message('Type a reading; Enter takes it, Tab goes to the right');
export const failWatchFixedSkip = message('Fail, watch, fixed, skip');
export const passFromHereDown2 = message('Pass from here down');

// cell-words
export const noMarkYet = message('no mark yet');
export const leftLeft2 = message(', {left} left');

// use-batch-checklists
export const noSignalTheseChecklists = message('No signal, and these checklists are not kept here.');
export const theyAskedForAgain = message('They are asked for again as soon as there is.');
export const browserCouldNotRead = message('This browser could not read or keep the checklists.');
export const tryAgainThenLoad = message('Try again; then load the page again, or take another browser.');

// use-batch-choice
export const rideOutItsKind = message('Ride-out of its kind');
export const allOfIt = message('All of it');
export const onlyZone = message('Only: {zone}');

// use-batch-grid
export const whatWasMeasuredLies = message(
  'What was measured lies past its limit: correct it and measure again, or mark it Fail.',
);
export const whatWasMeasuredLiesPast = message(
  'What was measured lies past its limit. Put it right, measure again and type that; or F names the fault.',
);
export const criticalsHereGivenOne = message(
  'The criticals here are given one by one: choose this zone as what this batch checks.',
);
export const zonesGivenOneOne = message('Zones are given one by one: each shows what is looked at there.');
export const restRowGivenOne = message('The rest of this row is given one by one.');
export const valueBelongsOneCheckpoint = message(
  'A value belongs to one checkpoint: choose it as what this batch checks.',
);
export const tagNotAsked = message('{tag} is not asked this.');

// use-paste
export const thereNoColumnHere = message('there is no column here for it');
export const nameProblemBikeTouch = message('name the problem at the bike: touch its row');

// use-wide
export const minWidth1000px = message('(min-width: 1000px)');

// views
export const paperSheet = message('Paper sheet');
