import { message } from '@cadre/web/platform/i18n';

// CloseRound
export const notNeededToday = message('Not needed today');
export const noTimeLeft = message('No time left');
export const onBench = message('On the bench');
export const outWithGroup = message('Out with a group');
export const bikeNotDone = message('{left, plural, one {# bike} other {# bikes}} not done');
export const allDone = message('All done');
export const theseBikesStayDue = message('These bikes stay due. Enter a reason for the record.');
export const reasonForAllBikes = message('Reason for all bikes without their own');
export const reasonForTag = message('Reason for {tag}');
export const reason = message('Reason');
export const enterReasonForUnsaid = message('Enter a reason for: {unsaid}.');
export const keepRoundOpen = message('Keep round open');
export const closeRound = message('Close round');

// FinishScale
export const likelyFinishTimeDeadline = message('Likely finish {time}, deadline {time2}');
export const now = message('now');

// RoundBar
export const startedYou = message('started by you');
export const neededShortWhen = message('needed {shortWhen}');
export const change = message('Change');
export const close = message('Close');
export const batchCheck = message('Batch check');
export const othersWorkingOnAll = message('Others are working on all open bikes');
export const nextForMe = message('Next for me:');

// RoundBoard
export const checkNextBike = message('Check next bike');
export const batchCheckBikesLeft = message('Batch check of the bikes left');
export const inProgress = message('In progress');
export const doMostNeededFirst = message('To do, most needed first');
export const done = message('Done');

// RoundCounts
export const of = message('of');
export const left = message('Left');
export const findings = message('Findings');

// RoundForm
export const rideOutCheckFor = message('Ride-out check for its kind');
export const once = message('Once');
export const repeatsDaily = message('Repeats daily');
export const saveChanges = message('Save changes');
export const saveRule = message('Save rule');
export const saveDailyRound = message('Save daily round');
export const makeRoundBike = message('Make round of {bikes, plural, one {# bike} other {# bikes}}');
export const name = message('Name');
export const checklist = message('Checklist');
export const deadlineDay = message('Deadline: day');
export const deadlineTime = message('Deadline: time');
export const by = message('by');
export const dailyRounds = message('Daily rounds');
export const notSavedYetValues = message('Not saved yet: {values}');
export const cancel = message('Cancel');

// RoundHead
export const whenSpan = message('by {when}, {span}');
export const closedNameOfWhen = message('closed by {nameOf} {when}');
export const offlineChangesOtherPeople = message('Offline: changes by other people are not shown.');

// RoundLine
export const byShortWhen = message('by {shortWhen}');
export const ofOf = message('of {of}');
export const findingCount = message('{found, plural, one {# finding} other {# findings}}');
export const likelyFinishFinish = message('Likely finish {finish},');
export const justInTime = message('just in time');
export const nextTag = message('Next: {tag}');
export const noBikeFree = message('No bike free');
export const inName = message('in {name}');

// RoundPlate
export const ofOfDone = message('of {of} done');
export const finding = message('· {found, plural, one {# finding} other {# findings}}');
export const likelyFinishAbout = message('likely finish {about}');

// RoundProjection
export const likelyFinish = message('Likely finish');
export const n80RangeBetweenPerson = message(
  '80 % range: {between} · {hands, plural, one {# person} other {# people}}',
);

// RoundStrip
export const rounds = message('Rounds');
export const moreRoundCount = message('{more, plural, one {# more round} other {# more rounds}}');

// RoundTag
export const inYourHand = message('in your hand');
export const withWho = message('with {who}');
export const leftWhoSpan = message('left by {who} {span}');
export const signedIncomplete = message('signed, incomplete');
export const continueWord = message('Continue');
export const takeOver = message('Take over');
export const join = message('Join');
export const recheckWhat = message('recheck: {what}');

// RoundUndone
export const notDone = message('Not done');
export const notDoneWithReasons = message('Not done, with reasons');

// RoundView
export const roundNotFound = message('Round not found');
export const roundMayClosedIf = message(
  'The round may be closed. If you are offline, this device may not have loaded it yet.',
);
export const goRounds = message('Go to rounds');
export const loadingRound = message('Loading the round …');

// RoundsView
export const rideOut = message('Ride-out');
export const unusualRecords = message('Unusual records');
export const newRound = message('New round');
export const offlineChangesOtherPeopleNot = message(
  'Offline: changes by other people are not shown, and no round can be made or closed.',
);
export const loadingRounds = message('Loading the rounds …');
export const openRounds = message('Open rounds');
export const noOpenRoundPart = message('No open round. {part}');
export const makeRoundForMorning = message(
  'Make a round for the morning, for the return, or for work over several weeks.',
);
export const leadMechanicInspectorMakes = message('A lead, mechanic or inspector makes rounds.');
export const checklistNameDoneByPart = message('{checklist} · {name} · by {doneBy}{part}');
export const paused = message(' · paused');
export const noDailyRoundsYet = message('No daily rounds yet. Choose “Repeats daily” when you make a round.');
export const recentlyClosed = message('Recently closed');

// round-board-key
export const roundsBoard = message('the round’s board');

// round-wording
export const saySay2 = message('{say} to {say2}');
export const inTime = message('in time');
export const inTimeIfNothing = message('in time if nothing delays the round');
export const lateMinLate = message('{late} min late');
export const lateHLate = message('{late} h late');
export const lateDaysLate = message('{late} days late');
export const aboutWords = message('about {words}');
export const minutesEachMinBike = message('{minutesEach} min a bike');
export const minutesFromEarlierCheck = message(
  '{minutes}, from {samples, plural, one {# earlier check} other {# earlier checks}} and the checklist',
);
export const minutesEstimatedFromChecklist = message('{minutes}, estimated from the checklist');

// use-round-form
export const morningRound = message('Morning round');
export const enterNameForRound = message('Enter a name for the round.');
export const enterTimeDeadline = message('Enter the time of the deadline.');
export const enterDayTimeDeadline = message('Enter the day and time of the deadline.');
export const siteClosedThatDay = message('{site} is closed that day. Choose a day it opens.');
export const timeInPast = message('This time is in the past.');
export const roundHasNoBikes = message('This round has no bikes. Widen the choice, or enter tags.');
export const roundCanHaveUp = message('A round can have up to 500 bikes. This one has {bikes}.');

// views
export const round = message('Round');

// help rounds
export const helpRoundsPurpose1 = message(
  'A round is a set of checks with a deadline. This screen shows the open rounds, the daily rounds and recently closed rounds.',
);
export const helpRoundsPurpose2 = message(
  'Open a round to see who works on which bike and whether the round will be in time.',
);
export const helpRoundsDailyRound = message('Daily round');
export const helpRoundsDailyRoundMeans = message('A rule that makes its round every day.');
export const helpRoundsLikelyFinish = message('Likely finish');
export const helpRoundsLikelyFinishMeans = message('A forecast with its 80 % range.');
export const howOften = message('How often');
export const site = message('Site');
export const you = message('you');
export const doneWord = message('done');
export const closedWasDue = message('closed; was due');
export const minutesTaken = message('{minutes} min');
export const nearest = message('nearest');
