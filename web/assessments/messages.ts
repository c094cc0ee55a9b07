import { message } from '@cadre/web/platform/i18n';

// AssessmentDecision
export const reason = message('Reason');
export const takeIntoFleet = message('Take it into the fleet');
export const leaveForReason = message('Leave it, for this reason');
export const takenKeepsAllIts = message(
  'Taken, it keeps all its findings and stays held until it is repaired, looked at and released like any bike.',
);

// AssessmentSheet
export const assessmentTag = message('Assessment of {tag}');
export const fromFrom = message('from {from}');
export const nobodyHasLookedOver = message(
  'Nobody has looked it over yet. Until then the sum knows nothing of it.',
);
export const lookOverWithDeep = message('Look it over with the deep checklist');
export const askedFor = message('Asked for it');
export const amountMoney = message('An amount of money.');
export const worthHereWhenFit = message('Worth here when fit');
export const proposedNotKeptYet = message(' · proposed, not kept yet');
export const parts = message('Parts');
export const minutes = message('Minutes');
export const nothingWasFoundOn = message('Nothing was found on it.');
export const keepPrices = message('Keep the prices');
export const takenIntoFleet = message('Taken into the fleet');
export const notTaken = message('Not taken');
export const nameofWhenAskedShow = message(': {nameOf}, {when}. Asked {show}, worth {show2} when fit.');

// AssessmentSum
export const asked = message('Asked');
export const repairs = message('Repairs');
export const together = message('Together');
export const worthWhenFit = message('Worth when fit');
export const showUnderItsWorth = message('{show} under its worth{part}');
export const soFar = message(' so far');
export const worthTaking = message(': worth taking');
export const notWorthPrice = message('Not worth it at this price');
export const partsFindingHaveNo = message(
  'Parts of {unpriced, plural, one {# finding} other {# findings}} have no price: they count as nothing here.',
);
export const noHourlyRateSet = message('No hourly rate is set: minutes cost nothing in this sum.');
export const handsQualifiedMechanicMaker = message(
  '{hands}: a qualified mechanic or the maker decides before money does.',
);

// AssessmentView
export const toDecide = message('to decide');
export const taken = message('taken');
export const notTaken2 = message('not taken');
export const usedBikesOnOffer = message('Used bikes on offer');
export const bikeOffered = message('A bike is offered');
export const assessments = message('Assessments');
export const askedShow = message('asked {show}');
export const noBikeWasEver = message('No bike was ever offered here.');
export const pickOne = message('Pick one.');

// OpenAssessment
export const noneThese = message('None of these');
export const shortCodeForIts = message('A short code for its tag: letters and digits.');
export const sayWhatAsOn = message('Say what it is, as on its frame.');
export const tagForHere = message('Tag for it here');
export const offeredBy = message('Offered by');
export const personClubAsYou = message('a person, a club; as you would say it');
export const modelFleet = message('Model of the fleet');
export const kind = message('Kind');
export const whatItIs = message('What it is');
export const size = message('Size');
export const serialNumber = message('Serial number');
export const stolenLookUpBefore = message('stolen? look it up before anything else');
export const beginAssessment = message('Begin the assessment');
export const leaveIt = message('Leave it');

// use-pricing
export const pricesAssessment = message('the prices of an assessment');

// views
export const assessment = message('Assessment');
