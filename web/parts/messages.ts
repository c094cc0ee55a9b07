import { message } from '@cadre/web/platform/i18n';

// CountStock
export const delivered = message('Delivered');
export const numberDelivered = message('Number delivered');
export const counted = message('Counted');
export const numberInStock = message('Number in stock');
export const returned = message('Returned');
export const numberReturned = message('Number returned');
export const lostThrownAway = message('Lost or thrown away');
export const numberLost = message('Number lost');
export const countName = message('Count {name}');
export const reason = message('Reason');
export const inStockAfter = message('in stock after this');
export const saveCount = message('Save count');
export const cancel = message('Cancel');
export const enterWholeNumberFrom = message('Enter a whole number from 0 to 9999.');

// FitPart
export const frame = message('Frame');
export const front = message('Front');
export const rear = message('Rear');
export const enterNamePart = message('Enter the name of the part.');
export const enterNameAsPrinted = message('Enter the name as printed on its label.');
export const replaceName = message('Replace {name}');
export const fitPart = message('Fit a part');
export const part = message('Part');
export const position = message('Position');
export const nameAsOnIts = message('Name as on its label');
export const whenPartChangesLast = message(
  'When a part changes, the last check is no longer valid: check the bike before the next ride.',
);
export const replacePart = message('Replace part');
export const fitPart2 = message('Fit part');

// MoneyChoice
export const money = message('Money');
export const currency = message('Currency');
export const hourlyRateBench = message('Hourly rate at the bench');
export const leaveEmptyIfWork = message('leave empty if work time costs nothing');
export const enterAmountSuchAs = message('Enter an amount such as 36.00.');

// MovePart
export const thereNoOtherBike = message('There is no other bike {tag}.');
export const enterBike = message('Enter a bike.');
export const typeTagBikeGets = message('Type the tag of the bike that gets the part.');
export const moveName = message('Move {name}');
export const toBike = message('To bike');
export const tag = message('Tag');
export const partFitsThere = message('This part fits there:');
export const partFittedThereComes = message('The part fitted there comes to this bike in exchange');
export const bikeThenLacksPart = message(
  'This bike then lacks the part. That is recorded as not reassembled and holds the bike until a part is fitted.',
);
export const lastChecksBothBikes = message('The last checks of both bikes are no longer valid.');
export const movePart = message('Move part');

// OrderSheet
export const stockCount = message('stock ×{count}');
export const reorderList = message('Reorder list');
export const nothingOrderEveryPart = message(
  'Nothing to order. Every part is at its minimum or above, and no repair waits for a part.',
);
export const inDayShow = message('in {leadDays, plural, one {# day} other {# days}} · {show}');
export const forReason = message('for {reason}');
export const csv = message('CSV');
export const pdf = message('PDF');

// PartsPanel
export const parts = message('Parts');
export const sinceWhen = message('since {when}');
export const replace = message('Replace');
export const move = message('Move');
export const remove = message('Remove');
export const noPartsRecordedBesides = message('No parts recorded besides the fit list.');
export const removedPartCount = message('{past, plural, one {# removed part} other {# removed parts}}');

// SpeaksAgainst
export const partDoesNotSuit = message('This part does not suit the bike’s build:');
export const reasonForFittingAnyway = message('Reason for fitting it anyway');
export const reasonStoredWithYour = message(
  'The reason is stored with your name. If in doubt, ask a qualified mechanic.',
);

// StockGauge
export const onHandInStockMinimum = message('{onHand} in stock, minimum {least}');

// StockItemForm
export const enterAmountSuchAs14 = message('Enter an amount such as 14.50.');
export const enterWholeDaysFrom = message('Enter whole days from 0 to 730.');
export const enterSupplier = message('Enter the supplier.');
export const changeName = message('Change {name}');
export const newPartInStock = message('New part in stock');
export const supplier = message('Supplier');
export const priceEach = message('Price each');
export const minimumInStock = message('Minimum in stock');
export const leadTimeInDays = message('Lead time in days');
export const forTheseModelsOnly = message('For these models only');
export const noModelChosenPart = message('No model chosen: the part is for any bike whose build suits it.');
export const savePart = message('Save part');

// StockRow
export const wheelSizeIn = message('{wheelSize} in');
export const sprocketCount = message('{sprockets, plural, one {# sprocket} other {# sprockets}}');
export const inStock = message('in stock');
export const showSupplierDayLead = message(
  '{show} · {supplier}, {leadDays, plural, one {# day} other {# days}} lead time',
);
export const repairsWaitingWaiting = message('Repairs waiting: {waiting}');
export const belowMinimumLeast = message('below minimum {least}');
export const minimumLeast = message('minimum {least}');
export const count = message('Count');
export const edit = message('Edit');

// StockView
export const search = message('Search');
export const addPart = message('Add part');
export const noPartMatchesSearch = message('No part matches this search.');
export const noPartsInStock = message('No parts in stock yet. Add a part, then count how many you have.');
export const loadingStock = message('Loading the stock …');

// fact-fields
export const notKnown = message('Not known');
export const wheelSizeInInches = message('Wheel size in inches');
export const sprockets = message('Sprockets');
export const forBrakeType = message('For brake type');
export const axle = message('Axle');

// order-csv
export const total = message('Total');
export const forBikes = message('For bikes');
export const forStock = message('For stock');

// help stock
export const helpStockPurpose1 = message(
  'Parts in stock, their minimum, price and supplier, and the reorder list. Repairs count the stock down.',
);
export const helpStockMinimum = message('Minimum');
export const helpStockMinimumMeans = message('Below this number the part appears on the reorder list.');
export const helpStockLeadTime = message('Lead time');
export const helpStockLeadTimeMeans = message('Days from order to delivery.');

// fact-fields
export const bearingPlace = message('Where it sits');
export const bearingSize = message('Size, as the bearing finder names it');
export const headsetUpper = message('Headset, upper');
export const headsetLower = message('Headset, lower');
export const frontHub = message('Front hub');
export const rearHub = message('Rear hub');
export const freehub = message('Freehub');
export const bracketPlace = message('Bottom bracket');
export const pivotsPlace = message('Suspension pivots');
export const moveWholeWheel = message('With its tyre, rotor and cassette');
export const setAgainOn = message('Set again on {tag}: {things}. The bike stays in until you confirm it.');
export const monthsOld = message('{months, plural, one {# month} other {# months}} old');
export const setAxle = message('axle');
export const setPressure = message('tyre pressure');
export const setCaliper = message('brake caliper and pads');
export const setRimPads = message('rim pads and brake release');
export const setBrakeArm = message('brake arm and strap');
export const setGears = message('gears');
export const setChainSlack = message('chain slack');
export const setBelt = message('belt tension');
export const setSealantDate = message('date of the sealant');
export const setAssistPlug = message('motor plug');
export const partsOffline = message('No connection. Parts are shown when there is one.');
