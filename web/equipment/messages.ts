// Texts of web/equipment, in ICU message format: {name} is filled in, plurals count.
import { message } from '@cadre/web/platform/i18n';

export const equipment = message('Tools and instruments');
export const site = message('Site');
export const loading = message('Loading');
export const offlineMayBeOld = message('No connection. This list may be old.');
export const noEquipment = message('No tools or instruments yet.');
export const connectInstruments = message('Connect instruments');
export const addTool = message('Add tool');
export const changeTag = message('Change {tag}');
export const pressureGauge = message('Pressure gauge');
export const caliper = message('Caliper');
export const torqueWrench = message('Torque wrench');
export const spokeMeter = message('Spoke meter');
export const dialGauge = message('Dial gauge');
export const scale = message('Scale');
export const chainGauge = message('Chain gauge');
export const keys = message('Keys');
export const otherTool = message('Other tool');
export const ready = message('Ready');
export const checkDue = message('Check due');
export const failed = message('Failed');
export const withdrawn = message('Withdrawn');
export const neverChecked = message('No reference check yet');
export const lookedGood = message('Inspected: good');
export const lookedWorn = message('Inspected: worn');
export const showedAgainst = message('Showed {shown} {unit} at {reference} {unit}');
export const toMeasureAgain = message('{count, plural, one {# to measure again} other {# to measure again}}');
export const measureAgain = message(
  '{count, plural, one {# value to measure again} other {# values to measure again}}',
);
export const kindOf = message('Kind');
export const tag = message('Tag');
export const enterTag = message('Enter a tag.');
export const serial = message('Serial number');
export const serialHint = message('As the instrument sends it');
export const unit = message('Unit');
export const scaleFrom = message('Scale from');
export const scaleTo = message('Scale to');
export const permittedError = message('Permitted error, ±');
export const lengthMm = message('Hand to square, mm');
export const checkEvery = message('Reference check every, days');
export const usually = message('Left empty: {least} to {most} {unit}, ± {accuracy} {unit}');
export const enterNumber = message('Enter a number.');
export const save = message('Save');
export const cancel = message('Cancel');
export const change = message('Change');
export const close = message('Close');
export const nextDue = message('Next check due {when}');
export const withdrawnBecause = message('Withdrawn: {reason}');
export const doNotUseInstrument = message('Do not measure with this instrument until it passes a check.');
export const doNotUseTool = message('Do not use this tool. Replace it.');
export const referenceCheck = message('Reference check');
export const referenceHow = message('Measure something of known value. Passed within ± {error} {unit}.');
export const referenceValue = message('True, {unit}');
export const shownValue = message('Shown, {unit}');
export const meterMarks = message('marks');
export const lookHow = message('Inspect edges and tips. A worn key rounds bolts off.');
export const note = message('Note');
export const saveCheck = message('Save check');
export const good = message('Good');
export const worn = message('Worn');
export const withdrawReason = message('Reason to withdraw');
export const withdraw = message('Withdraw');
export const helpPurpose = message(
  'Every instrument is compared with a known value from time to time. Enter what it shows.',
);
export const helpFailed = message(
  'If a check fails, every value measured since the last good check is listed. Measure these bikes again.',
);
export const helpDue = message('The days between two reference checks are over.');
export const wrenchAtHand = message('Wrench at hand');
export const noWrench = message('None');
export const doubtfulLine = message('{what}: {value}, {when}');
