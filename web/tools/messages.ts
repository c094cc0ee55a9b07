import { message } from '@cadre/web/platform/i18n';

// ToolBench
export const linkCopied = message('Link copied.');
export const allCalculators = message('All calculators');
export const copyLink = message('Copy link');
export const oneValuesNotPossible = message('One of the values is not possible. See the field.');
export const typeMeasuredValuesResult = message('Type the measured values. The result appears here.');

// ToolFigure
export const ifKnown = message('(if known)');

// ToolToBike
export const noBikeHasTag = message('No bike has the tag “{tag}”.');
export const tagHasNoQuestion = message('{tag} has no question for this value.');
export const seasonChecklistNotLoaded = message(
  'The season checklist is not loaded. Try again when you are online.',
);
export const useForBike = message('Use for a bike');
export const tagBike = message('Tag of the bike');
export const valueAppearsBikesQuestion = message(
  'The value appears at the bike’s question. You still mark the answer there.',
);
export const goStand = message('Go to the stand');

// ToolsView
export const calculators = message('Calculators');
export const tools = message('Tools');
export const findCause = message('Find the cause');
export const findCauseHint = message(
  'From a noise, a weak brake or a flat to what is behind it, in a few questions.',
);
export const eachCalculatorUsesYour = message(
  'Each calculator uses your policy’s limits, shows how the result is found, and needs no bike. The link of a calculator contains your values, so you can send it.',
);

// all-tools
export const drivetrain = message('Drivetrain');
export const brakes = message('Brakes');
export const wheelsTyres = message('Wheels and tyres');
export const torqueUnits = message('Torque and units');
export const suspensionBatteryCost = message('Suspension, battery, cost');

// brakes
export const discPads = message('Disc pads');
export const oneValueForEach = message('One value for each pad, with or without its backing plate.');
export const thickness = message('Thickness');
export const leftRight34 = message('left and right: 3.4 3.1');
export const measured = message('Measured');
export const withPlate = message('With plate');
export const compoundOnly = message('Compound only');
export const plateThicknessAsMarked = message('Plate thickness, as marked');
export const minimumTotalAsMarked = message('Minimum total, as marked');
export const doNotTouchPads = message(
  'Do not touch pads or rotor with bare fingers. A rotor is hot after a ride.',
);
export const totalPlateRoundedMm = message('total − plate {rounded} mm = compound');
export const thinnerPadCounts = message('the thinner pad counts');
export const rotor = message('Rotor');
export const measureThreeMorePlaces = message(
  'Measure at three or more places on the worn track, not at its edge.',
);
export const places = message('Places');
export const minimumAsMarked = message('Minimum, as marked');
export const thicknessWhenNew = message('Thickness when new');
export const doNotTouchTrack = message('Do not touch the track with bare fingers.');
export const smallestNumbersPlacesLargest = message(
  'smallest of {numbers} places; largest difference {rounded} mm',
);
export const rimBrakeTrack = message('Rim brake track');
export const putStraightedgeAcrossTrack = message(
  'Put a straightedge across the track and a feeler gauge under it.',
);
export const hollow = message('Hollow');
export const wearMark = message('Wear mark');
export const stillVisible = message('Still visible');
export const gone = message('Gone');
export const noWearMark = message('No wear mark');
export const wornRimCanBurst = message(
  'A worn rim can burst under braking. If in doubt, let the air out first.',
);
export const wearMarkGone = message('the wear mark is gone');
export const measuredValue = message('measured value');
export const brakeLever = message('Brake lever');
export const pullLeverFewTimes = message('Pull the lever a few times, then measure where it bites.');
export const bitesAfter = message('Bites after');
export const freeTravelGrip = message('Free travel to the grip');
export const valueValue2PercentIts = message('{value} ÷ {value2} = {percent} of its travel');

// drivetrain
export const n11MoreSprockets = message('11 or more sprockets');
export const n210Sprockets = message('2 to 10 sprockets');
export const oneSprocketHubGear = message('One sprocket or hub gear');
export const replaceChain = message('Replace chain at');
export const replaceSprockets = message('Replace sprockets at');
export const gearing = message('Gearing');
export const gaugesPressOnBoth = message(
  'Gauges that press on both rollers read too high. Some narrow chains need their own gauge.',
);
export const chainCaliper = message('Chain by caliper');
export const measureOverTenMore = message('Measure over ten or more links, with the chain lightly pulled.');
export const length = message('Length');
export const fullLinks = message('Full links');
export const oneInnerOneOuter = message('one inner and one outer link make one full link');
export const chainRuler = message('Chain by ruler');
export const measureFromPinPin = message('Measure from pin to pin over twelve inches.');
export const beyondTwelveInches = message('Beyond twelve inches');
export const chainDropInGauge = message('Chain by drop-in gauge');
export const largestNumberDropsIn = message('The largest number that drops in.');
export const dropsIn = message('Drops in at');
export const judgedLowerEndIts = message('judged by the lower end of its range: {percent}');
export const hanger = message('Hanger');
export const fitGaugeHangerTurn = message(
  'Fit the gauge to the hanger. Turn the same point of the rim to each place.',
);
export const gaps = message('Gaps');
export const topBottomFrontBack = message('top, bottom, front, back: 10 12 11 10');
export const sprockets = message('Sprockets');
export const n11More = message('11 or more');
export const n10Fewer = message('10 or fewer');
export const largestMinusSmallestGap = message('largest minus smallest gap = {rounded} mm');
export const chainSlack = message('Chain slack');
export const forBikesWithoutDerailleur = message(
  'For bikes without derailleur: total movement up and down at the tightest place.',
);
export const slack = message('Slack');
export const keepFingersAwayFrom = message(
  'Keep fingers away from chainring and sprocket while the cranks turn.',
);
export const roundedMmComparedWith = message('{rounded} mm compared with its limits');

// wheels
export const roundedBar = message('{rounded} bar');
export const tyrePressure = message('Tyre pressure');
export const minimumMaximumStartingPressure = message('Minimum, maximum and starting pressure.');
export const riderBikeBags = message('Rider, bike and bags');
export const wheel = message('Wheel');
export const front = message('Front');
export const rear = message('Rear');
export const tyreWidth = message('Tyre width');
export const sidewallMinimum = message('Sidewall minimum');
export const sidewallMaximum = message('Sidewall maximum');
export const rimMaximum = message('Rim maximum');
export const surface = message('Surface');
export const hard = message('Hard');
export const gravel = message('Gravel');
export const trail = message('Trail');
export const ground = message('Ground');
export const dry = message('Dry');
export const wet = message('Wet');
export const fitted = message('Fitted');
export const tube = message('Tube');
export const tubeless = message('Tubeless');
export const startingPressureForAdults = message(
  'A starting pressure for adults, not a verdict. Never exceed the lower maximum of tyre and rim.',
);
export const noMinimumKnown = message('no minimum known');
export const fromBar = message('from {bar}');
export const noMaximumKnown = message('no maximum known');
export const upBar = message('up to {bar}');
export const startBarPart = message('Start at {bar}{part}');
export const limitedItsPart = message(', limited to its {part}');
export const minimum = message('minimum');
export const maximum = message('maximum');
export const valueKgShareRounded = message(
  '{value} kg × {share} = {rounded} kg on the wheel; 15 % tyre drop at {value2} mm = {bar}',
);
export const limits = message('Limits');
export const inPsi = message('In psi');
export const leak = message('Leak');
export const twoPressureReadingsSome = message('Two pressure readings, some hours apart.');
export const firstPressure = message('First pressure');
export const secondPressure = message('Second pressure');
export const hoursBetween = message('Hours between');
export const minimumPressure = message('Minimum pressure');
export const nextCheckIn = message('Next check in');
export const temperatureFirstReading = message('Temperature at first reading');
export const temperatureSecondReading = message('Temperature at second reading');
export const altitude = message('Altitude');
export const useSameGoodGauge = message(
  'Use the same good gauge both times. Small pump gauges are too inaccurate.',
);
export const noResultYetMeasure = message('No result yet: measure again after at least six hours');
export const noResultYetChange = message('No result yet: the change is within the gauges’ error');
export const belowItsMinimumBefore = message('Below its minimum before the next check: fix by a date');
export const losesPercentDayFix = message('Loses {percent} a day: fix by a date');
export const holdsPressureLossPercent = message('Holds pressure: loss {percent} a day');
export const roundedRounded2RoundedRounded3 = message(
  '({rounded} − {rounded2}) ÷ {rounded} ÷ {rounded3} days = {percent} a day, between {percent2} and {percent3}',
);
export const timeUntilMinimum = message('Time until minimum');
export const holdPointerStillRim = message(
  'Hold a pointer still at the rim and turn the wheel once, from the valve.',
);
export const largestMinusSmallest = message('Largest minus smallest');
export const sidewaysThenUpDown = message('sideways, then up and down: 0.8 0.4');
export const brake = message('Brake');
export const discHub = message('Disc or hub');
export const rim = message('Rim');
export const inUse = message('In use');
export const newJustTrued = message('New or just trued');
export const neverPutFingerNear = message('Never put a finger near the spokes of a turning wheel.');
export const spokes = message('Spokes');
export const oneSideInOrder = message('One side in order from the valve, by meter or by pitch.');
export const readings = message('Readings');
export const n98102970 = message('98 102 97 …; 0 for no tension');
export const method = message('Method');
export const meter = message('Meter');
export const pitchHz = message('Pitch (Hz)');
export const hz = message(' Hz');
export const partSpoke = message('{part} of {relative, plural, one {# spoke} other {# spokes}}');
export const pitchMiddlePitch = message('(pitch ÷ middle pitch)²');
export const readingMiddleReading = message('reading ÷ middle reading');
export const spokeFromValve = message('Spoke {at} from the valve');
export const pitchShowsWhetherSpokes = message(
  'Pitch shows whether spokes are even, not whether the tension is high enough.',
);
export const withoutWheelsMarkedMinimum = message(
  'Without the wheel’s marked minimum, the meter cannot show whether the tension is high enough.',
);
export const bearingFinder = message('Bearing finder');
export const measureInnerDiameterOuter = message(
  'Measure inner diameter, outer diameter and width with a caliper.',
);
export const innerDiameter = message('Inner diameter');
export const outerDiameter = message('Outer diameter');
export const widthHeight = message('Width or height');
export const notStandardSizeMeasure = message('Not a standard size: measure again');
export const within015Mm = message('within 0.15 mm in each dimension, from {bearings} sizes');
export const headsetBearingsCompareAngles = message(
  'Headset bearings: compare the angles of both faces before you order.',
);
export const boreOutsideWidthMm = message('{bore} × {outside} × {width} mm, total difference {rounded} mm');

// work
export const torqueForJoint = message('Torque for a joint');
export const ifJointHasSeveral = message('If a joint has several values, the safer one applies.');
export const maximumMarkedOnPart = message('Maximum marked on the part');
export const maximumMarkedOnClamp = message('Maximum marked on the clamp');
export const maximumBarPost = message('Maximum of the bar or post');
export const statedMinimum = message('Stated minimum');
export const safetyMargin = message('Safety margin');
export const statedValue = message('Stated value');
export const n10Below = message('10 % below');
export const numberBolts = message('Number of bolts');
export const wrenchLength = message('Wrench length');
export const someTorqueWrenchesDo = message(
  'Some torque wrenches do not measure left-hand threads. Carbon: use paste and the maker’s value, never more.',
);
export const thePart = message('the part');
export const theClamp = message('the clamp');
export const barPost = message('bar or post');
export const conflictMinimumRoundedMaximum = message(
  'Conflict: minimum {rounded}, maximum {rounded2} N m. Ask the maker',
);
export const allowsMaximumRoundedN = message('{of} allows a maximum of {rounded} N m');
export const lowestStatedValueRounded = message('lowest stated value: {rounded} N m ({of}){part}');
export const minusValue = message(' minus {value} %');
export const inStages = message('In stages');
export const tighteningOrder = message('Tightening order');
export const imperial = message('Imperial');
export const roundedInLbfRounded2 = message('{rounded} in lbf · {rounded2} ft lbf');
export const forceWrench = message('Force at the wrench');
export const roundedNAboutRounded2 = message('{rounded} N, about {rounded2} kg');
export const wrenchWithAdapter = message('Wrench with an adapter');
export const forCrowfootExtensionIn = message('For a crowfoot or an extension in line with the wrench.');
export const wantedTorque = message('Wanted torque');
export const handSquareDrive = message('Hand to square drive');
export const squareDriveBolt = message('Square drive to bolt');
export const onlyForAdapterIn = message(
  'Only for an adapter in line. At a right angle, set the wrench to the wanted torque.',
);
export const setWrenchRoundedN = message('Set the wrench to {rounded} N m');
export const units = message('Units');
export const convertsValueOtherUnits = message('Converts a value to other units.');
export const value = message('Value');
export const unit = message('Unit');
export const enterNumber = message('Enter a number.');
export const hybridFork = message('Hybrid fork');
export const trailFork = message('Trail fork');
export const trailShock = message('Trail shock');
export const parkFork = message('Park fork');
export const parkShock = message('Park shock');
export const sagTravel = message('Sag and travel');
export const withRiderInRiding = message('With the rider in riding clothes, on and off without bouncing.');
export const ringPositionVisibleShaft = message('Ring position or visible shaft');
export const travelStroke = message('Travel or stroke');
export const kind = message('Kind');
export const pressureNow = message('Pressure now');
export const maximumAsMarked = message('Maximum, as marked');
export const travelUsedOnLast = message('Travel used on the last ride');
export const changeUpOneFifth = message(
  'Change by up to one fifth each time, never beyond the marked maximum.',
);
export const firmerThanNeededIf = message('firmer than needed, if the ride was hard');
export const fullTravelNormalUnless = message('full travel: normal, unless the ride felt harsh');
export const asIntended = message('as intended');
export const valueValue2PercentBand = message(
  '{value} ÷ {value2} = {percent}; {band} {percent2} to {percent3}',
);
export const tryWord = message('Try');
export const roundedBarPart = message('{rounded} bar{part}');
export const oneFifthChange = message(', one fifth of a change');
export const markedMaximum = message(', the marked maximum');
export const travelUsed = message('Travel used');
export const battery = message('Battery');
export const chargeForStorageRemaining = message('Charge for storage, and remaining health.');
export const charge = message('Charge');
export const measuredEnergy = message('Measured energy');
export const ratedEnergy = message('Rated energy');
export const swollenDentedSmellingWet = message(
  'Swollen, dented, smelling or wet battery: put it outdoors, do not charge it, call a qualified person.',
);
export const valueValue2PercentItsEnergy = message('{value} ÷ {value2} = {percent} of its energy');
export const goodForStorage = message('Good for storage');
export const storeBetweenPercentPercent2 = message(
  'store between {percent} and {percent2}; check again in 30 days',
);
export const health = message('Health');
export const costWaiting = message('Cost of waiting');
export const chainNowChainCassette = message('A chain now, or chain, cassette and chainrings later.');
export const chain = message('Chain');
export const workForChain = message('Work for the chain');
export const cassetteChainrings = message('Cassette and chainrings');
export const workForCassetteChainrings = message('Work for cassette and chainrings');
export const hourlyRate = message('Hourly rate');
export const waitingCostsRoundedMore = message('Waiting costs {rounded} more');
export const nowRoundedLaterRounded2 = message('now {rounded}, later {rounded2}');
export const repairDecline = message('Repair or decline');
export const usedBikePricePlus = message(
  'A used bike: price plus repairs, compared with its value when repaired.',
);
export const askingPrice = message('Asking price');
export const valueWhenRepaired = message('Value when repaired');
export const partsCostEachRepair = message('Parts cost of each repair');
export const oneValueForEachRepair = message('one value for each repair: 22 40 0');
export const minutesEachRepair = message('Minutes of each repair');
export const inSameOrder30 = message('in the same order: 30 60 10');
export const enterAsManyValues = message('Enter as many values as for parts: {parts}.');
export const worthBuyingRoundedBelow = message('Worth buying: {rounded} below its value');
export const declineRoundedAboveIts = message('Decline: {rounded} above its value');
export const valueRoundedForRepairs = message('{value} + {rounded} for repairs = {rounded2}');

// tool
export const enterWholeNumber = message('Enter a whole number.');
export const fillIn = message('Fill this in.');
export const enterFigureFigure2Unit = message('Enter {figure} to {figure2}{unit}.');
export const calculationWorksFromFigure = message(
  'The calculation works from {figure} to {figure2}{unit}. Use the value of your policy.',
);
export const enterFigureValues = message('Enter {figure} values.');
export const enterFigureFigure2Values = message('Enter {figure} to {figure2} values, separated by spaces.');
export const enterFigureLess = message('Enter {figure} or less.');
export const secondReadingMustLater = message('The second reading must be later than the first.');
export const markingsAllowNoPressure = message('The markings allow no pressure: ask the maker.');
export const valueDoesNotFit = message('This value does not fit.');

// help tools
export const helpToolsPurpose1 = message(
  'Calculators for measurements. Each uses your policy’s limits and shows how the result is found. You can use a result for a bike.',
);
export const where = message('Where');
export const runOutTool = message('Run-out');
export const repairGuides = message('Repair guides');
export const repairGuidesHint = message('Steps, tools, torques and cautions for common jobs');
export const spokesByEar = message('Spokes by ear');
export const spokesByEarHint = message('Pluck each spoke and see which is off');
export const toolsInstruments = message('Tools and instruments');
export const toolsInstrumentsHint = message('Reference checks, and what to measure again');
export const connectInstruments = message('Connect instruments');
export const connectInstrumentsHint = message('Gauges, calipers and wrenches that send');
