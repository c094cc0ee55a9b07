import { message } from '@cadre/web/platform/i18n';

// App
export const findBikeScannerNeeds = message('Find a bike; a scanner needs no key');
export const rackWall = message('To the rack wall');
export const thisChecklist = message('This checklist');

// ClockBehind
export const serversClockWentBack = message('The server’s clock went back.');
export const latestEntryFromWhen = message(
  'The latest entry is from {when}; the clock says {when2}. No check counts until a lead confirms the time. If the clock is wrong, set it first.',
);
export const clockRightNow = message('The clock is right now');

// DayCounts
export const theDay = message('The day');
export const nameOpensOpensat = message('{name} opens {opensAt}');
export const now = message('Now');
export const mayGoOut = message('May go out');
export const ofBikes = message('of {bikes}');
export const due = message('Due');
export const held = message('Held');
export const again = message('Again');
export const lookAgainAgain = message('Look again: {again}');

// DayStrip
export const wall = message('Wall');
export const rounds = message('Rounds');
export const bench = message('Bench');
export const tools = message('Tools');
export const checklists = message('Checklists');
export const people = message('People');
export const main = message('Main');
export const waitingKeptHere = message('{waiting} kept here');
export const notKnown = message('Not known');
export const allSent = message('All sent');
export const noSignal = message('no signal');
export const trainee = message('trainee');
export const changePerson = message(': change person');
export const serverDoesNotKnow = message(
  'The server does not know you here any more. Go on; everything is kept.',
);
export const signInSend = message('Sign in to send it');
export const newerCadreReady = message('A newer Cadre is ready.');
export const takeNow = message('Take it now');
export const notSecureHereWithout = message(
  'Not secure here: without https this browser cannot start Cadre without signal. Marks are still kept. Open it by https, see docs/running.md.',
);
export const understood = message('Understood');

// NowhereView
export const nothingHangsHere = message('Nothing hangs here');
export const addressLeadsNowhere = message('This address leads nowhere.');

// ShortcutSheet
export const keysHere = message('Keys here');
export const close = message('Close');

// StorageNotice
export const doNotMarkYet = message('Do not mark yet:');
export const browserNotKeepingWhat = message(
  'this browser is not keeping what you mark. Close other windows of Cadre, then load this page again.',
);
export const whatYouMarkNow = message('What you mark now may be lost:');
export const browserCouldNotRead = message(
  'this browser could not read or keep something. Its disk may be full, or the window private. Make room or take another device, load the page again, and check that all you marked is there.',
);

// WaitsFor
export const entryNameofCannotSent = message(
  '{many, plural, one {# entry} other {# entries}} by {nameOf} cannot be sent yet. {nameOf} has to',
);
export const signInHere = message('sign in here');

// views
export const notHere = message('Not here');
