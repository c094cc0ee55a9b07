import { message } from '@cadre/web/platform/i18n';

// ChooseList
export const readingFilename = message('Reading {fileName} …');
export const chooseListBikesDrop = message('Choose a list of bikes, or drop it here');
export const csvWorkbookXlsxAs = message(
  'A CSV or workbook (.xlsx) as it comes out of a spreadsheet, headings in any order and words, or a fleet file (.json) exported here. Nothing comes in before you have seen it.',
);

// ExchangeView
export const listsInOut = message('Lists in and out');
export const bringListIn = message('Bring a list in');

// ExportLists
export const takeListOut = message('Take the list out');
export const bikeWithTheirBuilds = message(
  '{bikes, plural, one {# bike} other {# bikes}} with their builds and places. The fleet file also holds models with their fit lists, sites and racks; its form is published at /api/fleet-document.schema.json.',
);
export const csv = message('CSV');
export const workbookXlsx = message('Workbook (.xlsx)');
export const fleetFileJson = message('Fleet file (.json)');

// ImportColumns
export const leaveOut = message('Leave out');
export const rowUnderHeadingWritten = message(
  '{rows, plural, one {# row} other {# rows}} under {headings, plural, one {# heading} other {# headings}} · {written}',
);
export const noHeading = message('(no heading)');
export const guess = message('guess');
export const whatHeadingMeans = message('What {heading} means');
export const columnIndex = message('column {index}');
export const askedOnceForFile = message('Asked once for the file');
export const allTheseBikes = message('All of these bikes are at');
export const noColumnTagChoose = message('No column is the tag: choose which one is.');
export const wordWithoutMeaningRows = message(
  '{open, plural, one {# word} other {# words}} without a meaning: rows with one are told as wrong.',
);
export const showWhatComesIn = message('Show what comes in');
export const anotherFile = message('Another file');

// ImportDone
export const rowDidNotCome = message(
  '{out, plural, one {# row} other {# rows}} did not come in. Correct them in the file below and bring that in.',
);
export const rowLineWhy = message('Row {line}: {why}');
export const rackWall = message('To the rack wall');
export const fillInFitLists = message('Fill in the fit lists');
export const downloadWhatDidNot = message('Download what did not come in');
export const anotherList = message('Another list');

// ImportPreview
export const asThey = message('as they are');
export const noBikesBlankTotals = message('no bikes (blank, totals)');
export const slipForSlip = message(' (a slip for {slip}?)');
export const siteSite = message('site {site}');
export const rackHooksHooksbeforeHooks = message('{rack}: hooks {hooksBefore} → {hooks}');
export const rackRackWithHook = message(
  'rack {rack} with {hooks, plural, one {# hook} other {# hooks}}{like}',
);
export const rows = message('Rows');
export const changeBikesInFleet = message('Change bikes that are in the fleet');
export const makeSitesRacksHooks = message('Make sites, racks and hooks the list names');
export const toBeMade = message('To be made:');
export const modelMade = message('{models, plural, one {# model} other {# models}} to be made');
export const fromWhatTheirBikes = message('from what their bikes share: {models}');
export const rowWrong = message('{wrong, plural, one {# row} other {# rows}} wrong');
export const downloadThemWithWhy = message('Download them with why');
export const wrongRows = message('Wrong rows');
export const rowLine = message('row {line}');
export const noTag = message('no tag');
export const firstWrongDownloadHas = message('The first {wrong}; the download has all.');
export const bikeChanged = message('{change, plural, one {# bike} other {# bikes}} changed');
export const changedBikes = message('Changed bikes');
export const newAmongOthers = message('New, among others:');
export const bringInBike = message('Bring in {ready, plural, one {# bike} other {# bikes}}');
export const nothingBringIn = message('Nothing to bring in');
export const backColumns = message('Back to the columns');

// ImportQuestions
export const notKnown = message('Not known');
export const leaveCellOut = message('Leave the cell out');
export const datesLike0304 = message('Dates like 03/04/2025');
export const fileWritesSomeWith = message(
  'The file writes some with the day first and some with the month first. Say which holds; the others are told as wrong.',
);
export const dayFirst3April = message('Day first: 3 April');
export const monthFirst4March = message('Month first: 4 March');
export const whatTheseWordsMean = message('What these words mean');
export const proposedWhereThereLikely = message('Proposed where there is a likely reading. Look at each.');
export const columnRow = message('{column} · {times, plural, one {# row} other {# rows}}');
export const textMeans = message('{text} means');

// ImportRunning
export const doneOfOf = message('{done} of {of}');
export const makingPlaces = message('Making places');
export const bikesBroughtIn = message('Bikes brought in');
export const youCanGoOn = message('You can go on elsewhere in Cadre; keep this tab open.');

// ImportSteps
export const theFile = message('The file');
export const whatItsColumnsMean = message('What its columns mean');
export const whatComesIn = message('What comes in');
export const done = message('Done');
export const steps = message('Steps');

// desk-worker
export const fleet = message('Fleet');

// desk
export const tag = message('Tag');
export const why = message('Why');

// read-file
export const utf8WithMark = message('UTF-8 with a mark');
export const writtenNamesBetween = message('{written}, {names} between');
export const firstSheetWorkbook = message('the first sheet of a workbook');

// use-import
export const importWords = message('import-words');

// wording
export const boughtOn = message('Bought on');
export const warrantyUntil = message('Warranty until');
export const serialNumber = message('Serial number');
export const rack = message('Rack');
export const hook = message('Hook');
export const wheelSizeBoth = message('Wheel size, both');
export const brakesBoth = message('Brakes, both');
export const axlesBoth = message('Axles, both');
export const tyresBoth = message('Tyres, both');
export const frontAxle = message('Front axle');
export const rearAxle = message('Rear axle');
export const frontWheelSize = message('Front wheel size');
export const rearWheelSize = message('Rear wheel size');
export const frontBrake = message('Front brake');
export const rearBrake = message('Rear brake');
export const frontTyre = message('Front tyre');
export const rearTyre = message('Rear tyre');
export const fitListFititem = message('Fit list: {fitItem}');
export const fileDetailMbMost = message('The file is {detail} MB; at most {mostBytes} MB.');
export const exportListAloneWithout = message('Export the list alone, without pictures. Nothing was kept.');
export const thereNothingInFile = message('There is nothing in this file but empty cells.');
export const saveListAgainFrom = message('Save the list again from the spreadsheet. Nothing was kept.');
export const noTable = message('This is no table.');
export const saveListAsCsv = message(
  'Save the list as CSV or as a workbook (.xlsx) and try again. Nothing was kept.',
);
export const noLineNamesIts = message('No line names its columns{part}.');
export const beginsWithDetail = message(' (it begins with: {detail})');
export const putHeadingsLikeTag = message(
  'Put headings like Tag, Model, Size over the list. Nothing was kept.',
);
export const tableHasDetailColumns = message('The table has {detail} columns.');
export const bringInListBikes = message('Bring in the list of bikes alone. Nothing was kept.');
export const tableHasDetailRows = message('The table has {detail} rows; at most 20,000 at once.');
export const bringInPartsNothing = message('Bring it in by parts. Nothing was kept.');
export const workbookCannotOpenedDetail = message('The workbook cannot be opened ({detail}).');
export const saveAgainAsCsv = message('Save it again, or as CSV. Nothing was kept.');
export const readingWasStoppedAfter = message('Reading it was stopped after {detail} seconds.');
export const saveListAloneAs = message('Save the list alone as CSV and try that. Nothing was kept.');
export const noFleetFileCadre = message('This is no fleet file of Cadre ({detail}).');
export const useFileExportedHere = message(
  'Use a file exported here, or one that follows /api/fleet-document.schema.json. Nothing was kept.',
);
export const hasNoTagGive = message('has no tag: give it one');
export const tagValueHasOther = message('tag {value} has other than letters, digits and dashes{part}');
export const correctionWouldDo = message(': {correction} would do');
export const tagValueInRow = message('tag {value} is in row {correction} already: give one of them another');
export const valueInFleetAlready = message(
  '{value} is in the fleet already: tick “Change bikes that are in the fleet”, or give it another tag',
);
export const doesNotSayWhat = message(
  'does not say what kind of bike it is: fill in its kind, or a model that is known',
);
export const hasNoModelName = message('has no model: name it');
export const valueNotUnderstoodPart = message('{value} is not understood{part}');
export const didMeanCorrection = message(': did it mean {correction}?');
export const sayAboveWhatMeans = message(': say above what it means');
export const valueMayMeanCorrection = message('{value} may mean {correction}: say so above');
export const dateValueNotRead = message('date {value} is not read: write it like {correction}');
export const valueNotReadAs = message('{value} is not read as a number: write it like {correction}');
export const valueOutRangeLook = message('{value} is out of range: look at its unit');
export const valueTooLongShorten = message('{value}… is too long: shorten it');
export const siteValueNotKnown = message('site {value} is not known{part}');
export const tickMakeSitesRacks = message(': tick “Make sites, racks and hooks”');
export const namesNoSiteChoose = message('names no site: choose one above');
export const rackValueNotKnown = message('rack {value} is not known{part}');
export const hookValueNotThere = message('hook {value} is not there: {correction}');
export const correctionHangsOnHook = message(
  '{correction} hangs on hook {value} and is not in this list: choose another hook',
);
export const hookValueGivenRow = message('hook {value} is given to row {correction} too: choose another');
export const valueHasNoFree = message(
  '{value} has no free hook: choose another rack, or let missing hooks be added',
);
export const somebodyChangedBikeMeanwhile = message(
  'somebody changed this bike meanwhile: bring it in again',
);
export const bikeCameIn = message('{added, plural, one {# bike} other {# bikes}} came in');
export const bikeChanged2 = message('{changed, plural, one {# bike} other {# bikes}} changed');
