import { message } from '@cadre/web/platform/i18n';

// BatchBar
export const sync = message('Sync');
export const sign = message('Sign');
export const n1CompleteBike = message('1 complete bike');
export const signableCompleteBikes = message('{signable} complete bikes');
export const doneRowsSigned = message('{done} of {rows} signed');
export const noBikeCompleteYet = message('No bike complete yet');
export const noAnswersYet = message('No answers yet');
export const useSuggestion = message('Use {suggestion}');
export const undo = message('Undo');
export const passAllBelowBike = message(
  'Pass this and all below · {fillable, plural, one {# bike} other {# bikes}}',
);
export const pasteColumnName = message('Paste {columnName}');
export const doneRows = message('{done} of {rows}');
export const signed = message('signed');

// BatchCard
export const notAsked = message('not asked');
export const problem = message('Problem');
export const change = message('Change');
export const pass = message('Pass');

// BatchCards
export const questionsInBatch = message('Questions in this batch');
export const allColumnsQuestions = message('All {columns} questions');
export const question = message('Question');
export const allQuestions = message('All questions');

// BatchCheck
export const batchCheck = message('Batch check');
export const bikeCount = message('{bikes, plural, one {# bike} other {# bikes}}');
export const enteredFromPaper = message('· entered from paper');
export const newBatch = message('New batch');
export const tryAgain = message('Try again');
export const loadingChecklists = message('Loading the checklists …');
export const checklistAsksTheseBikes = message('This checklist asks these bikes no question here.');
export const chooseAnotherBatch = message('Choose another batch');
export const batchTable = message('Batch table');
export const tagPass = message('{tag}: pass');

// BatchCheckView
export const loadingBikes = message('Loading the bikes …');

// BatchChoice
export const enterPaperSheet = message('Enter a paper sheet');
export const chooseBikesChecklistPrinted = message(
  'Choose the bikes and the checklist of the printed sheet. The answers are recorded as given on paper.',
);
export const answerOneQuestionOn = message(
  'Answer one question on many bikes. Answers count in the same check as at the stand.',
);
export const noBikeHereHas = message('No bike here has the tag {unknown}.');
export const questions = message('Questions');
export const checklist = message('Checklist');
export const wholeChecklistOneZone = message('The whole checklist, one zone or one checkpoint');
export const bikes = message('Bikes');
export const noBikeMatchesWiden = message('No bike matches. Widen the choice.');
export const printPaperSheet = message('Print a paper sheet');
export const enterAnswers = message('Enter answers');
export const checkBikes = message('Check {bikes}');

// BatchException
export const tagProblem = message('{tag}: problem');
export const anotherQuestionZone = message('Another question of this zone');
export const close = message('Close');

// BatchGrid
export const askedAsked2 = message('{asked} of {asked2}');
export const bike = message('Bike');

// BatchPaste
export const lineLineTextNot = message('Line {line}: “{text}” is not a bike of this batch.');
export const withoutTag = message('without a tag');
export const lineLineTextListed = message('Line {line}: {text} is listed twice. The first line counts.');
export const moreLinesThanBikes = message('More lines than bikes: {part} no bike.');
export const lineLinesHas = message('line {lines} has');
export const linesLinesHave = message('lines {lines} to {at} have');
export const fewerLinesThanBikes = message('Fewer lines than bikes: no value for {tags}.');
export const pasteColumn = message('Paste a column');
export const oneLineBikeFrom = message('One line a bike, from {from} downwards; or a tag and its value');
export const preview = message('Preview');
export const byPart = message('· by {part}');
export const tag = message('tag');
export const cancel = message('Cancel');
export const done = message('Done');
export const useValue = message('Use {ready, plural, one {# value} other {# values}}');
export const useValueFit = message('Use the {ready, plural, one {# value} other {# values}} that fit');

// BatchRow
export const leftLeft = message('{left} left');

// LooksHere
export const hideInstructions = message('Hide instructions');
export const instructions = message('Instructions');
export const critical = message('critical');

// PaperHead
export const printedDayPagePage = message('Printed {day} · page {page} of {of}');
export const dayCheckedFrom = message(
  'Day ____________ Checked by ______________________ from ______ to ______',
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
export const skippedNumberEmptyBox = message(
  'skipped, or the number. An empty box counts as skipped. Without an answer to every critical question (bold), a bike is not cleared. Keep a bike with an F apart until its answers are entered.',
);
export const codeOpensChecklistEnter = message('This code opens the checklist to enter the answers');

// PaperPage
export const faultPlace = message('Fault and place');
export const initials = message('Initials');

// PaperView
export const checklistNameOnPaper = message('{checklistName} on paper');
export const printPage = message('Print {pages, plural, one {# page} other {# pages}}');
export const addressWorksOnlyOn = message(
  'This address works only on this computer: the printed code will not open on another device.',
);
export const noBikesChosen = message('No bikes chosen.');
export const chooseBikesForBatch = message('Choose bikes for a batch check');
export const thenPrint = message(', then print.');
export const pageIndex = message('Page {index}');

// RowHead
export const signedSavedOnDevice = message('signed, saved on this device');
export const completeNotSigned = message('complete, not signed');
export const partWithOthers = message('{part}with {others}');

// batch-key
export const batchCheck2 = message('the batch check');

// batch-keys
export const moveBetweenBikesQuestions = message('Move between bikes and questions');
export const spaceP = message('Space or P');
export const passThenNextBike = message('Pass, then next bike');
export const passWholeRowWhere = message('Pass the whole row, where all its questions are in sight');
export const typeReadingEnterSaves = message('Type a reading. Enter saves and moves down, Tab moves right.');
export const failWatchFixedSkip = message('Fail, watch, fixed, skip');
export const passAllBelow = message('Pass this and all below');

// cell-words
export const noAnswerYet = message('no answer yet');
export const leftLeft2 = message(', {left} left');

// use-batch-checklists
export const youOfflineTheseChecklists = message(
  'You are offline, and these checklists are not saved on this device.',
);
export const cadreLoadsChecklistsAs = message('Cadre loads the checklists as soon as you are online.');
export const browserCouldNotLoad = message('This browser could not load or save the checklists.');
export const tryAgainIfFails = message('Try again. If that fails, reload the page or use another browser.');

// use-batch-choice
export const rideOutCheckFor = message('Ride-out check for its kind');
export const wholeChecklist = message('The whole checklist');
export const oilOnBrakes = message('Oil or spray near brakes …');
export const washBay = message('Wash bay');
export const washBayScope = message('Wash bay: what shows while you wash');
export const onlyZone = message('Only {zone}');

// use-batch-grid
export const questionsNotInSight = message(
  'Not all questions of this row were in sight. They are now: press again to pass the row.',
);
export const bikesNotInSight = message(
  '{bikes, plural, one {# bike was} other {# bikes were}} not in sight yet. Check them, then pass again.',
);
export const measuredValuePastIts = message(
  'A measured value is past its limit: correct it and measure again, or mark Fail.',
);
export const measuredValuePastItsLimit = message(
  'The measured value is past its limit. Correct the bike, measure again and enter the new value, or press F to choose the fault.',
);
export const criticalQuestionsHereAnswered = message(
  'Critical questions here are answered one by one. Choose this zone as the batch’s questions.',
);
export const answerEachZoneOn = message('Answer each zone on its own: then its questions are in sight.');
export const answerRestRowOne = message('Answer the rest of this row one by one.');
export const valueBelongsOneCheckpoint = message(
  'A value belongs to one checkpoint. Choose that checkpoint as the batch’s questions.',
);
export const tagNotAsked = message('{tag} is not asked this.');

// use-paste
export const batchHasNoColumn = message('this batch has no column for the value');
export const chooseFaultInBikes = message('choose the fault in the bike’s row');

// use-wide

// views
export const paperSheet = message('Paper sheet');

// help batch-check
export const helpBatchCheckPurpose1 = message(
  'Answer one question on many bikes, bike after bike. The answers belong to the same checks as at the stand.',
);
export const helpBatchCheckPurpose2 = message('Cadre passes only rows and questions that are on the screen.');
export const helpBatchCheckBatch = message('Batch');
export const helpBatchCheckBatchMeans = message('The bikes and questions you chose.');
export const helpBatchCheckPaperSheet = message('Paper sheet');
export const helpBatchCheckPaperSheetMeans = message('The same batch on paper, for a day without a tablet.');
export const site = message('Site');
export const order = message('order');
export const rideOut = message('Ride-out');
