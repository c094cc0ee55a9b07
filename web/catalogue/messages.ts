import { message } from '@cadre/web/platform/i18n';

// AskedList
export const walkRoundKind = message('The walk round a {kind}');
export const critical = message('critical');
export const ruledoutRuledOutBuild = message('{ruledOut} ruled out by the build, never asked');
export const onlyWhereRule = message('only where {rule}');

// CatalogueNav
export const checklists = message('Checklists');
export const checkpoints = message('Checkpoints');
export const routes = message('Routes');
export const policy = message('Policy');
export const checklistsRules = message('Checklists and rules');

// CatalogueView
export const wheels = message('Wheels');
export const brakes = message('Brakes');
export const foundAll = message('{found} of {all}');
export const findCheckpoint = message('Find a checkpoint');
export const spokeWeepMinimumMark = message('spoke, weep, minimum mark …');
export const whatKindBikeAsked = message('What a kind of bike is asked');
export const checkpointsZone = message('Checkpoints by zone');
export const own = message('own');
export const noCheckpointSaysTry = message(
  'No checkpoint says that. Try another word, or all kinds of bike.',
);
export const allCheckpoints = message('All checkpoints');
export const thereNoSuchCheckpoint = message(
  'There is no such checkpoint. It may have been taken off every checklist.',
);
export const pickCheckpointHowLook = message(
  'Pick a checkpoint: how to look, when it passes, what may be wrong and what to do then.',
);
export const gettingCatalogue = message('Getting the catalogue …');

// ChecklistEditView
export const kindKindPublish = message('Kind by kind, and publish');
export const changingName = message('Changing {name}');
export const newChecklist = message('A new checklist');
export const keptInBrowserNot = message('Kept in this browser, not saved');
export const saved = message('Saved');
export const asCadreShips = message('As Cadre ships it');
export const saveDraft = message('Save the draft');
export const kindKind = message('Kind by kind');
export const thereNoChecklistNo = message('There is no checklist and no draft of that name.');
export const gettingChecklist = message('Getting the checklist …');

// ChecklistItemFields
export const leftUncriticalBikeMay = message(' Left uncritical, a bike may go out without it.');
export const minutesHere = message('Minutes here');
export const minimum = message('Minimum');
export const maximum = message('Maximum');
export const asPart1 = message('as a part of 1');
export const readingOutside = message('A reading outside is');
export const wordingRule = message('Wording and rule');

// ChecklistItemRow
export const wasCritical = message('was critical');

// ChecklistItems
export const checkpoint = message('{items, plural, one {# checkpoint} other {# checkpoints}}');
export const closeCatalogue = message('Close the catalogue');
export const addFromCatalogue = message('Add from the catalogue');
export const writeOwnOne = message('Write an own one');
export const chooseLeastOneCheckpoint = message('Choose at least one checkpoint.');
export const withinZoneStandAsks = message(
  'Within a zone the stand asks what wants the same side and phase together, in this order.',
);

// ChecklistSettings
export const nothingWorkNotRelease = message('Nothing: it is work, not a release to the trail');
export const bikeUntilEndDay = message('The bike, until the end of the day or its return');
export const bikeOnDayWith = message('The bike, on a day with a whole ride-out');
export const name = message('Name');
export const whatFor = message('What it is for');
export const route = message('Route');
export const whatWholeCheckOn = message('What a whole check on it clears');
export const meantFor = message('Meant for');
export const whatMayHaveHappened = message('What may have happened since the last one, besides outings');

// ChecklistVersions
export const versions = message('Versions');
export const versionVersion = message('Version {version}');
export const asShipped = message('As shipped');
export const whyCriticalWasDropped = message('Why a critical was dropped: {reason}');
export const checkOnBikeLast = message(
  '{checks, plural, one {# check} other {# checks}} on {bikes, plural, one {# bike} other {# bikes}}, last {when}',
);
export const notUsedYet = message('not used yet');
export const whatChanged = message('What changed');

// ChecklistView
export const purposeVersionVersionRoutename = message('{purpose} Version {version} · {routeName}.');
export const exportAsJson = message('Export as JSON');
export const changeIt = message('Change it');
export const versionVersionAsWas = message(
  'This is version {version}, as it was. Checks made on it read like this for ever.',
);
export const whatAsksKind = message('What it asks of a {kind}');
export const thereNoChecklistName = message('There is no checklist of that name.');

// ChecklistsView
export const bringInFile = message('Bring in a file');
export const writeChecklist = message('Write a checklist');
export const checklistBeingWrittenNot = message('A checklist is being written and not published:');
export const goOnWith = message('go on with it');
export const draft = message('draft');
export const asked = message('asked');
export const atMost = message('at most');
export const critical2 = message('{criticals, plural, one {# critical} other {# criticals}}');
export const versionVersion2 = message('version {version}');

// CheckpointDetail
export const positionOnly = message(', {position} only');
export const passWhen = message('Pass when:');
export const tools = message('Tools:');
export const whatMayWrong = message('What may be wrong');
export const whereLocalRulesAsk = message('· where local rules ask for it, as the policy says');
export const byBy = message('· by {by}');
export const qualifiedMechanicDecides = message('A qualified mechanic decides.');
export const lookNextAsknext = message('Look next at: {askNext}.');
export const asked2 = message('Asked');
export const onEveryBike = message('on every bike');
export const whereRule = message('where {rule}');
export const on = message('On');
export const noChecklist = message('no checklist');
export const critical3 = message('(critical)');

// CheckpointForm
export const minutesMoreThan0 = message('Minutes, more than 0 and up to 240');
export const leastOneFaultWhat = message('At least one fault: what may be wrong here?');
export const everyFaultNeedsName = message('Every fault needs a name and what to do next');
export const changeName = message('Change {name}');
export const ownCheckpoint = message('An own checkpoint');
export const whatLooked = message('What is looked at');
export const where = message('Where');
export const done = message('Done');
export const minutes = message('Minutes');
export const forOnePlacePractised = message('For one place, by a practised hand');
export const howLook = message('How to look');
export const oneTwoSentencesSomebody = message('One or two sentences somebody new can follow');
export const passWhen2 = message('Pass when');
export const anotherFault = message('Another fault');
export const cautions = message('Cautions');
export const oneLineWhereHand = message('One a line. Where a hand can be hurt, say so here.');
export const tools2 = message('Tools');
export const withCommasBetween = message('With commas between');
export const drawing = message('Drawing');
export const none = message('none');
export const ruleNotRightYet = message('The rule is not right yet.');
export const keepWording = message('Keep this wording');
export const putOnChecklist = message('Put it on the checklist');
export const leaveIt = message('Leave it');

// CheckpointPicker
export const theCatalogue = message('The catalogue');
export const find = message('Find');
export const zone = message('Zone');
export const everyZone = message('every zone');
export const noCheckpointSays = message('No checkpoint says that.');

// CoveragePanel
export const notMeantFor = message('· not meant for it');
export const askedAskedCriticalsCritical = message('{asked} asked · {criticals} critical');
export const ruledoutRuledOut = message('· {ruledOut} ruled out');
export const wouldMissMissedPart = message('Would miss: {missed}{part}.');
export const missedMore = message(' and {missed} more');
export const barAllAsksCritical = message(
  'Bar: all it asks, the critical part dark. Counted on each kind as it is usually built',
);
export const countsOnlyOnDay = message('; it counts only on a day with a whole ride-out');

// DifferenceList
export const nothingDifferent = message('Nothing is different.');
export const wasCritical2 = message('(was critical)');
export const checklistChecklist = message('The checklist: {checklist}');

// FaultFields
export const faultNumberName = message('Fault {number}: name');
export const looseCrackedMissing = message('Loose, cracked, missing …');
export const faultNumberLeast = message('Fault {number}: at least');
export const faultNumberWhatDo = message('Fault {number}: what to do next');
export const whatDoNext = message('What to do next');
export const qualifiedMechanicDecides2 = message('a qualified mechanic decides');

// ImportChecklist
export const nameNoJsonMessage = message('“{name}” is no JSON: {message}');
export const isMissing = message('is missing');
export const wordNotKnownHere = message('“{word}” is not known here');
export const notAsShould = message('is not as it should be');
export const bringInChecklist = message('Bring in a checklist');
export const checklistAsFileJson = message('A checklist as a file (JSON; its form is at');
export const thisAddress = message('this address');
export const close = message('Close');
export const notTakenInCorrect = message('Not taken in. Correct these in the file and choose it again:');
export const nearestNearest = message('; nearest: “{nearest}”');
export const issuesMore = message('and {issues} more');

// PolicyPractices
export const hereName = message('Here: {name}.');

// PublishPanel
export const publishIt = message('Publish it');
export const whatPublishingChanges = message('What publishing changes');
export const bikesCheckedTodayStay = message(
  'Bikes checked today stay as they are; the next check is asked the new version. Old checks read as they were.',
);
export const whatNewInFew = message('What is new, in a few words');
export const notCriticalAnyMore = message(
  'Not critical any more: {dropped}. A bike may then go out without it.',
);
export const whyNot = message('Why not');
export const publish = message('Publish');
export const throwDraftAway = message('Throw the draft away');

// RuleField
export const whichBikesAsked = message('Which bikes it is asked of');
export const putNearestThere = message('Put “{nearest}” there');
export const askedPart = message('Asked {part}.');
export const partYourBikeBikes2 = message(
  '{part}; of your {bikes, plural, one {# bike} other {# bikes}}: {bikes2}',
);
export const everyKindBike = message('Every kind of bike');
export const noKindAsUsually = message('No kind as usually built');
export const holdsForEveryBike = message('holds for every bike: it narrows nothing.');
export const canHoldForNo = message('can hold for no bike: this would never be asked.');
export const howWriteRule = message('How to write a rule');
export const fieldWordsWithCommas = message('A field, “is”, and words with commas between:');
export const numbers = message('. Numbers:');
export const whatCarriesHasOn = message('. What it carries or has on record:');
export const joinedBy = message('. Joined by');
export const andBrackets = message('and brackets.');
export const and = message('and');
export const meanEndAsked = message('mean the end it is asked at.');

// StartChecklist
export const otherChecks = message('Other checks');

// WarningList
export const worthSecondLook = message('Worth a second look');

// checklist-draft-key
export const checklistBeingWritten = message('a checklist being written');

// checklist-groups
export const everyDay = message('Every day');
export const oneStationDownRack = message('One station, down the rack');
export const seasonStore = message('Season and store');
export const inAway = message('In and away');
export const afterSomethingHappened = message('After something happened');
export const housesOwn = message('This house’s own');

// checklist-wording
export const childsBike = message('child’s bike');
export const hybrid = message('hybrid');
export const hardtail = message('hardtail');
export const fullSuspensionBike = message('full-suspension bike');
export const stepThroughEBike = message('step-through e-bike');
export const cargoBike = message('cargo bike');
export const trike = message('trike');
export const fromDriveSide = message('from the drive side');
export const fromOffSide = message('from the off side');
export const wear = message('wear');
export const age = message('age');
export const workshopWork = message('workshop work');
export const aCrash = message('a crash');
export const water = message('water');
export const mFrontFirst = message('M, front first');
export const mRearFirst = message('M, rear first');
export const frontBack = message('Front to back');
export const topDownLoop = message('Top-down loop');
export const bySystem = message('By system');
export const wheelUpFrontDown = message(
  'Wheel, up to the front, down to the cranks, up to the saddle, down to the other wheel: one stroke, nothing passed twice.',
);
export const sameStrokeBegunRear = message(
  'The same stroke begun at the rear: for racks where the rear wheel hangs out.',
);
export const whatLeadsBikeFirst = message(
  'What leads the bike first; whoever is interrupted knows where they were.',
);
export const cockpitAlongTopRear = message(
  'Cockpit, along the top to the rear, back along the bottom: the eye bends down once.',
);
export const allWheelsThenAll = message(
  'All wheels, then all brakes: like is compared with like, at the price of steps.',
);
export const stationTraineesGiveCriticals = message('By station; trainees give criticals one by one');
export const stationForEverybody = message('By station for everybody');
export const criticalsOneOneFor = message('Criticals one by one for everybody');
export const allOneOneFor = message('All one by one for everybody');
export const notCriticalAnyMore2 = message('not critical any more');
export const criticalNow = message('critical now');
export const askedOtherBikes = message('asked of other bikes');
export const faults = message('faults');
export const wording = message('wording');
export const limit = message('limit');
export const minutes2 = message('minutes');
export const positions = message('positions');
export const name2 = message('name');
export const purpose = message('purpose');
export const route2 = message('route');
export const whatClears = message('what it clears');
export const kindsBike = message('kinds of bike');
export const whatMayHaveHappenedSince = message('what may have happened since');
export const order = message('order');
export const noStopFaultCan = message('No stop fault can arise between two such looks.');
export const byBy2 = message('by {by}');
export const onAnyOuting = message('on any outing');
export const nameStopCanArise = message('“{name}” is a stop and can arise {how}.');
export const underMinute = message('under a minute');
export const minutesMin = message('{minutes} min');
export const nothingOnChecklistCritical = message(
  'Nothing on this checklist is critical: signed with nothing looked at, it would still be complete.',
);
export const nothingCriticalOnKindnames = message('Nothing is critical on a {kindNames}.');
export const asksNothingKindnames = message('It asks nothing of a {kindNames}.');
export const holdsForEveryBike2 = message('holds for every bike');
export const canHoldForNoBike = message('can hold for no bike');

// checkpoint-places
export const eachWheel = message('Each wheel');
export const eachBrake = message('Each brake');
export const zoneOnly = message('{zone} only');

// rule-words
export const brakeHere = message('the brake here');
export const brakefront = message('brakeFront');
export const wheelHereHeld = message('the wheel here is held by');
export const retentionfront = message('retentionFront');
export const tyreHere = message('the tyre here');
export const tyrefront = message('tyreFront');
export const wheelHere = message('the wheel here');
export const wheelsizefront = message('wheelSizeFront');
export const wordsOrAt = message('{words} or {at}');
export const carriesOrlist = message('it carries {orList}');
export const partOnRecordOrlist = message('a part on record is {orList}');
export const numberSprockets = message('the number of sprockets');
export const wheelHereInInches = message('the wheel here in inches');
export const whatLeast = message('{what} is {least}');
export const whatFromLeastMost = message('{what} is from {least} to {most}');
export const whatLeastMore = message('{what} is {least} or more');
export const whatMostLess = message('{what} is {most} or less');
export const onNoBike = message('on no bike');
export const hereCouldStandWanted = message('Here could stand: {wanted}.');
export const didYouMeanNearest = message('Did you mean “{nearest}”?');
export const thereNoRuleYet = message('There is no rule yet.');
export const writeAlwaysForEvery = message('Write “always” for every bike.');
export const wordNothingRuleCan = message('“{word}” is nothing a rule can ask about.');
export const beginWithFieldCarries = message('Begin with a field, “carries”, “fitted”, “not” or “always”.');
export const wordNoWordField = message('“{word}” is no word of this field.');
export const wordNoNumber = message('“{word}” is no number.');
export const numberMissingEnd = message('A number is missing at the end.');
export const writeDigitsLike11 = message('Write digits, like 11 or 27.5.');
export const wordLessThanNumber = message('“{word}” is less than the number before it.');
export const writeSmallerNumberFirst = message('Write the smaller number first.');
export const bracketNotClosed = message('A bracket is not closed.');
export const writeEnd = message('Write ) at the end.');
export const thereTooManyBrackets = message('There are too many brackets inside each other.');
export const splitIntoSeveralCheckpoints = message('Split it into several checkpoints.');
export const wordCannotStandHere = message('“{word}” cannot stand here.');
export const ruleBreaksOff = message('The rule breaks off.');

// views
export const newChecklist2 = message('New checklist');
export const checklist = message('Checklist');
export const changeChecklist = message('Change a checklist');
