import { message } from '@cadre/web/platform/i18n';

// MarksAndWeights
export const onlySizeAskedFor = message('Only the size asked for');
export const oneSizeLargerMay = message('One size larger may stand in');
export const oneSizeSmallerMay = message('One size smaller may stand in');
export const oneSizeLargerSmaller = message('One size larger or smaller may stand in');
export const stopUntilThere = message('A stop until it is there');
export const soonRepairedWithinIts = message('Soon: repaired within its time');
export const soonRidesDays = message('A soon rides, days');
export const thenStop = message('then it is a stop');
export const orOutings = message('or outings');
export const whicheverComesFirst = message('whichever comes first');
export const fixedOnSpotTimes = message('Fixed on the spot, times');
export const onePlaceKeepsComing = message('at one place, and it keeps coming back');
export const withinDays = message('within days');
export const marksWeights = message('Marks and weights');
export const howMarksGiven = message('How marks are given');
export const lackingWhatLocalRules = message('Lacking what local rules ask for');
export const whenGroupsSizeRuns = message('When a group’s size runs out');
export const wholeNumberFromLeast = message('A whole number from {least} to {most}');

// NamesKept
export const untilLeadRemovesThem = message('Until a lead removes them');
export const oneYear = message('One year');
export const eachYears = message('{each} years');
export const daysDays = message('{days} days');
export const peopleWhoHaveLeft = message('People who have left');
export const nameGoesForGood = message(
  'A name goes for good when its time is over. What the person did stays.',
);
export const theirNamesKept = message('Their names are kept');

// PolicyEffect
export const oneReadingOnRecord = message('One reading on record would mean something else');
export const readingsReadingsOnRecord = message('{readings} readings on record would mean something else');
export const noBikesFitnessWould = message('No bike’s fitness would change.');
export const oneBikeWouldChange = message('One bike would change');
export const bikesBikesWouldChange = message('{bikes} bikes would change');
export const becomes = message('becomes');
export const localRulesAskFor = message('local rules ask for it');
export const itsTimeOver = message('its time is over');
export const mayRideUntilWhen = message('may ride until {when}');
export const weighsOtherwise = message('weighs otherwise');
export const nothingOpenedClosedNext = message(
  'Nothing is opened or closed by this: the next look is judged by the new limits.',
);
export const noHeldBikeBecomes = message('No held bike becomes cleared by this: only a release ends a hold.');

// PolicyVersions
export const versions = message('Versions');
export const versionVersion = message('Version {version}');
export const asShipped = message('As shipped');

// PolicyView
export const policy = message('Policy');
export const whereGoodMechanicsDiffer = message(
  'Where good mechanics differ, both are right somewhere. Choose what this house does; the maker’s marking on a part comes before all of it.',
);
export const limits = message('Limits');
export const whatMarkedOnPart = message('What is marked on a part holds before any of these.');
export const practices = message('Practices');
export const gettingPolicy = message('Getting the policy …');

// PracticeChoice
export const doneHere = message('· done here');

// RouteForm
export const yourRoute = message('Your route');
export const name = message('Name');
export const walkAsWould = message('The walk as it would be');
export const saveRoute = message('Save route');
export const cancel = message('Cancel');

// RoutesView
export const housesOwn = message('This house’s own.');
export const routeName = message('Route {name}');
export const routeTakenAway = message('Route taken away');
export const routes = message('Routes');
export const orderZonesZonesBike = message(
  'The order of zones. Zones a bike has not drop out; within one, what wants the same side and phase stands together.',
);
export const drawnOn = message('Drawn on a');
export const writeRoute = message('Write a route');
export const nameWalk = message('{name}, the walk');
export const beginOwnOneFrom = message('Begin an own one from it');
export const takeAway = message('Take it away');

// SavePolicy
export const beforeSaved = message('Before it is saved');
export const nothingChangedYet = message('Nothing is changed yet.');
export const whichBikesWouldChange = message('Which bikes would change?');
export const whyInFewWords = message('Why, in a few words');
export const saveAsNewVersion = message('Save as a new version');

// SecondPersonZones
export const secondPersonChecksRepair = message(
  'A second person checks the repair of a stop, or of a soon past its limit, at',
);

// policy-key
export const policysForm = message('the policy’s form');
