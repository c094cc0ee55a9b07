import { message } from '@cadre/web/platform/i18n';

// ToolBench
export const addressCopied = message('The address is copied.');
export const allTools = message('All tools');
export const copyAddress = message('Copy the address');
export const somethingTypedCannotNamed = message('Something typed cannot be: it is named at its field.');
export const typeWhatWasMeasured = message('Type what was measured; the answer stands here at once.');

// ToolFigure
export const ifKnown = message('(if known)');

// ToolToBike
export const noBikeCalledTag = message('No bike is called “{tag}”.');
export const tagNotAsked = message('{tag} is not asked this.');
export const seasonsChecklistNotWithin = message(
  'The season’s checklist is not within reach: try again with signal.',
);
export const takeBike = message('Take it to a bike');
export const tagBike = message('Tag of the bike');
export const figureWaitsItsLook = message('The figure waits at its look there until you mark it.');
export const itsStand = message('To its stand');

// ToolsView
export const tools = message('Tools');
export const takeOneUp = message('Take one up');
export const eachAnswersOnceHouses = message(
  'Each answers at once by this house’s limits, shows its working in a line, and needs no bike. What was typed stands in the address: send it on as it is.',
);

// all-tools
export const drivetrain = message('Drivetrain');
export const brakes = message('Brakes');
export const wheelsTyres = message('Wheels and tyres');
export const torqueUnits = message('Torque and units');
export const suspensionBatteryMoney = message('Suspension, battery, money');

// brakes
export const discPads = message('Disc pads');
export const oneFigurePadWith = message('One figure a pad, with or without its plate.');
export const thickness = message('Thickness');
export const leftRight34 = message('left and right: 3.4 3.1');
export const measured = message('Measured');
export const withItsPlate = message('With its plate');
export const compoundAlone = message('Compound alone');
export const plateAsMarked = message('Plate as marked');
export const leastTotalAsMarked = message('Least total as marked');
export const bareFingersOffPads = message('Bare fingers off pads and rotor; a rotor is hot after a ride.');
export const totalPlateRoundedMm = message('total − plate {rounded} mm = compound');
export const thinnerTwoDecides = message('the thinner of the two decides');
export const rotor = message('Rotor');
export const threePlacesMoreOn = message('Three places or more on the worn track, not across its edge.');
export const places = message('Places');
export const leastAsMarked = message('Least as marked');
export const thicknessWhenNew = message('Thickness when new');
export const bareFingersOffTrack = message('Bare fingers off the track.');
export const leastNumbersPlacesWidest = message('least of {numbers} places; widest difference {rounded} mm');
export const rimBrakeTrack = message('Rim brake track');
export const straightedgeAcrossTrackFeeler = message('Straightedge across the track, feeler under it.');
export const hollow = message('Hollow');
export const wearMark = message('Wear mark');
export const stillThere = message('Still there');
export const gone = message('Gone');
export const hasNone = message('Has none');
export const wornRimCanBurst = message(
  'A worn rim can burst under braking. In doubt let the air down first.',
);
export const itsWearMarkGone = message('its wear mark is gone');
export const asMeasured = message('as measured');
export const brakeLever = message('Brake lever');
export const fewStrokesFirstThen = message('A few strokes first, then where it bites.');
export const bitesAfter = message('Bites after');
export const freeTravelGrip = message('Free travel to the grip');
export const valueValue2PercentIts = message('{value} ÷ {value2} = {percent} of its travel');

// drivetrain
export const n11SprocketsMore = message('11 sprockets and more');
export const n210Sprockets = message('2 to 10 sprockets');
export const oneSprocketHubGear = message('One sprocket or hub gear');
export const newChain = message('New chain at');
export const sprocketsToo = message('Sprockets too at');
export const gearing = message('Gearing');
export const gaugesPressBothRollers = message(
  'Gauges that press both rollers read high; some narrow chains need their own gauge.',
);
export const chainCaliper = message('Chain by caliper');
export const lengthOverTenLinks = message('Length over ten links or more, chain under light pull.');
export const length = message('Length');
export const fullLinks = message('Full links');
export const innerOuterOne = message('an inner and an outer are one');
export const chainRuler = message('Chain by ruler');
export const fromPinPinOver = message('From pin to pin over twelve inches.');
export const pastTwelfthInch = message('Past the twelfth inch');
export const chainDropInGauge = message('Chain by drop-in gauge');
export const largestFigureDropsIn = message('The largest figure that drops in.');
export const dropsIn = message('Drops in at');
export const judgedLowerEdgeIts = message('judged by the lower edge of its band: {percent}');
export const hanger = message('Hanger');
export const gaugeInHangerOne = message('Gauge in the hanger, one point of the rim turned to each place.');
export const gaps = message('Gaps');
export const topBottomFrontBack = message('top, bottom, front, back: 10 12 11 10');
export const sprockets = message('Sprockets');
export const n11More = message('11 and more');
export const n10Fewer = message('10 and fewer');
export const widestLessNarrowestGap = message('widest less narrowest gap = {rounded} mm');
export const chainSlack = message('Chain slack');
export const withoutDerailleurUpDown = message(
  'Without derailleur: up and down in all, at the tightest place of the turn.',
);
export const slack = message('Slack');
export const fingersClearRingSprocket = message('Fingers clear of ring and sprocket while the cranks turn.');
export const roundedMmAgainstIts = message('{rounded} mm against its window');

// wheels
export const roundedBar = message('{rounded} bar');
export const tyreWindowStart = message('Tyre: window and start');
export const whereItsPressureBelongs = message('Where its pressure belongs, and where to begin.');
export const riderBikeBags = message('Rider, bike and bags');
export const wheel = message('Wheel');
export const front = message('Front');
export const rear = message('Rear');
export const tyreWidth = message('Tyre width');
export const sidewallLeast = message('Sidewall, least');
export const sidewallMost = message('Sidewall, most');
export const rimMost = message('Rim, most');
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
export const startingPointForAdults = message(
  'A starting point for adults, no verdict. Never over the least of what tyre and rim are marked with.',
);
export const noFloorKnown = message('no floor known');
export const overBar = message('over {bar}');
export const noMaximumKnown = message('no maximum known');
export const underBar = message('under {bar}');
export const startBarPart = message('Start at {bar}{part}');
export const heldItsPart = message(', held at its {part}');
export const least = message('least');
export const most = message('most');
export const valueKgShareRounded = message(
  '{value} kg × {share} = {rounded} kg on the wheel; 15 % tyre drop at {value2} mm = {bar}',
);
export const window = message('Window');
export const inPsi = message('In psi');
export const leak = message('Leak');
export const twoGaugeReadingsHours = message('Two gauge readings, hours apart.');
export const first = message('First');
export const then = message('Then');
export const hoursBetween = message('Hours between');
export const leastMayHave = message('Least it may have');
export const lookedAgainIn = message('Looked at again in');
export const warmthThen = message('Warmth then');
export const warmthNow = message('Warmth now');
export const aboveSea = message('Above the sea');
export const smallPumpGaugesNot = message(
  'Small pump gauges are not evidence: the same good gauge both times.',
);
export const tooSoonSayGauge = message('Too soon to say: gauge again when six hours have gone by');
export const tooSoonSayGauges = message('Too soon to say: the gauges could be off by as much');
export const fallsUnderItsLeast = message('It falls under its least before it is looked at again: soon');
export const losesPercentDaySoon = message('Loses {percent} a day: soon');
export const holdsPercentDay = message('Holds: {percent} a day');
export const roundedRounded2RoundedRounded3 = message(
  '({rounded} − {rounded2}) ÷ {rounded} ÷ {rounded3} days = {percent} a day, between {percent2} and {percent3}',
);
export const untilItsLeast = message('Until its least');
export const pointerHeldStillRim = message('Pointer held still at the rim, one turn from the valve.');
export const widestLessNarrowest = message('Widest less narrowest');
export const sidewaysThenUpDown = message('sideways, then up and down: 0.8 0.4');
export const brake = message('Brake');
export const discHub = message('Disc or hub');
export const rim = message('Rim');
export const inUse = message('In use');
export const newJustTrued = message('New or just trued');
export const neverFingertipNearSpokes = message('Never a fingertip near the spokes of a turning wheel.');
export const spokes = message('Spokes');
export const oneSideRoundFrom = message('One side round from the valve, by meter or by pitch.');
export const readings = message('Readings');
export const n98102970 = message('98 102 97 …; 0 where there is no tension');
export const by = message('By');
export const meter = message('Meter');
export const pitchHz = message('Pitch (Hz)');
export const hz = message(' Hz');
export const partRelativeSpokes = message('{part} of {relative} spokes');
export const pitchMiddlePitch = message('(pitch ÷ middle pitch)²');
export const readingMiddleReading = message('reading ÷ middle reading');
export const spokeFromValve = message('Spoke {at} from the valve');
export const pitchTellsEvenFrom = message(
  'A pitch tells even from uneven, never whether the tension is enough.',
);
export const withoutWheelsMarkedLeast = message(
  'Without the wheel’s marked least nobody can say whether it is enough.',
);
export const bearingFinder = message('Bearing finder');
export const caliperOnBoreOutside = message('Caliper on bore, outside and width.');
export const bore = message('Bore');
export const outside = message('Outside');
export const widthHeight = message('Width or height');
export const noneStandardSizesMeasure = message('None of the standard sizes: measure again');
export const within015Mm = message('within 0.15 mm in each measure, of {bearings} sizes');
export const headsetBearingsCompareAngles = message(
  'Headset bearings: compare the angles of both faces before ordering.',
);
export const boreOutsideWidthMm = message('{bore} × {outside} × {width} mm, off by {rounded} mm in all');

// work
export const torqueJoint = message('Torque of a joint');
export const severalFiguresForOne = message('Several figures for one joint: the safer holds.');
export const onPartMost = message('On the part, most');
export const onClampMost = message('On the clamp, most');
export const onBarPostMost = message('On the bar or post, most');
export const statedLeast = message('Stated least');
export const underItBy = message('Under it by');
export const statedValue = message('Stated value');
export const n10Under = message('10 % under');
export const boltsIn = message('Bolts in it');
export const wrenchLength = message('Wrench length');
export const someTorqueWrenchesDo = message(
  'Some torque wrenches do not measure to the left. Carbon: paste and the maker’s figure, never more.',
);
export const thePart = message('the part');
export const theClamp = message('the clamp');
export const barPost = message('bar or post');
export const conflictLeastRoundedMost = message(
  'Conflict: at least {rounded}, at most {rounded2} N m. Ask the maker',
);
export const takesNoMoreThan = message('{of} takes no more than {rounded} N m');
export const leastStatedRoundedN = message('least of the stated: {rounded} N m ({of}){part}');
export const lessValue = message(' less {value} %');
export const inStages = message('In stages');
export const orderBolts = message('Order of the bolts');
export const imperial = message('Imperial');
export const roundedInLbfRounded2 = message('{rounded} in lbf · {rounded2} ft lbf');
export const pullWrench = message('Pull at the wrench');
export const roundedNAboutRounded2 = message('{rounded} N, about {rounded2} kg');
export const wrenchWithAdapter = message('Wrench with an adapter');
export const crowfootExtensionInLine = message('A crowfoot or extension in line with the wrench.');
export const wanted = message('Wanted');
export const handSquare = message('Hand to square');
export const squareBolt = message('Square to bolt');
export const inLineOnlyRight = message(
  'In line only: at a right angle the wrench is set to the wanted figure.',
);
export const setRoundedNM = message('Set it to {rounded} N m');
export const units = message('Units');
export const figureInAllUnits = message('A figure in all the units of its kind.');
export const figure = message('Figure');
export const unit = message('Unit');
export const aNumber = message('A number.');
export const hybridFork = message('Hybrid fork');
export const trailFork = message('Trail fork');
export const trailShock = message('Trail shock');
export const parkFork = message('Park fork');
export const parkShock = message('Park shock');
export const sagTravel = message('Sag and travel');
export const riderInRidingClothes = message('Rider in riding clothes, on and off without a bounce.');
export const ringShaftShows = message('Ring or shaft shows');
export const travelStroke = message('Travel or stroke');
export const kind = message('Kind');
export const pressureNow = message('Pressure now');
export const mostAsMarked = message('Most as marked');
export const usedOnLastRide = message('Used on the last ride');
export const mostFifthStepNever = message('At most a fifth at a step, never past the marked maximum.');
export const firmerThanNeededIf = message('firmer than needed, if the ride was hard');
export const allNormalUnlessWas = message('all of it: normal unless it was harsh');
export const asMeant = message('as meant');
export const valueValue2PercentBand = message(
  '{value} ÷ {value2} = {percent}; {band} {percent2} to {percent3}',
);
export const tryNext = message('Try next');
export const roundedBarPart = message('{rounded} bar{part}');
export const fifthStep = message(', a fifth at a step');
export const markedMost = message(', the marked most');
export const travelUsed = message('Travel used');
export const battery = message('Battery');
export const chargeForStoreWhat = message('Charge for the store, and what is left of it.');
export const charge = message('Charge');
export const measuredEnergy = message('Measured energy');
export const ratedEnergy = message('Rated energy');
export const swollenDentedSmellingWet = message(
  'Swollen, dented, smelling or wet: outdoors, not charged, to a qualified person.',
);
export const valueValue2PercentItsEnergy = message('{value} ÷ {value2} = {percent} of its energy');
export const rightForStore = message('Right for the store');
export const storedBetweenPercentPercent2 = message(
  'stored between {percent} and {percent2}; again in 30 days',
);
export const health = message('Health');
export const costWaiting = message('Cost of waiting');
export const chainNowChainCassette = message('A chain now, or chain, cassette and rings later.');
export const chain = message('Chain');
export const itsMinutes = message('its minutes');
export const cassetteRings = message('Cassette and rings');
export const theirMinutes = message('their minutes');
export const hourWork = message('An hour of work');
export const waitingCostsRoundedMore = message('Waiting costs {rounded} more');
export const nowRoundedLaterRounded2 = message('now {rounded}, later {rounded2}');
export const repairDecline = message('Repair or decline');
export const usedBikeItsPrice = message('A used bike: its price and its repairs against a fit one.');
export const priceAsked = message('Price asked');
export const fitOneWorth = message('A fit one is worth');
export const partsEachRepair = message('Parts of each repair');
export const oneFigureFinding22 = message('one figure a finding: 22 40 0');
export const minutesEach = message('Minutes of each');
export const inSameOrder30 = message('in the same order: 30 60 10');
export const asManyAsParts = message('As many as parts: {parts}.');
export const worthRoundedUnderFit = message('Worth it: {rounded} under a fit one');
export const declineRoundedOverFit = message('Decline: {rounded} over a fit one');
export const valueRoundedRepairsRounded2 = message('{value} + {rounded} of repairs = {rounded2}');

// tool
export const wholeNumber = message('A whole number.');
export const thisIsNeeded = message('This is needed.');
export const fromFigureFigure2Unit = message('From {figure} to {figure2}{unit}.');
export const reckoningHoldsFromFigure = message(
  'The reckoning holds from {figure} to {figure2}{unit}. Use the house’s figure.',
);
export const figureFigures = message('{figure} figures.');
export const figureFigure2FiguresWith = message('{figure} to {figure2} figures, with spaces between.');
export const mostFigure = message('At most {figure}.');
export const secondReadingComesAfter = message('The second reading comes after the first.');
export const markingsLeaveNoRoom = message('The markings leave no room: ask the maker.');
export const moreThanHalfThem = message(
  'More than half of them have no tension: this wheel is for the mechanic.',
);
export const doesNotFit = message('This does not fit.');
