import { message } from '@cadre/web/platform/i18n';

// AssessmentDecision
export const reason = message('Reason');
export const acceptIntoFleet = message('Accept into the fleet');
export const declineBike = message('Decline bike');
export const acceptedBikeKeepsIts = message(
  'An accepted bike keeps its findings. It stays held until it is repaired, rechecked and released.',
);

// AssessmentSheet
export const assessmentTag = message('Assessment of {tag}');
export const fromFrom = message('from {from}');
export const bikeNotCheckedYet = message(
  'This bike is not checked yet, so the total does not include any repairs.',
);
export const startAssessmentCheck = message('Start the assessment check');
export const askingPrice = message('Asking price');
export const enterAmount = message('Enter an amount.');
export const valueWhenRepaired = message('Value when repaired');
export const suggestedNotSavedYet = message(' · suggested, not saved yet');
export const parts = message('Parts');
export const minutes = message('Minutes');
export const noFindings = message('No findings.');
export const savePrices = message('Save prices');
export const acceptedIntoFleet = message('Accepted into the fleet');
export const declined = message('Declined');
export const nameOfWhenAskingPrice = message(
  ': {nameOf}, {when}. Asking price {show}, value when repaired {show2}.',
);

// AssessmentSum
export const repairs = message('Repairs');
export const total = message('Total');
export const showBelowItsValue = message('{show} below its value{part}');
export const soFar = message(' so far');
export const worthBuying = message(': worth buying');
export const notWorthPrice = message('Not worth this price');
export const partsFindingHaveNo = message(
  'The parts of {unpriced, plural, one {# finding} other {# findings}} have no price and count as zero.',
);
export const noHourlyRateSet = message('No hourly rate is set, so work time counts as zero.');
export const handsQualifiedMechanicMaker = message(
  '{hands}: a qualified mechanic or the maker decides before you decide on money.',
);

// AssessmentView
export const toDecide = message('to decide');
export const accepted = message('accepted');
export const declined2 = message('declined');
export const usedBikeAssessments = message('Used-bike assessments');
export const newAssessment = message('New assessment');
export const assessments = message('Assessments');
export const askingPriceShow = message('asking price {show}');
export const noAssessmentsYetStart = message(
  'No assessments yet. Start one when someone offers you a used bike.',
);
export const chooseAssessment = message('Choose an assessment.');

// OpenAssessment
export const noneThese = message('None of these');
export const enterShortTagLetters = message('Enter a short tag of letters and digits.');
export const enterNameAsWritten = message('Enter the name as written on the frame.');
export const tag = message('Tag');
export const offeredBy = message('Offered by');
export const personClub = message('a person or a club');
export const modelInYourFleet = message('Model in your fleet');
export const kind = message('Kind');
export const makeModel = message('Make and model');
export const size = message('Size');
export const serialNumber = message('Serial number');
export const checkFirstWhetherBike = message('check first whether the bike is reported stolen');
export const startAssessment = message('Start assessment');
export const cancel = message('Cancel');

// use-pricing
export const assessmentsPrices = message('the assessment’s prices');

// views
export const assessment = message('Assessment');

// help assessment
export const helpAssessmentPurpose1 = message(
  'Check an offered bike, price each repair, and compare the total with its value. An accepted bike stays held until it is released.',
);
