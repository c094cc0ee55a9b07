import { message } from '@cadre/web/platform/i18n';

// CameraReader
export const startingCamera = message('Starting the camera …');
export const holdCodeInPicture = message('Hold the code in the picture.');
export const browserGivesNoCamera = message(
  'This browser gives no camera here: open Cadre by https (see docs/running.md). Type the tag meanwhile.',
);
export const noCameraFoundType = message('No camera found. Type the tag.');
export const browserWasToldNot = message(
  'This browser was told not to give the camera. Allow it in its settings, or type the tag.',
);
export const whatCameraSees = message('What the camera sees');

// FindBike
export const findBike = message('Find a bike');
export const itsTagWordsLike = message('Its tag, or words like held 24in');
export const tag = message('Tag');
export const noCamera = message('No camera');
export const camera = message('Camera');
export const noBikeHereNothing = message('No bike here is “{nothing}”.');
export const nothingAll = message('Nothing is all of that.');
