import { message } from '@cadre/web/platform/i18n';

// BikePhotos
export const photos = message('Photos');
export const olderOnes = message('Older ones');

// LookPhotos
export const readingPhoto = message('Reading the photo …');
export const photo = message('Photo');
export const ofName = message('of {name}');
export const perlookPhotosLookSay = message('{perLook} photos of this look: say the rest in the note.');

// PhotoPad
export const drawWithFingerWhere = message(
  'Draw with the finger where it is. The photo itself stays as it is.',
);
export const photoNameJustTaken = message('Photo of {name}, just taken');
export const circle = message('Circle');
export const arrow = message('Arrow');
export const takeLastBack = message('Take the last back');
export const circleMiddle = message('Circle the middle');
export const letGo = message('Let it go');
export const keepIt = message('Keep it');

// PhotoShow
export const close = message('Close');
export const photoName = message('Photo of {name}');

// PhotoStrip
export const photoNameofWhen = message('Photo of {nameOf}, {when}');
export const keptHere = message('kept here');
export const tryAgain = message('Try again');

// deliver-photos
export const photoWasNotTaken = message('A photo was not taken. {what} {todo}');

// shrink-photo
export const fileEmptyTakePhoto = message('This file is empty. Take the photo again.');
export const fileOverFilemostMb = message(
  'This file is over {fileMost} MB. Take a photo, or choose a smaller file.',
);
export const fileNoPictureCadre = message(
  'This file is no picture Cadre can read. Take a photo, or choose a JPEG, PNG or WebP.',
);
export const pictureTooLargeMost = message(
  'This picture is too large: at most {toLocaleString} pixels a side and {pixelsMost} megapixels. Choose a smaller one, or photograph it anew.',
);
