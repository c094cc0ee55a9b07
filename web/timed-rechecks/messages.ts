import { message } from '@cadre/web/platform/i18n';

// TimedRecheckAnswer
export const whatGaugeReadsNow = message('What the gauge reads now, from 0 to 11 bar.');
export const tooSoonSayPart = message('Too soon to say{part}. It raises itself again {when}.');
export const gaugesCouldOffAs = message(': the gauges could be off by as much');
export const later = message('later');
export const losesPercentDayFinding = message('loses {percent} a day: a finding is open');
export const holdsPercentDay = message('holds, {percent} a day');
export const gaugeNow = message('Gauge it now');
export const lookedAlready = message('Looked at already');
export const gaugeNowBar = message('Gauge now, bar');
export const whatWasFound = message('What was found');
export const tell = message('Tell');
export const looked = message('Looked');

// TimedRecheckForm
export const whatLookedAgain = message('What is looked at again?');
export const over0Most9600 = message('Over 0, at most 9600 hours.');
export const timeOutings = message('A time, or outings.');
export const wholeNumberFrom1 = message('A whole number from 1 to 200.');
export const whatGaugeReadsNowFrom = message('What the gauge reads now, from 0.2 to 11 bar.');
export const what = message('What');
export const front = message('Front');
export const rear = message('Rear');
export const setBar = message('Set to, bar');
export const gaugeNotPump = message('by the gauge, not the pump');
export const afterHours = message('After hours');
export const orOutings = message('or outings');
export const raiseThen = message('Raise it then');
export const no = message('No');

// TimedRecheckPanel
export const looksAskedForLater = message('Looks asked for later');
export const setTyped = message(' Set to {typed}');
export const lookAgainLater = message('Look again later …');

// timed-recheck-wording
export const soakDoesHold = message('Soak: does it hold?');
export const patchDrying = message('Patch drying');
export const boltsAgainAfterOutings = message('Bolts again after outings');
export const batteryInStore = message('Battery in the store');
export const lookAgain = message('Look again');
export const soak = message('Soak');
export const patch = message('Patch');
export const bolts = message('Bolts');
export const battery = message('Battery');
export const other = message('Other');
export const tyrePressure = message('Tyre pressure');
export const patchedTube = message('Patched tube');
export const boltsJustTorqued = message('Bolts just torqued');
export const batteryCharge = message('Battery charge');
export const nowItsOutingsOver = message('now: its outings are over');
export const nowSinceWhen = message('now, since {when}');
export const afterOutingsMoreOutings = message('after {outings} more outings');
export const or = message(', or ');
