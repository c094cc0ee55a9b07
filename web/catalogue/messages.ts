import { message } from '@cadre/web/platform/i18n';

// AskedList
export const routeRoundKind = message('Route round a {kind}');
export const critical = message('critical');
export const checkpointNeverAskedBecause = message(
  '{ruledOut, plural, one {# checkpoint is} other {# checkpoints are}} never asked, because this kind does not have the part',
);
export const onlyIfRule = message('only if {rule}');

// CatalogueNav
export const checklists = message('Checklists');
export const checkpoints = message('Checkpoints');

// CatalogueView
export const wheels = message('Wheels');
export const brakes = message('Brakes');
export const foundAll = message('{found} of {all}');
export const findCheckpoint = message('Find a checkpoint');
export const spokeWeepMinimumMark = message('spoke, weep, minimum mark …');
export const questionsForKindBike = message('Questions for a kind of bike');
export const checkpointsZone = message('Checkpoints by zone');
export const own = message('own');
export const noCheckpointMatchesTry = message(
  'No checkpoint matches. Try another word, or choose all kinds of bike.',
);
export const allCheckpoints = message('All checkpoints');
export const checkpointDoesNotExist = message(
  'This checkpoint does not exist. It may have been removed from every checklist.',
);
export const loadingCheckpoints = message('Loading the checkpoints …');

// ChecklistEditView
export const reviewPublish = message('Review and publish');
export const editName = message('Edit {name}');
export const newChecklist = message('New checklist');
export const draftOnDeviceOnly = message('Draft on this device only');
export const saved = message('Saved');
export const cadresDefault = message('Cadre’s default');
export const saveDraft = message('Save draft');
export const reviewKindBike = message('Review by kind of bike');
export const checklistDoesNotExist = message('This checklist does not exist.');
export const loadingChecklist = message('Loading the checklist …');

// ChecklistItemFields
export const ifNotCriticalBike = message(' If not critical, a bike may go out without an answer.');
export const minutes = message('Minutes');
export const minimum = message('Minimum');
export const maximum = message('Maximum');
export const asFractionForExample = message('as a fraction, for example 0.2');
export const readingOutsideTheseLimits = message('A reading outside these limits is');
export const editTextRule = message('Edit text and rule');

// ChecklistItemRow
export const removeCheckpointFromChecklist = message('Remove {checkpoint} from this checklist');
export const wasCritical = message('was critical');

// ChecklistItems
export const checkpointCount = message('{items, plural, one {# checkpoint} other {# checkpoints}}');
export const closeListCheckpoints = message('Close the list of checkpoints');
export const addCheckpoint = message('Add checkpoint');
export const writeNewCheckpoint = message('Write a new checkpoint');
export const addLeastOneCheckpoint = message('Add at least one checkpoint.');
export const withinZoneStandGroups = message(
  'Within a zone, the stand groups questions of the same side and phase, then follows this order.',
);

// ChecklistSettings
export const noBikeChecklistFor = message('No bike: this checklist is for workshop work');
export const bikeUntilEndDay = message('The bike, until the end of the day or its return');
export const bikeOnDayWith = message('The bike, on a day with a complete ride-out check');
export const name = message('Name');
export const purpose = message('Purpose');
export const route = message('Route');
export const completeCheckClears = message('A complete check clears');
export const forTheseKindsBike = message('For these kinds of bike');
export const possibleEventsSinceLast = message('Possible events since the last check, besides outings');

// ChecklistVersions
export const versions = message('Versions');
export const versionVersion = message('Version {version}');
export const defaultWord = message('Default');
export const reasonForRemovingCritical = message('Reason for removing a critical checkpoint: {reason}');
export const checkOnBikeLast = message(
  '{checks, plural, one {# check} other {# checks}} on {bikes, plural, one {# bike} other {# bikes}}, last {when}',
);
export const notUsedYet = message('not used yet');
export const changes = message('Changes');

// ChecklistView
export const purposeVersionVersionRouteName = message('{purpose} Version {version} · {routeName}.');
export const exportAsJson = message('Export as JSON');
export const editChecklist = message('Edit checklist');
export const earlierVersionVersionChecks = message(
  'This is the earlier version {version}. Checks made with this version always show it.',
);
export const questionsForKind = message('Questions for a {kind}');

// ChecklistsView
export const importFile = message('Import a file');
export const unpublishedDraftOpen = message('An unpublished draft is open:');
export const continueWith = message('continue with it');
export const draft = message('draft');
export const questions = message('questions');
export const upTo = message('up to');
export const versionVersion2 = message('version {version}');

// CheckpointDetail
export const positionOnly = message(', {position} only');
export const passIf = message('Pass if:');
export const tools = message('Tools:');
export const usualFaults = message('Usual faults');
export const onlyIfLocalRules = message('· only if local rules require it, as set in your policy');
export const byBy = message('· by {by}');
export const qualifiedMechanicDecides = message('A qualified mechanic decides.');
export const thenCheckAskNext = message('Then check: {askNext}.');
export const askedFor = message('Asked for');
export const onEveryBike = message('on every bike');
export const ifRule = message('if {rule}');
export const on = message('On');
export const noChecklist = message('no checklist');
export const critical2 = message('(critical)');

// CheckpointForm
export const enterMinutesMoreThan = message('Enter minutes, more than 0 and up to 240');
export const addLeastOneFault = message('Add at least one fault');
export const everyFaultNeedsName = message('Every fault needs a name and a next step');
export const changeName = message('Change {name}');
export const newCheckpoint = message('New checkpoint');
export const zone = message('Zone');
export const phase = message('Phase');
export const forOnePositionExperienced = message('for one position, by an experienced person');
export const howCheck = message('How to check');
export const oneTwoSentencesNew = message('One or two sentences that a new person can follow');
export const passIf2 = message('Pass if');
export const addFault = message('Add fault');
export const cautions = message('Cautions');
export const oneLineWarnHere = message('One a line. Warn here if a hand can be hurt.');
export const tools2 = message('Tools');
export const separateWithCommas = message('Separate with commas');
export const drawing = message('Drawing');
export const none = message('none');
export const ruleHasError = message('The rule has an error.');
export const saveText = message('Save text');
export const addChecklist = message('Add to checklist');
export const cancel = message('Cancel');

// CheckpointPicker
export const find = message('Find');
export const everyZone = message('every zone');
export const noCheckpointMatches = message('No checkpoint matches.');

// CoveragePanel
export const notForKind = message('· not for this kind');
export const questionCriticalsCritical = message(
  '{asked, plural, one {# question} other {# questions}} · {criticals} critical',
);
export const ruledOutNotAsked = message('· {ruledOut} not asked');
export const criticalQuestionsLeftOut = message('Critical questions left out: {missed}{part}.');
export const missedMore = message(' and {missed} more');
export const barAllQuestionsCritical = message(
  'Bar: all questions, the critical ones dark. Counted on the usual build of each kind',
);
export const validOnlyOnDay = message('; valid only on a day with a complete ride-out check');

// DifferenceList
export const noChanges = message('No changes.');
export const wasCritical2 = message('(was critical)');
export const checklistChecklist = message('Checklist: {checklist}');

// FaultFields
export const removeFaultNumber = message('Remove fault {number}');
export const faultNumberName = message('Fault {number}: name');
export const looseCrackedMissing = message('Loose, cracked, missing …');
export const faultNumberMinimumSeverity = message('Fault {number}: minimum severity');
export const faultNumberNextStep = message('Fault {number}: next step');
export const nextStep = message('Next step');
export const qualifiedMechanicDecides2 = message('a qualified mechanic decides');

// ImportChecklist
export const theFile = message('the file');
export const nameNotValidJson = message('“{name}” is not valid JSON: {message}');
export const isMissing = message('is missing');
export const wordNotKnownValue = message('“{word}” is not a known value');
export const notValid = message('is not valid');
export const importChecklist = message('Import a checklist');
export const chooseChecklistFileJson = message('Choose a checklist file (JSON; the format is described at');
export const thisAddress = message('this address');
export const close = message('Close');
export const notImportedCorrectThese = message(
  'Not imported. Correct these errors in the file and choose the file again:',
);
export const nearestNearest = message('; nearest: “{nearest}”');
export const issuesMore = message('and {issues} more');

// PolicyPractices
export const yourPolicyName = message('Your policy: {name}.');

// PublishPanel
export const publish = message('Publish');
export const effectPublishing = message('Effect of publishing');
export const bikesCheckedTodayStay = message(
  'Bikes checked today stay cleared. The next check uses the new version. Earlier checks are not changed.',
);
export const whatChangedInFew = message('What changed, in a few words');
export const noLongerCriticalDropped = message(
  'No longer critical: {dropped}. A bike may then go out without an answer to it.',
);
export const reason = message('Reason');
export const deleteDraft = message('Delete draft');

// RuleField
export const bikesAskAbout = message('Bikes to ask about');
export const useNearest = message('Use “{nearest}”');
export const askedPart = message('Asked {part}.');
export const checkpointUnfinished = message('A checkpoint is not on the checklist yet.');
export const goToForm = message('Show its form');
export const addOrCancelCheckpoint = message('Finish its form and add it, or cancel it. Then publish.');
export const partYourBikeBikes2 = message(
  '{part}; of your {bikes, plural, one {# bike} other {# bikes}}: {bikes2}',
);
export const everyKindBike = message('every kind of bike');
export const noKindWithIts = message('no kind with its usual build');
export const trueForEveryBike = message('is true for every bike, so it has no effect.');
export const trueForNoBike = message('is true for no bike, so the question is never asked.');
export const howWriteRule = message('How to write a rule');
export const fieldValuesSeparatedCommas = message('A field, “is”, and values separated by commas:');
export const numbers = message('. Numbers:');
export const accessoriesRecordedParts = message('. Accessories or recorded parts:');
export const joinPartsWith = message('. Join parts with');
export const andBrackets = message('and brackets.');
export const and = message('and');
export const meanEndBikeQuestion = message('mean the end of the bike that the question is about.');

// StartChecklist
export const otherChecks = message('Other checks');

// WarningList
export const pleaseCheckAgain = message('Please check again');

// checklist-draft-key
export const checklistDraft = message('a checklist draft');

// checklist-groups
export const everyDay = message('Every day');
export const oneStationOnMany = message('One station on many bikes');
export const seasonStorage = message('Season and storage');
export const arrivalLayUp = message('Arrival and lay-up');
export const afterIncident = message('After an incident');
export const yourChecklists = message('Your checklists');

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
  'Wheel, up the front, down to the cranks, up to the saddle, down to the other wheel: one continuous path, no zone twice.',
);
export const samePathFromRear = message(
  'The same path from the rear: for racks where the rear wheel points outwards.',
);
export const steeringBrakesFirstAfter = message(
  'Steering and brakes first. After an interruption it is easy to find your place.',
);
export const cockpitAlongTopRear = message(
  'Cockpit, along the top to the rear, back along the bottom: you bend down only once.',
);
export const allWheelsThenAll = message('All wheels, then all brakes: easy to compare, but more steps.');
export const stationTraineesAnswerCritical = message(
  'By station; trainees answer critical questions one by one',
);
export const stationForEverybody = message('By station for everybody');
export const criticalQuestionsOneOne = message('Critical questions one by one, for everybody');
export const allQuestionsOneOne = message('All questions one by one, for everybody');
export const noLongerCritical = message('no longer critical');
export const criticalNow = message('critical now');
export const askedForOtherBikes = message('asked for other bikes');
export const faults = message('faults');
export const text = message('text');
export const limit = message('limit');
export const minutes2 = message('minutes');
export const positions = message('positions');
export const name2 = message('name');
export const purpose2 = message('purpose');
export const route2 = message('route');
export const whatCheckClears = message('what a check clears');
export const kindsBike = message('kinds of bike');
export const possibleEventsSinceLastCheck = message('possible events since the last check');
export const order = message('order');
export const noDoNotRide = message('No “do not ride” fault can arise between two such checks.');
export const byBy2 = message('by {by}');
export const onAnyOuting = message('on any outing');
export const nameMeansDoNot = message('“{name}” means “do not ride” and can arise {how}.');
export const underMinute = message('under 1 min');
export const minutesMin = message('{minutes} min');
export const checklistHasNoCritical = message(
  'This checklist has no critical question. A check signed without any answer would be complete.',
);
export const noQuestionCriticalFor = message('No question is critical for a {kindNames}.');
export const noQuestionAppliesKindNames = message('No question applies to a {kindNames}.');
export const trueForEveryBike2 = message('is true for every bike');
export const trueForNoBike2 = message('is true for no bike');

// checkpoint-places
export const eachWheel = message('Each wheel');
export const eachBrake = message('Each brake');
export const zoneOnly = message('{zone} only');

// rule-words
export const brakeHere = message('the brake here');
export const wheelHereHeld = message('the wheel here is held by');
export const tyreHere = message('the tyre here');
export const wheelHere = message('the wheel here');
export const wordsOrAt = message('{words} or {at}');
export const hasOrList = message('it has {orList}');
export const recordedPartOrList = message('a recorded part is {orList}');
export const numberSprockets = message('the number of sprockets');
export const wheelHereInInches = message('the wheel here in inches');
export const whatLeast = message('{what} is {least}');
export const whatFromLeastMost = message('{what} is from {least} to {most}');
export const whatLeastMore = message('{what} is {least} or more');
export const whatMostLess = message('{what} is {most} or less');
export const onNoBike = message('on no bike');
export const possibleHereWanted = message('Possible here: {wanted}.');
export const didYouMeanNearest = message('Did you mean “{nearest}”?');
export const ruleEmpty = message('The rule is empty.');
export const writeAlwaysForEvery = message('Write “always” for every bike.');
export const wordNotFieldBike = message('“{word}” is not a field of a bike.');
export const startWithFieldCarries = message('Start with a field, “carries”, “fitted”, “not” or “always”.');
export const wordNotValueField = message('“{word}” is not a value of this field.');
export const wordNotNumber = message('“{word}” is not a number.');
export const numberMissingEnd = message('A number is missing at the end.');
export const writeDigitsSuchAs = message('Write digits, such as 11 or 27.5.');
export const wordSmallerThanNumber = message('“{word}” is smaller than the number before it.');
export const writeSmallerNumberFirst = message('Write the smaller number first.');
export const bracketNotClosed = message('A bracket is not closed.');
export const writeEnd = message('Write ) at the end.');
export const thereTooManyBrackets = message('There are too many brackets inside each other.');
export const splitRuleIntoSeveral = message('Split the rule into several checkpoints.');
export const wordNotPossibleHere = message('“{word}” is not possible here.');
export const ruleNotComplete = message('The rule is not complete.');

// views
export const checklist = message('Checklist');

// help catalogue
export const everyCheckpointHowCheck = message(
  'Every checkpoint: how to check it, when it passes, its usual faults, and what to do then.',
);
export const checkpoint = message('Checkpoint');
export const oneThingChecked = message('One thing that is checked.');
export const placeOnBikeWhere = message('A place on the bike where one stands.');

// help checklists
export const allChecklistsWithNumber = message(
  'All checklists, with the number of questions and the time they take. A lead can edit a checklist or write a new one.',
);
export const rideOut = message('Ride-out');
export const checkBeforeBikeGoes = message('The check before a bike goes out.');
export const turnaround = message('Turnaround');
export const shortCheckBetweenTwo = message('The short check between two riders of one day.');
export const publishedVersion = message('Published version');
export const versionNeverChanges = message('A version that never changes.');
export const nothingWord = message('nothing');
