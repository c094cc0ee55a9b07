import { message } from '@cadre/web/platform/i18n';

// WearPanel
export const onTag = message(' on {tag}');
export const anotherBike = message('another bike');
export const wear = message('Wear');
export const offlineCannotShown = message('Offline: cannot be shown.');
export const dashedLineForecastShaded = message(
  'The dashed line is the forecast. The shaded area is the 80 % range. The forecast is {sure}.',
);
export const dottedLinesWithOpen = message('Dotted lines with open circles: earlier parts at this place.');
export const readings = message('Readings');
export const reading = message('Reading');
export const date = message('Date');
export const sinceFitted = message('Since fitted');
export const nameOfPartLastReading = message('{nameOf}{part}: last reading {lastValue}, removed.');

// chart-option
export const unitSinceFitted = message('{unit} since fitted');
export const shownValueUsageUnit = message('{shownValue} at {usage} {unit}');
export const n80Range = message('80 % range');
export const limit = message('limit');

// wear-wording
export const chain = message('Chain');
export const discPads = message('Disc pads');
export const rimPads = message('Rim pads');
export const rotor = message('Rotor');
export const rimWall = message('Rim wall');
export const rimTrack = message('Rim track');
export const km = message('km');
export const days = message('days');
export const withPlate = message(' with plate');
export const reliable = message('reliable');
export const fairlyReliable = message('fairly reliable');
export const uncertain = message('uncertain');
export const fromReadingPart = message(
  'from {readings, plural, one {# reading} other {# readings}} of this part',
);
export const fromReadingPartWear = message(
  'from {readings, plural, one {# reading} other {# readings}} of this part and the wear of the fleet',
);
export const fromWearFleetOne = message(
  'from the wear of the fleet: one reading does not show how fast this part wears',
);
export const noLimitKnownFor = message('No limit is known for this part, so there is no forecast.');
export const probablyItsLimitLimit = message('Probably at its limit of {limit} now. Measure the part.');
export const roughlyRoughly2 = message('{roughly} to {roughly2}');
export const likelyDateDayDayBeside = message(', likely date {day} ({dayBeside} to {dayBeside2})');
export const wearsFasterThanBefore = message('Wears faster than before, so only the newest readings count. ');
export const fasterReachesLimitIn = message(
  '{faster}Reaches {limit} in about {roughly} {unit} ({range}){date}.',
);
export const whichDoNotAgree = message(', which do not agree');
export const limitLimit = message('limit {limit}');
export const readBefore = message('before');
export const likely = message('likely');
export const readNow = message('read');
export const noDateNotRidden = message('; no recent rides, so no date');
