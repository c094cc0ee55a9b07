import { message } from '@cadre/web/platform/i18n';

// BikePhotos
export const photos = message('Photos');
export const showOlderPhotos = message('Show older photos');

// LookPhotos
export const loadingPhoto = message('Loading the photo …');
export const photo = message('Photo');
export const ofName = message('of {name}');
export const questionHasPerLookPhotos = message(
  'This question has {perLook} photos. Describe the rest in the note.',
);

// PhotoPad
export const drawOnPhotoShow = message(
  'Draw on the photo to show the place. The photo itself is not changed.',
);
export const newPhotoName = message('New photo of {name}');
export const circle = message('Circle');
export const arrow = message('Arrow');
export const undo = message('Undo');
export const circleInMiddle = message('Circle in the middle');
export const discardPhoto = message('Discard photo');
export const savePhoto = message('Save photo');

// PhotoShow
export const close = message('Close');
export const photoName = message('Photo of {name}');

// PhotoStrip
export const photoNameOfWhen = message('Photo of {nameOf}, {when}');
export const savedOnDevice = message('saved on this device');
export const tryAgain = message('Try again');

// deliver-photos
export const photoWasNotAccepted = message('A photo was not accepted. {what} {todo}');

// shrink-photo
export const fileEmptyTakePhoto = message('This file is empty. Take the photo again.');
export const fileLargerThanFileMost = message(
  'This file is larger than {fileMost} MB. Take a photo, or choose a smaller file.',
);
export const cadreCannotReadFile = message(
  'Cadre cannot read this file as a picture. Take a photo, or choose a JPEG, PNG or WebP file.',
);
export const pictureTooLargeMaximum = message(
  'This picture is too large. The maximum is {toLocaleString} pixels a side and {pixelsMost} megapixels. Choose a smaller picture, or take a new photo.',
);
export const draw = message('Draw');
