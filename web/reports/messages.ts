// Texts of web/reports, in ICU message format: {name} is filled in, plurals count.
import { message } from '@cadre/web/platform/i18n';

export const reports = message('Reports');
export const loading = message('Loading …');
export const unread = message('Open');
export const dealtWith = message('Closed in the last 30 days');
export const noneUnread = message('No report is open.');
export const placeAndFault = message('{place}: {fault}');
export const placeUnknown = message('Place unknown');
export const holdsBike = message('Bike held');
export const canRideOn = message('Rider could keep riding');
export const cannotRideOn = message('Bike could not go on');
export const fromRider = message('Rider');
export const fromNamedRider = message('Rider: {name}');
export const timesReported = message('reported {times} times');
export const onOuting = message('on the outing of {group}');
export const onWalkIn = message('on a walk-in');
export const photoOf = message('Photo of the report on {tag}');
export const makeFinding = message('Make finding');
export const closeReport = message('Close report');
export const whichQuestion = message('Question');
export const chooseQuestion = message('Choose the question that failed');
export const whichFault = message('Fault');
export const closeReason = message('Reason');
export const closeReasonHint = message('What you checked and found. Closing the report ends its hold.');
export const cancel = message('Cancel');
export const becameFinding = message('Became a finding: {name}, {time}');
export const wasClosed = message('Closed: {reason} · {name}, {time}');
export const onlyMechanics = message('A mechanic or lead deals with reports.');
export const sayWhere = message('Where is the problem on {tag}?');
export const sayWhat = message('What is wrong?');
export const moreWords = message('Note');
export const skip = message('Skip');
export const noReportYet = message('The report is not here yet.');
export const tryInMoment = message('Try again in a moment.');
export const helpReports = message(
  'Problems that riders and the desk report. A report on a part that matters for safety holds the bike at once.',
);
export const helpFinding = message(
  'The report becomes a finding on the bike. The hold of the report ends; a finding that means do not ride holds the bike until repair, recheck and release.',
);
export const helpClose = message(
  'Use this when you checked the bike and found nothing wrong. Your reason is stored as a release.',
);
export const weak = message('Weak');
export const rubs = message('Rubs or squeals');
export const loose = message('Loose');
export const stiff = message('Stiff or stuck');
export const bent = message('Bent or broken');
export const cracked = message('Cracked');
export const flat = message('Flat tyre');
export const noisy = message('Makes a noise');
export const slips = message('Slips');
export const chainOff = message('Chain came off');
export const shiftsBadly = message('Does not change gear well');
export const tooLow = message('Wrong height');
export const stops = message('Cuts out');
export const hot = message('Hot, or smells');
export const childSeat = message('Child seat');
export const trailerHitch = message('Trailer or hitch');
export const light = message('Light');
export const bell = message('Bell');
export const crashed = message('Crash');
export const other = message('Something else');
export const findCause = message('Find the cause');
