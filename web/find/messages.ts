import { message } from '@cadre/web/platform/i18n';

// CameraReader
export const startingCamera = message('Starting the camera …');
export const holdTagsCodeIn = message('Hold the tag’s code in front of the camera.');
export const cameraWorksOnlyWhen = message(
  'The camera works only when Cadre is opened by https (see docs/running.md). Type the tag instead.',
);
export const noCameraFoundType = message('No camera found. Type the tag instead.');
export const cameraAccessBlockedAllow = message(
  'Camera access is blocked. Allow the camera in the browser’s settings, or type the tag.',
);
export const cameraPicture = message('Camera picture');

// FindBike
export const findBike = message('Find a bike, a view or a person');
export const tagWordsSuchAs = message('Tag, or words such as: held 24in');
export const tag = message('Tag');
export const closeCamera = message('Close camera');
export const camera = message('Camera');
export const noBikeHereMatches = message('No bike here matches “{nothing}”.');
export const nothingMatches = message('Nothing matches these words.');
