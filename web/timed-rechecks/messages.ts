import { message } from '@cadre/web/platform/i18n';

// TimedRecheckAnswer
export const enterPressureNowFrom = message('Enter the pressure now, from 0 to 11 bar.');
export const noResultYetPart = message('No result yet{part}. The next recheck is {when}.');
export const changeWithinGaugesError = message(': the change is within the gauges’ error');
export const later = message('later');
export const losesPercentDayFinding = message('loses {percent} a day: a finding was opened');
export const holdsPressureLossPercent = message('holds pressure, loss {percent} a day');
export const measureNow = message('Measure now');
export const enterResult = message('Enter result');
export const pressureNowBar = message('Pressure now, bar');
export const result = message('Result');
export const saveReading = message('Save reading');
export const saveResult = message('Save result');

// TimedRecheckForm
export const enterWhatRecheck = message('Enter what to recheck.');
export const enterMoreThan0 = message('Enter more than 0 and up to 9600 hours.');
export const enterHoursOutings = message('Enter hours or outings.');
export const enterWholeNumberFrom = message('Enter a whole number from 1 to 200.');
export const enterPressureNowFrom0 = message('Enter the pressure now, from 0.2 to 11 bar.');
export const whatRecheck = message('What to recheck');
export const front = message('Front');
export const rear = message('Rear');
export const pressureSetBar = message('Pressure set, bar');
export const readFromGaugeNot = message('read from the gauge, not from the pump');
export const afterHours = message('After hours');
export const orOutings = message('or outings');
export const setRecheck = message('Set recheck');
export const cancel = message('Cancel');

// TimedRecheckPanel
export const timedRechecks = message('Timed rechecks');
export const setTyped = message(' Set to {typed}');
export const recheckLater = message('Recheck later …');

// timed-recheck-wording
export const leakTestDoesTyre = message('Leak test: does the tyre hold?');
export const patchDrying = message('Patch drying');
export const boltsAfterSomeOutings = message('Bolts after some outings');
export const batteryInStore = message('Battery in the store');
export const recheck = message('Recheck');
export const leakTest = message('Leak test');
export const patch = message('Patch');
export const bolts = message('Bolts');
export const battery = message('Battery');
export const other = message('Other');
export const tyrePressure = message('Tyre pressure');
export const patchedTube = message('Patched tube');
export const boltsJustTorqued = message('Bolts just torqued');
export const batteryCharge = message('Battery charge');
export const nowItsOutingsDone = message('now: its outings are done');
export const nowSinceWhen = message('now, since {when}');
export const afterOutingsMoreOutings = message('after {outings} more outings');
export const or = message(', or ');
export const whatFor = message('What for');
export const wheel = message('Wheel');
