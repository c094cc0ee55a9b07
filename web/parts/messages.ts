import { message } from '@cadre/web/platform/i18n';

// CountStock
export const delivered = message('Delivered');
export const howManyCame = message('How many came?');
export const counted = message('Counted');
export const howManyLieThere = message('How many lie there?');
export const givenBack = message('Given back');
export const howManyCameBack = message('How many came back?');
export const lostThrownAway = message('Lost or thrown away');
export const howManyGone = message('How many are gone?');
export const countName = message('Count {name}');
export const why = message('Why');
export const thenOnHand = message('then on hand');
export const keepCount = message('Keep the count');
export const leaveIt = message('Leave it');
export const wholeNumber09999 = message('A whole number, 0 to 9999.');

// FitPart
export const theBike = message('The bike');
export const front = message('Front');
export const rear = message('Rear');
export const partHasNoName = message('The part has no name.');
export const sayWhatAsOn = message('Say what it is, as on its label.');
export const renewName = message('Renew {name}');
export const fitPart = message('Fit a part');
export const part = message('Part');
export const where = message('Where');
export const nameAsOnIts = message('Name, as on its label');
export const itsLastCheckNo = message(
  'Its last check no longer counts once a part is changed: look the bike over before it goes out.',
);
export const renewIt = message('Renew it');
export const fitIt = message('Fit it');

// MoneyChoice
export const money = message('Money');
export const countedIn = message('Counted in');
export const hourBench = message('An hour at the bench');
export const nothingMinutesCostNothing = message('nothing: minutes cost nothing');
export const amountMoneyAs36 = message('An amount of money, as 36.00.');

// MovePart
export const thereNoOtherBike = message('There is no other bike {toUpperCase}.');
export const noBikeNamed = message('No bike is named.');
export const typeTagBikeGoes = message('Type the tag of the bike it goes onto.');
export const moveName = message('Move {name}');
export const toTheBike = message('To the bike');
export const itsTag = message('Its tag');
export const takesIt = message('Takes it:');
export const whatSitsThereComes = message('What sits there comes onto this bike in its place');
export const bikeLeftWithoutRecorded = message(
  'This bike is left without it: that is recorded as left apart and holds the bike until it is whole again.',
);
export const lastCheckBothBikes = message('The last check of both bikes no longer counts.');
export const moveIt = message('Move it');

// OrderSheet
export const toOrder = message('To order');
export const nothingEveryPartThere = message(
  'Nothing. Every part is there in its least number, and no repair waits for one.',
);
export const inDayShow = message('in {leadDays, plural, one {# day} other {# days}} · {show}');
export const forReason = message('for {reason}');
export const csv = message('CSV');
export const pdf = message('PDF');

// PartsPanel
export const parts = message('Parts');
export const sinceWhen = message('since {when}');
export const renew = message('Renew');
export const move = message('Move');
export const takeOff = message('Take off');
export const noPartRecordedApart = message('No part is recorded apart from the fit list.');
export const pastTakenOff = message('{past} taken off');

// SpeaksAgainst
export const bikesBuildSpeaksAgainst = message('This bike’s build speaks against it:');
export const goesOnAllSame = message('It goes on all the same, because');
export const standsInRecordWith = message(
  'It stands in the record with your name. In doubt ask a qualified mechanic.',
);

// StockGauge
export const onhandOnHandLeast = message('{onHand} on hand, at least {least} wanted');

// StockItemForm
export const amountMoneyAs14 = message('An amount of money, as 14.50.');
export const wholeDays0730 = message('Whole days, 0 to 730.');
export const sayWhoOrderedFrom = message('Say who it is ordered from.');
export const changeName = message('Change {name}');
export const partKeep = message('A part to keep');
export const orderedFrom = message('Ordered from');
export const priceOne = message('Price of one');
export const leastOnHand = message('Least on hand');
export const daysCome = message('Days to come');
export const forTheseModelsOnly = message('For these models only');
export const noneChosenAnyBike = message('None chosen: any bike whose build takes it.');
export const keepIt = message('Keep it');

// StockRow
export const wheelsizeIn = message('{wheelSize} in');
export const sprocket = message('{sprockets, plural, one {# sprocket} other {# sprockets}}');
export const onHand = message('on hand');
export const showSupplierDay = message('{show} · {supplier}, {leadDays, plural, one {# day} other {# days}}');
export const waitedForWaiting = message('Waited for: {waiting}');
export const shortLeastLeast = message('short: least {least}');
export const leastLeast = message('least {least}');
export const count = message('Count');
export const edit = message('Edit');

// StockView
export const search = message('Search');
export const keepAnotherPart = message('Keep another part');
export const noPartFitsSearch = message('No part fits this search.');
export const noPartKeptYet = message('No part is kept yet. Keep one, then count in how many lie there.');
export const fetchingShelf = message('Fetching the shelf …');

// fact-fields
export const notKnown = message('Not known');
export const wheelSizeInches = message('Wheel size, inches');
export const sprockets = message('Sprockets');
export const madeForBrake = message('Made for brake');
export const axle = message('Axle');

// order-csv
export const supplier = message('Supplier');
export const each = message('Each');
export const together = message('Together');
export const leadDays = message('Lead days');
export const forBikes = message('For bikes');
export const forShelf = message('For the shelf');
