// Texts of web/outings, in ICU message format: {name} is filled in, plurals count.
import { message } from '@cadre/web/platform/i18n';

export const desk = message('Desk');
export const handOutBikes = message('Hand out bikes');
export const site = message('Site');
export const loading = message('Loading …');
export const offlineMayBeOld = message(
  'Offline. This list may be out of date, and bikes cannot be handed out.',
);
export const kit = message('Helmets and kit');
export const groupsToday = message('Groups today');
export const noGroupsToday = message('No more groups today.');
export const walkIn = message('Walk-in');
export const handOutWalkIn = message('Hand out to a walk-in');
export const outNow = message('Out now');
export const nothingOut = message('No bike is out.');
export const groupTaken = message('{taken} of {wanted} out');
export const groupAll = message('{wanted, plural, one {The bike is out} other {All # bikes are out}}');
export const groupReady = message('{ready} of {left} ready');
export const groupShort = message('short {short}');
export const handOutGroup = message('Hand out');
export const fine = message('Fine');
export const hardOrWet = message('Hard or wet');
export const problem = message('Problem');
export const crash = message('Crash');
export const conditions = message('Conditions today');
export const odometerKm = message('Odometer, km');
export const odometerNotNumber = message('The odometer cannot be {text}.');
export const typeKilometres = message('Enter kilometres as a number, such as 412.5.');
export const backSince = message('since {time}');
export const dueBack = message('back by {time}');
export const lateSince = message('Late, due {time}');
export const withGroup = message('with {group}');
export const takeBackTag = message('Take back {tag}');
export const close = message('Close');
export const scanHint = message('Scan or type a tag');
export const tagField = message('Tag');
export const camera = message('Camera');
export const closeCamera = message('Close camera');
export const noSuchTag = message('No bike has the tag {tag}.');
export const checkTagTypeAgain = message('Check the tag, then scan or type it again.');
export const wentBack = message('{tag} is back: {way}.');
export const cannotGoOut = message('{tag} cannot go out: {why}');
export const takeInstead = message('Take {tag} instead');
export const takeInsteadAt = message('{tag} hangs on {hook} and can go out.');
export const noOther = message('No other bike of this size and kind can go out now.');
export const isOutSince = message('{tag} is out since {time}.');
export const takeItBackFirst = message('Take the bike back before you hand it out again.');
export const otherSite = message('{tag} belongs to another site.');
export const chooseThatSite = message('Choose that site on the desk, then scan the tag again.');
export const groupTimes = message('{out} to {back}');
export const goingCount = message('{going} of {wanted} bikes ticked');
export const missing = message('Missing: {missing}');
export const nothingMissing = message('Nothing is missing.');
export const notAskedFor = message('Not asked for by this group');
export const standIn = message('other size');
export const noBikeLeft = message('No bike left for');
export const swapTag = message('Swap {tag}');
export const swapFor = message('Swap {tag} for');
export const noSwap = message('No other bike fits here.');
export const tickTag = message('Tick {tag}');
export const removeTag = message('Remove {tag}');
export const handOutCount = message(
  '{count, plural, =0 {Hand out} one {Hand out # bike} other {Hand out # bikes}}',
);
export const backBy = message('Back by');
export const backByWrong = message('Enter a time later than now.');
export const groupGone = message('This group is not in today’s list.');
export const backToDesk = message('Back to the desk');
export const walkInHint = message('Scan each bike. Set a time if the bikes are expected back.');
export const helpDesk = message('Hand bikes out to today’s groups and to walk-ins, and take bikes back.');
export const helpScan = message(
  'Scan tags one after the other. Each scan ticks a bike of the group, or opens the bike that comes back.',
);
export const helpHard = message(
  'The bike was ridden hard or in bad conditions. Your policy decides whether a return check is due.',
);
export const helpProblem = message(
  'Something is wrong. The bike is held until a mechanic has read the report.',
);
export const helpCrash = message('The bike is held until the crash checklist is complete.');
export const codeNotValid = message('This code is not valid here.');
export const findByTag = message('The label may be an old one. Type the tag of the bike instead.');
export const riderFit = message('Rider fit');
