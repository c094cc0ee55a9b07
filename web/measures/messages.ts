import { message } from '@cadre/web/platform/i18n';

// LimitChoices
export const notPastNextOne = message('Not past the next one: at most {limitText} {unit}');
export const fromLimittextLimittext2Unit = message('From {limitText} to {limitText2} {unit}');
export const aNumber = message('A number');
export const changedinKeysSetHouse = message('{changedIn} of {keys} set by this house');
export const asShipped = message('as shipped');
export const shippedLimittext = message('shipped: {limitText}');

// LimitScale
export const overShownvalue = message('over {shownValue}');
export const underShownvalue = message('under {shownValue}');
export const lastTimeLast = message(', last time {last}');
export const valuesWithinLimitsEnds = message('{values}; within limits {ends}{last}');

// NumberPad
export const keysForName = message('Keys for {name}');
export const takeLastOneBack = message('Take the last one back');
export const nextFigure = message('Next figure');
export const takeIt = message('Take it');

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
export const early11SprocketsUp = message('Early, and 11 sprockets up: new chain at');
export const sprocketsToo = message('and sprockets too at');
export const n210SprocketsNew = message('2 to 10 sprockets: new chain at');
export const oneSprocketHubGear = message('One sprocket, hub gear: new chain at');
export const plannedFarBefore = message('Planned this far before');
export const discPadCompoundPlan = message('Disc pad compound: plan new at');
export const discPadCompoundStop = message('Disc pad compound: stop at');
export const addedBothForHard = message('Added to both for hard or wet use');
export const leftRightFarApart = message('Left and right this far apart: uneven');
export const backingPlateWhereNone = message('Backing plate where none is marked');
export const rimPadOverIts = message('Rim pad over its holder: stop at');
export const rotorPlannedFarAbove = message('Rotor planned this far above its limit');
export const rotorPulsesWhenPlaces = message('Rotor pulses when places differ by');
export const rimTrackHollowWatch = message('Rim track hollow: watch at');
export const rimTrackHollowStop = message('Rim track hollow: stop at');
export const runOutRimBrake = message('Run-out, rim brake: true it at');
export const runOutRimBrakeStop = message('Run-out, rim brake: stop at');
export const runOutDiscTrue = message('Run-out, disc: true it at');
export const runOutDiscStop = message('Run-out, disc: stop at');
export const runOutNewWheel = message('Run-out of a new wheel: true it at');
export const spokeOffItsSides = message('Spoke off its side’s middle by');
export const spokeSlackUnderMiddle = message('Spoke slack under this of the middle');
export const minimumPressure30Mm = message('Minimum pressure, to 30 mm wide, tube');
export const minimumPressure30MmTubeless = message('Minimum pressure, to 30 mm, tubeless');
export const minimumPressure37Mm = message('Minimum pressure, to 37 mm, tube');
export const minimumPressure37MmTubeless = message('Minimum pressure, to 37 mm, tubeless');
export const minimumPressure45Mm = message('Minimum pressure, to 45 mm, tube');
export const minimumPressure45MmTubeless = message('Minimum pressure, to 45 mm, tubeless');
export const minimumPressure57Mm = message('Minimum pressure, to 57 mm, tube');
export const minimumPressure57MmTubeless = message('Minimum pressure, to 57 mm, tubeless');
export const minimumPressure70Mm = message('Minimum pressure, to 70 mm, tube');
export const minimumPressure70MmTubeless = message('Minimum pressure, to 70 mm, tubeless');
export const minimumPressureWiderThan = message('Minimum pressure, wider than 70 mm');
export const childrensBike = message('Children’s bike');
export const hybrid = message('Hybrid');
export const hardtailFront = message('Hardtail, front');
export const hardtailRear = message('Hardtail, rear');
export const fullSuspensionFront = message('Full suspension, front');
export const fullSuspensionRear = message('Full suspension, rear');
export const stepThroughWithAssist = message('Step-through with assist');
export const cargoBike = message('Cargo bike');
export const recumbentTrike = message('Recumbent trike');
export const leakFaultFromDay = message('A leak is a fault from, a day');
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
export const leverBitesBeforeDrag = message('Lever bites before this: drag?');
export const leverLongFrom = message('Lever is long from');
export const leverStop = message('Lever: stop at');
export const hangerUp10Sprockets = message('Hanger, up to 10 sprockets: bent at');
export const hanger11MoreBent = message('Hanger, 11 and more: bent at');
export const chainSlackTight = message('Chain slack: tight at');
export const chainSlackLoose = message('Chain slack: loose at');
export const chainSlackDoNot = message('Chain slack: do not ride at');
export const storedBatteryFrom = message('Stored battery, from');
export const storedBattery = message('Stored battery, to');
export const batteryHealthPlanNew = message('Battery health: plan a new one at');

// reading-wording
export const inbarBar = message('{inBar} bar');
export const markedOnPart = message('marked on the part');
export const checklistsOwn = message('this checklist’s own');
export const startChosenForTyre = message('start chosen for this tyre');
export const setYourPolicy = message('set by your policy');
export const asCadreShips = message('as Cadre ships');
export const goOn = message('Go on.');
export const planNewChain = message('Plan a new chain.');
export const newChainSprocketsStill = message('New chain; the sprockets are still good.');
export const newChainLookCassette = message(
  'New chain, and look at cassette and rings too: waiting has cost them.',
);
export const planNewPads = message('Plan new pads.');
export const newPadsBothSides = message('New pads, both sides, before it is ridden.');
export const wornUnevenlyCentreCaliper = message('Worn unevenly: centre the caliper, clean a lazy piston.');
export const planNewRotor = message('Plan a new rotor.');
export const newRotorBeforeRidden = message('New rotor before it is ridden, and pads bedded in with it.');
export const willPulseNoteMeasure = message('It will pulse: note it, and measure again next time.');
export const readLeastThicknessMarked = message(
  'Read the least thickness marked on the rotor; without it nobody can say.',
);
export const noteFigureMeasureAgain = message('Note the figure, measure again next time.');
export const wornRimCanBurst = message('A worn rim can burst under braking: let the air down, new rim.');
export const trueWheelLittleLittle = message('True the wheel, little by little.');
export const keepOffTrailTrue = message('Keep it off the trail; true it and find what bent it.');
export const noteItsPlaceFrom = message('Note its place from the valve.');
export const bringUpEvenlyLook = message('Bring it up evenly; look again after the first outings.');
export const slackAllRoundKeep = message(
  'Slack all round: keep it off the trail, bring the whole wheel up evenly.',
);
export const spokeWithoutTensionKeep = message(
  'A spoke without tension: keep it off the trail until it is tensioned and true.',
);
export const pumpGaugeAgainType = message(
  'Pump it, gauge again and type that; if it will not hold, name the fault.',
);
export const letAirOutGauge = message('Let air out, gauge again and type that.');
export const emptyFindCauseFrom = message('Empty: find the cause from inside and outside.');
export const readWhatMarkedOn = message('Read what is marked on the sidewall, and say whether it is right.');
export const markingsLeaveNoRoom = message(
  'The markings leave no room: no pressure is right. Ask the maker, fit a tyre that suits the rim.',
);
export const changePressureMostFifth = message(
  'Change the pressure, at most a fifth at a step, and measure again.',
);
export const overMarkedMaximumLet = message('Over the marked maximum: let air out now.');
export const readMaximumMarkedOn = message(
  'Read the maximum marked on fork or shock, and say whether it is right.',
);
export const bitesOnceLookWhether = message('Bites at once: look whether the pads drag.');
export const takeUpOnHydraulic = message('Take it up; on a hydraulic brake measure the pads first.');
export const keepOffTrailMay = message(
  'Keep it off the trail: it may not stop. Pads, then air or fluid, for the mechanic.',
);
export const bendBackOnceSlowly = message('Bend it back once, slowly; one bent far is replaced.');
export const setWheelForwardLittle = message('Set the wheel forward a little.');
export const setWheelBackThen = message('Set the wheel back, then the axle nuts.');
export const canComeOffKeep = message('It can come off: keep it off the trail, set the wheel back.');
export const chargeRideBetweenTwo = message('Charge or ride it to between the two.');
export const shortOutingsOnlyPlan = message('Short outings only; plan a new one.');
export const pastChecklistsOwnLimit = message('Past this checklist’s own limit: do what its author wants.');
export const sayWhetherPasses = message('Say whether it passes.');
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
export const leftLikeNobodyRides = message('Left like this, nobody rides it.');
export const leftLikeHasFixed = message('Left like this, it has to be fixed soon.');
export const leftLikeMaintenance = message('Left like this, it is maintenance.');
export const wordValueLimitLimit = message('{word}: {value} (limit {limit})');
export const setShownvalueSource = message(' Set it to {shownValue} ({source}).');
export const besidesNext = message(' Besides: {next}');
export const shownShown2 = message('{shown} to {shown2}');
export const typedCannotWouldHave = message('“{typed}” cannot be: it would have to be {range}.');
export const takesFewFigures = message('It takes {few} figures.');
export const takesFewManyFigures = message('It takes {few} to {many} figures, with spaces between.');
export const typedNoNumberNo = message('“{typed}” is no number, and no word known here.');
export const wholeWouldUnusualEnter = message('{whole} would be unusual. Enter it again if it is so.');
export const gauge050 = message('gauge 0.5-0.75, ruler 1/16, or mm over links 612.6/24');
export const threePlacesMore1 = message('three places or more: 1.62 1.58 1.56');
export const leftRight21 = message('left and right: 2.1 1.9');
export const sidewaysThenUpDown = message('sideways, then up and down: 0.8 0.4');
export const roundOneSideFrom = message('round one side from the valve: 98 102 97 …');
export const fourGaps1012 = message('the four gaps: 10 12 11 10');
export const ringOverTravel34 = message('ring over travel: 34/160');
export const biteOverTravel22 = message('bite over travel: 22/40');
export const percentWhOverRated = message('percent, or Wh over rated: 350/500');
export const compound = message('Compound');
export const withItsPlate = message('With its plate');
export const meter = message('Meter');
export const pitch = message('Pitch');
