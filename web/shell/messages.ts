import { message } from '@cadre/web/platform/i18n';

// App
export const findBikeScannerWorks = message('Find a bike. A scanner works without a key.');
export const goRackWall = message('Go to the rack wall');
export const listKeys = message('This list of keys');

// ClockBehind
export const serversClockBehindRecord = message('The server’s clock is behind the record.');
export const latestEntryFromWhen = message(
  'The latest entry is from {when}, but the clock says {when2}. No check clears a bike until a lead confirms the time. If the clock is wrong, correct the server’s clock first.',
);
export const confirmClockRight = message('Confirm that the clock is right');

// DayStrip
export const demoTime = message('Demo time');
export const find = message('Find');
export const helpOnScreen = message('Help on this screen');
export const themeThemeChange = message('Theme: {theme}. Change');
export const light = message('light');
export const dim = message('dim');
export const highContrast = message('high contrast');
export const waitingNotSynced = message('{waiting} not synced');
export const notKnown = message('Not known');
export const allSynced = message('All synced');
export const offline = message('offline');
export const trainee = message('trainee');
export const changePerson = message(': change person');
export const youWereSignedOut = message(
  'You were signed out. You can go on marking: everything is saved on this device.',
);
export const signInSync = message('Sign in to sync');
export const newVersionCadreReady = message('A new version of Cadre is ready.');
export const updateNow = message('Update now');
export const addressDoesNotUse = message(
  'This address does not use https, so Cadre cannot start without a network here. Marks are still saved on this device. The person who runs Cadre finds the remedy in docs/running.md.',
);
export const closeNotice = message('Close this notice');

// NowhereView
export const pageNotFound = message('Page not found');
export const cadreHasNoPage = message('Cadre has no page at this address.');

// HelpSheet
export const wordsOnScreen = message('Words on this screen');
export const keysOnScreen = message('Keys on this screen');
export const close = message('Close');

// StorageNotice
export const doNotMarkYet = message('Do not mark yet:');
export const browserNotSavingYour = message(
  'this browser is not saving your marks. Close all other Cadre windows, then reload this page.',
);
export const yourNextMarksMay = message('Your next marks may be lost:');
export const browserCouldNotSave = message(
  'this browser could not save or read some data. The disk may be full, or the window may be private. Free some space or use another device, reload this page, and check that all your marks are there.',
);

// WaitsFor
export const entryNameOfCannotSynced = message(
  '{many, plural, one {# entry} other {# entries}} by {nameOf} cannot be synced yet. {nameOf} has to',
);
export const signInOnDevice = message('sign in on this device');

// navigation
export const areas = message('Areas');
export const today = message('Today');
export const workshop = message('Workshop');
export const plan = message('Plan');
export const fleet = message('Fleet');
export const learn = message('Learn');
export const setUp = message('Set up');

// use-places
export const action = message('Action');
export const person = message('Person');

export const reportsWaiting = message('{unread, plural, one {# open report} other {# open reports}}');
export const codeNotValid = message('This code is not valid here.');
export const findByTag = message(
  'The label may be an old one. Find the bike by its tag and print a new label.',
);
