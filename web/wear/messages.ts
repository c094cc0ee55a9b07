import { message } from '@cadre/web/platform/i18n';

// WearPanel
export const onTag = message(' on {tag}');
export const anotherBike = message('another bike');
export const wear = message('Wear');
export const notHadWithoutSignal = message('Not to be had without signal.');
export const dashedLineLikelyWedge = message(
  'The dashed line is likely, the wedge is where it ends up four times in five. It is {sure}.',
);
export const dottedWithOpenCircles = message('Dotted, with open circles: what sat here before.');
export const theReadings = message('The readings');
export const read = message('Read');
export const when = message('When');
export const sinceFitting = message('Since fitting');
export const nameofPartLastLastvalue = message('{nameOf}{part}: last {lastValue}, no longer here.');

// chart-option
export const atkinsonHyperlegibleNextVariable = message('Atkinson Hyperlegible Next Variable, sans-serif');
export const unitSinceFitting = message('{unit} since fitting');
export const shownvalueUsageUnit = message('{shownValue} at {usage} {unit}');
export const mayBe = message('may be');
export const limit = message('limit');

// wear-wording
export const chain = message('Chain');
export const discPads = message('Disc pads');
export const rimPads = message('Rim pads');
export const rotor = message('Rotor');
export const rimTrack = message('Rim track');
export const km = message('km');
export const days = message('days');
export const withPlate = message(' with plate');
export const wellKnown = message('well known');
export const fairlyKnown = message('fairly known');
export const littleKnown = message('little known');
export const fromItsOwnReadings = message('from its own {readings} readings');
export const fromReadingsReadingsWhat = message('from {readings} readings and what the fleet does');
export const fromWhatFleetDoes = message(
  'from what the fleet does: one reading says where it is, not how fast it goes',
);
export const noLimitKnownHere = message('No limit is known here, so nothing is forecast.');
export const itsLimitLimitNow = message('At its limit of {limit} by now. Measure it.');
export const roughlyRoughly2 = message('{roughly} to {roughly2}');
export const likelyDayDaybesideDaybeside2 = message(', likely {day} ({dayBeside} to {dayBeside2})');
export const wearingFasterThanBefore = message(
  'Wearing faster than before: only the newest readings count. ',
);
export const fasterReachesLimitIn = message(
  '{faster}Reaches {limit} in about {roughly} {unit} ({range}){date}.',
);
export const whichDoNotAgree = message(', which do not agree');
export const limitLimit = message('limit {limit}');
