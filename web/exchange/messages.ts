import { message } from '@cadre/web/platform/i18n';

// ChooseList
export const pastedRows = message('pasted rows.csv');
export const orPasteRows = message('Or paste rows from a spreadsheet, with their headings');
export const pasteExample = message('Tag, Model, Kind, Size');
export const readPastedRows = message('Read pasted rows');
export const readingFileName = message('Reading {fileName} …');
export const chooseListBikesDrop = message('Choose a list of bikes, or drop the file here');
export const csvFileWorkbookXlsx = message(
  'A CSV file or workbook (.xlsx) from a spreadsheet, with headings in any order and wording, or a fleet file (.json) exported from Cadre. You see everything before it is imported.',
);

// ExchangeView
export const importExport = message('Import and export');
export const importList = message('Import a list');

// ExportLists
export const exportList = message('Export the list');
export const bikeWithBuildPlace = message(
  '{bikes, plural, one {# bike} other {# bikes}} with build and place. The fleet file also has models with fit lists, sites and racks. Its format is described at /api/fleet-document.schema.json.',
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
export const suggested = message('suggested');
export const meaningHeading = message('Meaning of {heading}');
export const columnIndex = message('column {index}');
export const questionsAboutWholeFile = message('Questions about the whole file');
export const siteAllTheseBikes = message('Site of all these bikes');
export const noColumnTagChoose = message('No column is the tag. Choose the tag column.');
export const wordHasNoMeaning = message(
  '{open, plural, one {# word has} other {# words have}} no meaning yet. Rows with such a word are listed as wrong.',
);
export const previewImport = message('Preview import');
export const otherFile = message('Other file');

// ImportDone
export const rowWasNotImported = message(
  '{out, plural, one {# row was} other {# rows were}} not imported. Correct the rows in the file below and import that file.',
);
export const rowLineWhy = message('Row {line}: {why}');
export const goRackWall = message('Go to the rack wall');
export const completeFitLists = message('Complete the fit lists');
export const downloadRowsNotImported = message('Download the rows not imported');
export const importAnotherList = message('Import another list');

// ImportPreview
export const emptyCell = message('empty');
export const unchanged = message('unchanged');
export const notBikesBlankLines = message('not bikes (blank lines, totals)');
export const didYouMeanSlip = message(' (did you mean {slip}?)');
export const siteSite = message('site {site}');
export const rackHooksHooksBeforeHooks = message('{rack}: hooks {hooksBefore} → {hooks}');
export const rackRackWithHook = message(
  'rack {rack} with {hooks, plural, one {# hook} other {# hooks}}{like}',
);
export const rows = message('Rows');
export const changeBikesAlreadyIn = message('Change bikes that are already in the fleet');
export const addSitesRacksHooks = message('Add sites, racks and hooks named in the list');
export const newPlaces = message('New places:');
export const newModelCount = message('{models, plural, one {# new model} other {# new models}}');
export const builtFromWhatTheir = message('built from what their bikes have in common: {models}');
export const rowWrong = message('{wrong, plural, one {# row} other {# rows}} wrong');
export const downloadWrongRowsWith = message('Download wrong rows with reasons');
export const wrongRows = message('Wrong rows');
export const rowLine = message('row {line}');
export const noTag = message('no tag');
export const firstWrongShownDownload = message('The first {wrong} are shown. The download has all.');
export const bikeChanged = message('{change, plural, one {# bike} other {# bikes}} changed');
export const changedBikes = message('Changed bikes');
export const newBikesForExample = message('New bikes, for example:');
export const importBike = message('Import {ready, plural, one {# bike} other {# bikes}}');
export const nothingImport = message('Nothing to import');
export const backColumns = message('Back to columns');

// ImportQuestions
export const notKnown = message('Not known');
export const ignoreCell = message('Ignore this cell');
export const datesLike0304 = message('Dates like 03/04/2025');
export const fileHasDatesWith = message(
  'The file has dates with the day first and with the month first. Choose one order. The other dates are listed as wrong.',
);
export const dayFirst3April = message('Day first: 3 April');
export const monthFirst4March = message('Month first: 4 March');
export const meaningTheseWords = message('Meaning of these words');
export const likelyMeaningsSuggestedCheck = message('Likely meanings are suggested. Check each one.');
export const columnRow = message('{column} · {times, plural, one {# row} other {# rows}}');
export const textMeans = message('{text} means');

// ImportRunning
export const doneOfOf = message('{done} of {of}');
export const addingSitesRacks = message('Adding sites and racks');
export const bikesImported = message('Bikes imported');
export const youCanUseOther = message('You can use other pages of Cadre meanwhile. Keep this tab open.');

// ImportSteps
export const file = message('File');
export const columns = message('Columns');
export const preview = message('Preview');
export const done = message('Done');
export const steps = message('Steps');

// desk-worker
export const fleet = message('Fleet');

// desk
export const tag = message('Tag');
export const reason = message('Reason');

// read-file
export const utf8WithMark = message('UTF-8 with a mark');
export const writtenWithBetween = message('{written}, {between} between');
export const commas = message('commas');
export const semicolons = message('semicolons');
export const tabs = message('tabs');
export const bars = message('bars');
export const firstSheetWorkbook = message('the first sheet of a workbook');

// use-import

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
export const secondRearBrake = message('Second rear brake');
export const frontTyre = message('Front tyre');
export const rearTyre = message('Rear tyre');
export const fitListFitItem = message('Fit list: {fitItem}');
export const fileHasDetailMb = message('The file has {detail} MB. The maximum is {mostBytes} MB.');
export const exportOnlyListWithout = message('Export only the list, without pictures. Nothing was imported.');
export const fileHasOnlyEmpty = message('The file has only empty cells.');
export const saveListAgainIn = message('Save the list again in the spreadsheet. Nothing was imported.');
export const fileNotTable = message('This file is not a table.');
export const saveListAsCsv = message(
  'Save the list as CSV or as a workbook (.xlsx) and try again. Nothing was imported.',
);
export const listHasNoLine = message('The list has no line with headings{part}.');
export const startsWithDetail = message(' (it starts with: {detail})');
export const putHeadingsSuchAs = message(
  'Put headings such as Tag, Model, Size above the list. Nothing was imported.',
);
export const tableHasDetailColumns = message('The table has {detail} columns.');
export const importOnlyListBikes = message('Import only the list of bikes. Nothing was imported.');
export const tableHasDetailRows = message('The table has {detail} rows. The maximum is 20,000.');
export const importListInParts = message('Import the list in parts. Nothing was imported.');
export const workbookCannotOpenedDetail = message('The workbook cannot be opened ({detail}).');
export const saveFileAgainAs = message('Save the file again, or as CSV. Nothing was imported.');
export const readingFileWasStopped = message('Reading the file was stopped after {detail} seconds.');
export const saveOnlyListAs = message('Save only the list, as CSV, and try again. Nothing was imported.');
export const notFleetFileCadre = message('This is not a fleet file of Cadre ({detail}).');
export const useFileExportedFrom = message(
  'Use a file exported from Cadre, or one that follows /api/fleet-document.schema.json. Nothing was imported.',
);
export const hasNoTagEnter = message('has no tag. Enter a tag.');
export const tagValueMayHave = message('tag {value} may have only letters, digits and dashes{part}');
export const forExampleCorrection = message(': for example {correction}');
export const tagValueAlreadyIn = message('tag {value} is already in row {correction}. Change one of them.');
export const valueAlreadyInFleet = message(
  '{value} is already in the fleet. Tick “Change bikes that are already in the fleet”, or use another tag.',
);
export const hasNoKindBike = message('has no kind of bike. Fill in the kind, or a known model.');
export const hasNoModelEnter = message('has no model. Enter one.');
export const valueNotUnderstoodPart = message('{value} is not understood{part}');
export const didYouMeanCorrection = message(': did you mean {correction}?');
export const chooseItsMeaningAbove = message(': choose its meaning above');
export const valueMayMeanCorrection = message('{value} may mean {correction}: confirm above');
export const dateValueNotUnderstood = message(
  'date {value} is not understood. Write for example {correction}.',
);
export const valueNotNumberWrite = message('{value} is not a number. Write for example {correction}.');
export const valueOutsidePossibleRange = message('{value} is outside the possible range. Check the unit.');
export const valueTooLongShorten = message('{value}… is too long. Shorten it.');
export const siteValueNotKnown = message('site {value} is not known{part}');
export const tickAddSitesRacks = message(': tick “Add sites, racks and hooks named in the list”');
export const hasNoSiteChoose = message('has no site. Choose one above.');
export const rackValueNotKnown = message('rack {value} is not known{part}');
export const hookValueDoesNot = message('hook {value} does not exist: {correction}');
export const correctionOnHookValue = message(
  '{correction} is on hook {value} and not in this list. Choose another hook.',
);
export const rowCorrectionAlsoUses = message('row {correction} also uses hook {value}. Choose another hook.');
export const valueHasNoFree = message('{value} has no free hook. Choose another rack, or allow new hooks.');
export const anotherPersonHasChanged = message('another person has changed this bike. Import the row again.');
export const bikeAdded = message('{added, plural, one {# bike} other {# bikes}} added');
export const bikeChanged2 = message('{changed, plural, one {# bike} other {# bikes}} changed');

// help exchange
export const helpExchangePurpose1 = message(
  'Import bikes from a spreadsheet or a fleet file, or export them. You see everything before it is imported.',
);
export const helpExchangeFleetFile = message('Fleet file');
export const helpExchangeFleetFileMeans = message('A file of Cadre with bikes, models, sites and racks.');
