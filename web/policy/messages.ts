import { message } from '@cadre/web/platform/i18n';

// MarksAndWeights
export const onlyRequestedSize = message('Only the requested size');
export const oneSizeLargerAllowed = message('One size larger is allowed');
export const oneSizeSmallerAllowed = message('One size smaller is allowed');
export const oneSizeLargerSmaller = message('One size larger or smaller is allowed');
export const doNotRideUntil = message('Do not ride until fitted');
export const fixDate = message('Fix by a date');
export const fixLimitInDays = message('“Fix by” limit in days');
export const afterDoNotRide = message('after that: do not ride');
export const orOutings = message('or outings');
export const whicheverComesFirst = message('whichever comes first');
export const recurringFaultFixedOn = message('Recurring fault: fixed on the spot this many times');
export const samePlace = message('at the same place');
export const withinDays = message('within days');
export const answersSeverities = message('Answers and severities');
export const howAnswersGiven = message('How answers are given');
export const missingLegalEquipment = message('Missing legal equipment');
export const ifGroupsSizeNot = message('If a group’s size is not available');
export const enterWholeNumberFrom = message('Enter a whole number from {least} to {most}');

// NamesKept
export const untilLeadRemovesThem = message('Until a lead removes them');
export const oneYear = message('One year');
export const eachYears = message('{each} years');
export const daysDays = message('{days} days');
export const peopleWhoHaveLeft = message('People who have left');
export const nameRemovedPermanentlyAfter = message(
  'A name is removed permanently after this time. The person’s work stays.',
);
export const storeTheirNames = message('Store their names');

// PolicyEffect
export const verdictOneStoredReading = message('The verdict of one stored reading would change');
export const verdictsReadingsStoredReadings = message(
  'The verdicts of {readings} stored readings would change',
);
export const noBikesFitnessWould = message('No bike’s fitness would change.');
export const oneBikesFitnessWould = message('One bike’s fitness would change');
export const fitnessBikesBikesWould = message('The fitness of {bikes} bikes would change');
export const becomes = message('becomes');
export const requiredLocalRules = message('required by local rules');
export const itsTimeLimitHas = message('its time limit has passed');
export const mayRiddenUntilWhen = message('may be ridden until {when}');
export const severityChanges = message('severity changes');
export const noFindingOpenedClosed = message(
  'No finding is opened or closed now. The new limits apply from the next check.',
);
export const noHeldBikeBecomes = message('No held bike becomes cleared: only a release ends a hold.');

// PolicyVersions
export const versions = message('Versions');
export const versionVersion = message('Version {version}');
export const defaultWord = message('Default');

// PolicyView
export const policy = message('Policy');
export const goodMechanicsDifferOn = message(
  'Good mechanics differ on these points, and each way has its reasons. Choose what your program does. The maker’s marking on a part overrides your choice.',
);
export const limits = message('Limits');
export const valueMarkedOnPart = message('A value marked on a part overrides these limits.');
export const practices = message('Practices');
export const loadingPolicy = message('Loading the policy …');

// PracticeChoice
export const yourPolicy = message('· your policy');

// RouteForm
export const yourRoute = message('Your route');
export const name = message('Name');
export const previewRoute = message('Preview of the route');
export const saveRoute = message('Save route');
export const cancel = message('Cancel');

// RoutesView
export const madeYourProgram = message('Made by your program.');
export const routeName = message('Route {name}');
export const routeDeleted = message('Route deleted');
export const routes = message('Routes');
export const routeOrderZonesZones = message(
  'A route is the order of zones. Zones a bike does not have are left out. Within a zone, questions of the same side and phase are grouped.',
);
export const showOn = message('Show on');
export const routeEditor = message('Route editor');
export const nameRouteRoundBike = message('{name}, route round the bike');
export const copyAsNewRoute = message('Copy as a new route');
export const deleteRoute = message('Delete route');

// SavePolicy
export const checkBeforeSaving = message('Check before saving');
export const noChangesYet = message('No changes yet.');
export const showAffectedBikes = message('Show affected bikes');
export const reasonForChange = message('Reason for the change');
export const saveNewVersion = message('Save new version');

// SecondPersonZones
export const secondPersonRechecksRepairs = message(
  'A second person rechecks repairs of “do not ride” findings and of findings past their limit, in these zones',
);

// policy-key
export const policyForm = message('the policy form');

// help routes
export const helpRoutesPurpose1 = message(
  'A route is the order of zones round a bike. Checklists use a route; you can make your own.',
);

// help policy
export const helpPolicyPurpose1 = message(
  'Your program’s limits and rules. Before you save, Cadre shows which bikes would change. No held bike becomes cleared by a new policy.',
);
export const helpPolicyPractice = message('Practice');
export const helpPolicyPracticeMeans = message(
  'A point where good mechanics differ, with the reasons of each side.',
);
export const helpPolicyMarkedValue = message('Marked value');
export const helpPolicyMarkedValueMeans = message('A value on the part. It overrides your limits.');
export const servicesWouldChange = message('Services would fall due at other times:');
export const soonerOn = message('sooner on {bikes, plural, one {# bike} other {# bikes}}');
export const laterOn = message('later on {bikes, plural, one {# bike} other {# bikes}}');
export const addedOn = message('new on {bikes, plural, one {# bike} other {# bikes}}');
export const goneOn = message('no longer on {bikes, plural, one {# bike} other {# bikes}}');
export const overdueAtOnce = message('Overdue at once: {tags}{more, plural, =0 {} other { and # more}}');
export const serviceOverdueNames = message('Service overdue: {names}');
export const helpPolicyService = message('Service');
export const helpPolicyServiceMeans = message(
  'Work that comes round again, by days, hours, km or outings, whichever comes first.',
);
export const helpPolicySeason = message('Season');
export const helpPolicySeasonMeans = message(
  'Days of every year on which a site is wet, salty, freezing or dusty. Some services come round sooner then.',
);

// PracticeExceptions
export const exceptionNumber = message('Exception {number}');
export const insteadDo = message('Instead');
export const onTheseBikes = message('On these bikes (none ticked: all)');
export const inTheseSeasons = message('In these seasons (none ticked: all year)');
export const removeException = message('Remove exception {number}');
export const addException = message('Add an exception for some bikes or seasons');
export const chooseKindsOrSeasons = message('Tick the bikes or the seasons this is for.');

// PracticesEffect
export const practicesWouldChange = message('Practices would change:');
export const bikesNamed = message(
  '{bikes, plural, one {# bike} other {# bikes}}: {tags}{more, plural, =0 {} other { and # more}}',
);
export const onlyInSeasons = message('{bikes}. Only when it is {seasons}.');

// ExposureChoice, ExposureEffect
export const questionsEachDay = message('Questions asked each day');
export const questionsEachDaySay = message(
  'A ride-out asks every question, every day. On the bikes ticked here it leaves out a question if nothing that can cause its faults has happened since it last passed. After an outing, work, an incident or a change to the bike the question is asked again. What is left out is signed with the name and date of the earlier pass.',
);
export const leaveOutOnTheseBikes = message(
  'Leave out such questions on these bikes (none ticked: ask everything)',
);
export const askedAgainAfterDays = message('Ask everything again after');
export const daysFromTo = message('{least} to {most} days');
export const lockedAwayAtNight = message('Sites where bikes are locked away at night');
export const tickOnlyWhereNobody = message(
  'Tick a site only if nobody outside your team can reach its bikes at night.',
);
export const minutesAskedOf = message(
  'Ride-outs of {bikes, plural, one {this bike} other {these # bikes}} would take {asked} min today instead of {whole} min:',
);
export const askedOfWhole = message('{asked} of {whole} questions');
export const noPassToUse = message(
  'Everything is asked: there is no earlier pass to use, or something has happened since.',
);
export const passedByOn = message('Not asked: passed by {name}, {when}');

export const whenBikesComeBack = message('When bikes come back');
export const whenBikesComeBackSay = message(
  'A bike that comes back needs a turnaround before it goes out again. Here you choose when it needs the longer return check first.',
);
export const returnCheckAfter = message('Return check after');
export const hardRiding = message('Hard riding');
export const andByOutings = message('Also by number of outings');
export const neverByOutings = message('Not by number');
export const everyOutings = message('After {outings} outings');
export const storeRiderNames = message('Store names of riders who report a problem for');
