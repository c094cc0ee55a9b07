import { message } from '@cadre/web/platform/i18n';

// LimitChoices
export const mustNotPassNext = message('Must not pass the next value: maximum {limitText} {unit}');
export const enterLimitTextLimitText2Unit = message('Enter {limitText} to {limitText2} {unit}');
export const enterNumber = message('Enter a number');
export const changedInLimitChangedYour = message(
  '{changedIn} of {keys, plural, one {# limit} other {# limits}} changed by your program',
);
export const defaultWord = message('default');
export const defaultLimitText = message('default: {limitText}');

// LimitScale
export const overShownValue = message('over {shownValue}');
export const underShownValue = message('under {shownValue}');
export const lastTimeLast = message(', last time {last}');
export const valuesWithinLimitsEnds = message('{values}; within limits {ends}{last}');

// NumberPad
export const numberKeysForName = message('Number keys for {name}');
export const deleteLastDigit = message('Delete the last digit');
export const nextValue = message('Next value');
export const enter = message('Enter');

// limit-wording
export const chain = message('Chain');
export const pads = message('Pads');
export const rotorsRims = message('Rotors and rims');
export const wheels = message('Wheels');
export const tyres = message('Tyres');
export const usualTyrePressures = message('Usual tyre pressures');
export const suspension = message('Suspension');
export const leversHangerSlack = message('Levers, hanger, slack');
export const battery = message('Battery');
export const early11MoreSprockets = message('Early, and 11 or more sprockets: replace chain at');
export const andSprocketsAt = message('and sprockets at');
export const n210SprocketsReplace = message('2 to 10 sprockets: replace chain at');
export const oneSprocketHubGear = message('One sprocket or hub gear: replace chain at');
export const planReplacementFarBefore = message('Plan replacement this far before');
export const discPadCompoundPlan = message('Disc pad compound: plan replacement at');
export const discPadCompoundDo = message('Disc pad compound: do not ride at');
export const addedBothForHard = message('Added to both for hard or wet use');
export const leftRightPadsWear = message('Left and right pads wear unevenly from');
export const backingPlateIfNone = message('Backing plate, if none is marked');
export const rimPadAboveIts = message('Rim pad above its holder: do not ride at');
export const rotorPlanReplacementFar = message('Rotor: plan replacement this far above its limit');
export const rotorPulsesIfIts = message('Rotor pulses if its thickness varies by');
export const hollowInRimTrack = message('Hollow in rim track: watch at');
export const hollowInRimTrackDo = message('Hollow in rim track: do not ride at');
export const runOutRimBrake = message('Run-out, rim brake: true the wheel at');
export const runOutRimBrakeDo = message('Run-out, rim brake: do not ride at');
export const runOutDiscBrake = message('Run-out, disc brake: true the wheel at');
export const runOutDiscBrakeDo = message('Run-out, disc brake: do not ride at');
export const runOutNewWheel = message('Run-out of a new wheel: true the wheel at');
export const spokeTensionDiffersFrom = message('Spoke tension differs from its side’s middle by');
export const spokeSlackBelowShare = message('Spoke is slack below this share of the middle');
export const minimumPressureTyreUp = message('Minimum pressure, tyre up to 30 mm, tube');
export const minimumPressureTyreUp30 = message('Minimum pressure, tyre up to 30 mm, tubeless');
export const minimumPressureTyreUp37 = message('Minimum pressure, tyre up to 37 mm, tube');
export const minimumPressureTyreUp37Mm = message('Minimum pressure, tyre up to 37 mm, tubeless');
export const minimumPressureTyreUp45 = message('Minimum pressure, tyre up to 45 mm, tube');
export const minimumPressureTyreUp45Mm = message('Minimum pressure, tyre up to 45 mm, tubeless');
export const minimumPressureTyreUp57 = message('Minimum pressure, tyre up to 57 mm, tube');
export const minimumPressureTyreUp57Mm = message('Minimum pressure, tyre up to 57 mm, tubeless');
export const minimumPressureTyreUp70 = message('Minimum pressure, tyre up to 70 mm, tube');
export const minimumPressureTyreUp70Mm = message('Minimum pressure, tyre up to 70 mm, tubeless');
export const minimumPressureTyreOver = message('Minimum pressure, tyre over 70 mm');
export const childrensBike = message('Children’s bike');
export const hybrid = message('Hybrid');
export const hardtailFront = message('Hardtail, front');
export const hardtailRear = message('Hardtail, rear');
export const fullSuspensionFront = message('Full suspension, front');
export const fullSuspensionRear = message('Full suspension, rear');
export const stepThroughWithAssist = message('Step-through with assist');
export const cargoBike = message('Cargo bike');
export const recumbentTrike = message('Recumbent trike');
export const leakFaultFromLoss = message('A leak is a fault from this loss a day');
export const hybridForkFrom = message('Hybrid fork, from');
export const hybridFork = message('Hybrid fork, to');
export const trailForkFrom = message('Trail fork, from');
export const trailFork = message('Trail fork, to');
export const trailShockFrom = message('Trail shock, from');
export const trailShock = message('Trail shock, to');
export const parkForkFrom = message('Park fork, from');
export const parkFork = message('Park fork, to');
export const parkShockFrom = message('Park shock, from');
export const parkShock = message('Park shock, to');
export const leverBitesBeforeCheck = message('Lever bites before this: check whether the pads drag');
export const leverTravelLongFrom = message('Lever travel is long from');
export const leverTravelDoNot = message('Lever travel: do not ride at');
export const hangerUp10Sprockets = message('Hanger, up to 10 sprockets: bent from');
export const hanger11MoreSprockets = message('Hanger, 11 or more sprockets: bent from');
export const chainSlackTooTight = message('Chain slack: too tight from');
export const chainSlackTooLoose = message('Chain slack: too loose from');
export const chainSlackDoNot = message('Chain slack: do not ride from');
export const storedBatteryChargeFrom = message('Stored battery charge, from');
export const storedBatteryCharge = message('Stored battery charge, to');
export const batteryHealthPlanReplacement = message('Battery health: plan replacement at');

// reading-wording
export const inBarBar = message('{inBar} bar');
export const markedOnPart = message('marked on the part');
export const setChecklist = message('set by this checklist');
export const startingPressureForTyre = message('starting pressure for this tyre');
export const setYourPolicy = message('set by your policy');
export const cadresDefault = message('Cadre’s default');
export const continueWord = message('Continue.');
export const planNewChain = message('Plan a new chain.');
export const fitNewChainSprockets = message('Fit a new chain. The sprockets are still good.');
export const fitNewChainCheck = message(
  'Fit a new chain. Check cassette and chainrings too: they have worn with the old chain.',
);
export const planNewPads = message('Plan new pads.');
export const fitNewPadsOn = message('Fit new pads on both sides before the next ride.');
export const unevenWearCentreCaliper = message('Uneven wear: centre the caliper and clean the slow piston.');
export const planNewRotor = message('Plan a new rotor.');
export const fitNewRotorBefore = message(
  'Fit a new rotor before the next ride, and bed in the pads with it.',
);
export const brakeWillPulseNote = message(
  'The brake will pulse. Note the values and measure again next time.',
);
export const readMinimumThicknessMarked = message(
  'Read the minimum thickness marked on the rotor. Without it there is no verdict.',
);
export const noteValueMeasureAgain = message('Note the value and measure again next time.');
export const wornRimCanBurst = message(
  'A worn rim can burst under braking. Let the air out and replace the rim.',
);
export const trueWheelInSmall = message('True the wheel in small steps.');
export const doNotRideTrue = message('Do not ride. True the wheel and find what bent it.');
export const notePlaceCountedFrom = message('Note the place, counted from the valve.');
export const tensionSpokesEvenlyRecheck = message(
  'Tension the spokes evenly. Recheck after the first outings.',
);
export const allSpokesSlackDo = message('All spokes are slack. Do not ride. Tension the whole wheel evenly.');
export const spokeHasNoTension = message(
  'A spoke has no tension. Do not ride until the wheel is tensioned and true.',
);
export const pumpTyreMeasureAgain = message(
  'Pump the tyre, measure again and enter the new value. If the tyre loses air, choose the fault.',
);
export const letAirOutMeasure = message('Let air out, measure again and enter the new value.');
export const tyreEmptyFindCause = message(
  'The tyre is empty. Find the cause: inspect the tyre inside and outside.',
);
export const readPressureMarkedOn = message(
  'Read the pressure marked on the sidewall, then decide whether this pressure passes.',
);
export const noPressureSuitsBoth = message(
  'No pressure suits both tyre and rim. Ask the maker, and fit a tyre that suits the rim.',
);
export const changePressureUpOne = message('Change the pressure by up to one fifth, then measure again.');
export const pressureAboveMarkedMaximum = message(
  'The pressure is above the marked maximum. Let air out now.',
);
export const readMaximumMarkedOn = message(
  'Read the maximum marked on the fork or shock, then decide whether this pressure passes.',
);
export const leverBitesOnceCheck = message('The lever bites at once. Check whether the pads drag.');
export const adjustLeverTravelOn = message(
  'Adjust the lever travel. On a hydraulic brake, measure the pads first.',
);
export const doNotRideBrake = message(
  'Do not ride: the brake may not stop the bike. A mechanic checks the pads, then bleeds the brake.',
);
export const bendHangerBackOnce = message(
  'Bend the hanger back once, slowly. Replace a hanger that is bent far.',
);
export const moveWheelForwardLittle = message('Move the wheel forward a little.');
export const moveWheelBackThen = message('Move the wheel back, then tighten the axle nuts.');
export const chainCanComeOff = message('The chain can come off. Do not ride. Move the wheel back.');
export const bringChargeBetweenTwo = message('Bring the charge between the two limits.');
export const useForShortOutings = message('Use for short outings only. Plan a new battery.');
export const valuePastChecklistsLimit = message(
  'The value is past this checklist’s limit. Ask your lead what to do.',
);
export const decideWhetherValuePasses = message('Decide whether this value passes.');
export const pass = message('Pass');
export const outsideItsLimit = message('Outside its limit');
export const nearItsLimit = message('Near its limit');
export const pastItsLimit = message('Past its limit');
export const noLimitKnown = message('No limit is known');
export const nearLimit = message('near limit');
export const pastLimit = message('past limit');
export const tooLow = message('Too low');
export const tooHigh = message('Too high');
export const empty = message('Empty');
export const tooTight = message('Too tight');
export const tooSlack = message('Too slack');
export const leftRightDiffer = message('Left and right differ');
export const itsPlacesDiffer = message('Its places differ');
export const ifNotCorrectedDo = message('If not corrected: do not ride.');
export const ifNotCorrectedFix = message('If not corrected: fix by a date.');
export const ifNotCorrectedMaintenance = message('If not corrected: maintenance.');
export const wordValueLimitLimit = message('{word}: {value} (limit {limit})');
export const setShownValueSource = message(' Set to {shownValue} ({source}).');
export const alsoNext = message(' Also: {next}');
export const shownShown2 = message('{shown} to {shown2}');
export const typedOutsidePossibleRange = message('“{typed}” is outside the possible range, {range}.');
export const enterValue = message('Enter {few, plural, one {# value} other {# values}}.');
export const enterFewManyValues = message('Enter {few} to {many} values, with spaces between them.');
export const typedNotNumberKnown = message('“{typed}” is not a number or a known word.');
export const wholeUnusualEnterValue = message('{whole} is unusual. Enter the value again to confirm.');
export const gauge050 = message('gauge 0.5-0.75, ruler 1/16, or mm over links 612.6/24');
export const threeMorePlaces1 = message('three or more places: 1.62 1.58 1.56');
export const leftRight21 = message('left and right: 2.1 1.9');
export const sidewaysThenUpDown = message('sideways, then up and down: 0.8 0.4');
export const oneSideInOrder = message('one side, in order from the valve: 98 102 97 …');
export const fourGaps1012 = message('four gaps: 10 12 11 10');
export const ringTravel34160 = message('ring / travel: 34/160');
export const biteTravel2240 = message('bite / travel: 22/40');
export const percentWhRatedWh = message('percent, or Wh / rated Wh: 350/500');
export const compoundOnly = message('Compound only');
export const withPlate = message('With plate');
export const meter = message('Meter');
export const pitch = message('Pitch');
export const readsLow = message('low');
export const readsHigh = message('high');
export const readsEmpty = message('empty');
export const readsTight = message('tight');
export const readsSlack = message('slack');
export const readsOutside = message('outside');

// rim wall and sealant
export const planNewRim = message('Near its minimum. Plan a new rim or wheel.');
export const readRimMinimum = message('Read the minimum wall on the rim or from its maker, and enter it.');
export const refillSealant = message('Take the lumps out and refill to the dose of this tyre.');
export const topUpSealant = message('Top up to the dose of this tyre.');
export const lineThere = message('Line there');
export const lineGone = message('Line gone');
export const wearLineGone = message('The wear line is gone: fit new pads, both sides of this wheel.');
export const markThere = message('Mark there');
export const markGone = message('Mark gone');
export const sealantLeft = message('Left');
export const sealantPoured = message('Poured');
export const sealantTopic = message('Sealant');
export const rimWallPlanFarBefore = message('Rim wall: plan replacement this far before its minimum');
export const sealantLowAt = message('Sealant low, share of its dose');
export const sealantDryAt = message('Sealant dry, share of its dose');
