import { message } from '@cadre/web/platform/i18n';

// UnusualRecordsView
export const unusualRecords = message('Unusual records');
export const recordsLookUnlikelyThere = message(
  'Records that look unlikely. There are good reasons for each: one clock behind another, a pump with a stop, two people at one tablet. Ask before you think anything. Nothing is blocked by it, and only the lead sees this page.',
);
export const gettingRecords = message('Getting the records …');
export const sinceDay = message('Since {day}.');
export const quickerThanOneCan = message('Quicker than one can look');
export const checklistnameMarkWithinSeconds = message(
  '{checklistName} · {marks, plural, one {# mark} other {# marks}} within {seconds} s',
);
export const none = message('None.');
export const timesCannotRight = message('Times that cannot be right');
export const deviceHadAnotherTime = message(
  'The device had another time than the server. The server’s time decides what counts; set the device’s clock.',
);
export const markDatedWhenRecorded = message(
  '{marks, plural, one {# mark} other {# marks}} dated {when}, recorded {when2}',
);
export const sameDigitsBikeAfter = message('The same digits, bike after bike');
export const onBikeRunning = message('on {tags, plural, one {# bike} other {# bikes}} running');
export const wearHealed = message('Wear that healed');
export const partReadsBetterThan = message(
  'A part reads better than before, and nobody noted a new one: a slip then or now, or a part changed unnoted.',
);
export const wornnameShownvalueThenShownvalue2 = message(
  '{wornName}: {shownValue}, then {shownValue2}{part}',
);
export const saidOnlyMeasuredBetter = message(', said to be only measured better');
