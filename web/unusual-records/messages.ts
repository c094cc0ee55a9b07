import { message } from '@cadre/web/platform/i18n';

// UnusualRecordsView
export const unusualRecords = message('Unusual records');
export const theseRecordsLookUnlikely = message(
  'These records look unlikely. Each can have a good reason: a wrong device clock, a pump with a pressure stop, two people at one tablet. Ask the people first. No record is blocked, and only leads see this page.',
);
export const loadingRecords = message('Loading the records …');
export const sinceDay = message('Since {day}.');
export const answeredFasterThanPossible = message('Answered faster than possible');
export const checklistNameMarkWithinSeconds = message(
  '{checklistName} · {marks, plural, one {# mark} other {# marks}} within {seconds} s',
);
export const noRecords = message('No records.');
export const impossibleTimes = message('Impossible times');
export const devicesClockDifferedFrom = message(
  'The device’s clock differed from the server’s. The server’s time counts. Set the clock of the device.',
);
export const markDatedWhenRecorded = message(
  '{marks, plural, one {# mark} other {# marks}} dated {when}, recorded {when2}',
);
export const sameValueOnMany = message('The same value on many bikes');
export const onBikeInRow = message('on {tags, plural, one {# bike} other {# bikes}} in a row');
export const wearBecameLess = message('Wear that became less');
export const wornPartMeasuredBetter = message(
  'A worn part measured better than before, and no new part is recorded: one of the two readings is wrong, or a part was replaced without an entry.',
);
export const wornNameShownValueThenShownValue2 = message(
  '{wornName}: {shownValue}, then {shownValue2}{part}',
);
export const enteredAsLastMeasurement = message(', entered as “last measurement was wrong”');

// help unusual-records
export const helpUnusualRecordsPurpose1 = message(
  'Records that look unlikely, such as answers given faster than possible. Only leads see them. Ask the people first: no record is blocked.',
);
