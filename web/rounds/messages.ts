import { message } from '@cadre/web/platform/i18n';

// CloseRound
export const notWantedToday = message('Not wanted today');
export const ranOutTime = message('Ran out of time');
export const onBench = message('On the bench');
export const outWithGroup = message('Out with a group');
export const bikeNotDone = message('{left, plural, one {# bike} other {# bikes}} not done');
export const allDone = message('All done');
export const theyStayDueSay = message('They stay due. Say why, for whoever reads this later.');
export const whyForAllSay = message('Why, for all that say nothing else');
export const whyTagWasNot = message('Why {tag} was not done');
export const why = message('Why?');
export const sayWhyUnsaid = message('Say why: {unsaid}.');
export const leaveOpen = message('Leave it open');
export const closeRound = message('Close the round');

// FinishScale
export const doneAboutTimeDeadline = message('Done about {time}, deadline {time2}');
export const now = message('now');

// RoundBar
export const begunYou = message('begun by you');
export const neededShortwhen = message('needed {shortWhen}');
export const change = message('Change');
export const close = message('Close');
export const line = message('Line');
export const allOthersInHand = message('All others are in hand');
export const nextForMe = message('Next for me:');

// RoundBoard
export const nextBikeForMe = message('The next bike for me');
export const batchCheckWhatLeft = message('Batch check of what is left');
export const inHand = message('In hand');
export const doWhatNeededFirst = message('To do, what is needed first');
export const done = message('Done');

// RoundCounts
export const of = message('of');
export const left = message('Left');
export const found = message('Found');

// RoundForm
export const rideOutItsKind = message('Ride-out of its kind');
export const once = message('Once');
export const everyDayItself = message('Every day, by itself');
export const keepChanges = message('Keep the changes');
export const keepRule = message('Keep the rule');
export const makeEveryDay = message('Make it every day');
export const makeRoundBike = message('Make the round of {bikes, plural, one {# bike} other {# bikes}}');
export const name = message('Name');
export const checklist = message('Checklist');
export const doneOn = message('To be done on');
export const toBeDoneBy = message('To be done by');
export const by = message('by');
export const whichBikes = message('Which bikes');
export const tagsIn = message('Tags in it');
export const theseTags = message('And these tags');
export const addTakeOutWith = message('Add or take out; with spaces between.');
export const withSpacesBetweenThey = message('With spaces between. They are in it whatever the rest says.');
export const bike = message('{bikes, plural, one {# bike} other {# bikes}}');
export const asNow = message(' as of now');
export const byWhom = message('By whom');
export const nobodyChosenWhoeverThere = message('Nobody chosen: whoever is there. It keeps nobody out.');
export const madeItselfEveryDay = message('Made by itself every day');
export const notKeptYetValues = message('Not kept yet: {values}');
export const leaveIt = message('Leave it');

// RoundHead
export const whenSpan = message('by {when}, {span}');
export const closedNameofWhen = message('closed by {nameOf} {when}');
export const noSignalWhatOthers = message('No signal: what others did since is not shown.');

// RoundLine
export const byShortwhen = message('by {shortWhen}');
export const ofOf = message('of {of}');
export const foundFound = message('{found} found');
export const doneAboutFinish = message('Done about {finish},');
export const inTimeJust = message('in time, just');
export const nextTag = message('Next: {tag}');
export const noneFree = message('None free');
export const inName = message('in {name}');

// RoundPlate
export const ofOfDone = message('of {of} done');
export const foundFound2 = message('· {found} found');
export const doneAboutAbout = message('done about {about}');

// RoundProjection
export const doneAbout = message('Done about');
export const n8In10Between = message(
  '8 in 10: {between} · {hands, plural, one {# pair of hands} other {# pairs of hands}}',
);

// RoundStrip
export const rounds = message('Rounds');
export const moreMoreRounds = message('{more} more rounds');

// RoundTag
export const inYourHand = message('in your hand');
export const withWho = message('with {who}');
export const leftWhoSpan = message('left by {who} {span}');
export const signedIncomplete = message('signed incomplete');
export const goOn = message('Go on');
export const takeOver = message('Take over');
export const join = message('Join');
export const lookAgainWhat = message('look again: {what}');
export const found2 = message('{found, plural, one {# found} other {# found}}');

// RoundUndone
export const notDone = message('Not done');
export const notDoneWhy = message('Not done, and why');

// RoundView
export const noSuchRoundHere = message('No such round here');
export const mayLongClosedBrowser = message(
  'It may be long closed, or this browser has never seen it and there is no signal.',
);
export const toTheRounds = message('To the rounds');
export const gettingRound = message('Getting the round …');

// RoundsView
export const rideOut = message('Ride-out');
export const batchCheck = message('Batch check');
export const unusualRecords = message('Unusual records');
export const newRound = message('New round');
export const noSignalWhatOthersDid = message(
  'No signal: what others did since is not shown, and no round can be made or closed.',
);
export const gettingRounds = message('Getting the rounds …');
export const onNow = message('On now');
export const nonePart = message('None. {part}');
export const makeOneForMorning = message('Make one for the morning, the return, or a campaign over weeks.');
export const leadMechanicInspectorMakes = message('A lead, mechanic or inspector makes one.');
export const checklistNameDonebyPart = message('{checklist} · {name} · by {doneBy}{part}');
export const notMadePresent = message(' · not made at present');
export const noneYetChooseEvery = message('None yet: choose “Every day, by itself” in a new round.');
export const closedLately = message('Closed lately');

// round-board-key
export const boardRound = message('the board of a round');

// round-wording
export const saySay2 = message('{say} to {say2}');
export const inTime = message('in time');
export const inTimeIfNothing = message('in time, if nothing comes between');
export const lateMinLate = message('{late} min late');
export const lateHLate = message('{late} h late');
export const lateDaysLate = message('{late} days late');
export const aboutWords = message('about {words}');
export const minuteseachMinBike = message('{minutesEach} min a bike');
export const minutesFromCheckHouse = message(
  '{minutes}, from {samples, plural, one {# check} other {# checks}} of this house and the checklist',
);
export const minutesFromChecklistAlone = message('{minutes}, from the checklist alone');

// use-round-form
export const morningRound = message('Morning round');
export const noBikeTaggedUnknown = message('No bike is tagged {unknown}.');
export const notSiteElsewhere = message('Not of this site: {elsewhere}.');
export const namedTwiceTwiceTake = message('Named twice: {twice}. Take the second one out.');
export const inAlreadyRuleAlready = message('In it already by the rule: {already}.');
export const roundNeedsName = message('A round needs a name.');
export const sayWhatTimeDone = message('Say by what time it is to be done.');
export const sayDayTime = message('Say the day and the time.');
export const momentPast = message('That moment is past.');
export const emptyRoundHasNothing = message(
  'An empty round has nothing to do. Choose less narrowly, or name tags.',
);
export const roundHolds500Bikes = message('A round holds 500 bikes; these are {bikes}.');

// views
export const round = message('Round');
