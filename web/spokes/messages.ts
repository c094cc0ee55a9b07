// Texts of web/spokes, in ICU message format: {name} is filled in, plurals count.
import { message } from '@cadre/web/platform/i18n';

export const spokesByEar = message('Spokes by ear');
export const spokes = message('Spokes');
export const wheel = message('Wheel with its spokes, the valve on top');
export const caution = message('Wheel still. Never put a finger near the spokes of a turning wheel.');
export const pluckNext = message('Pluck spoke {spoke} of {count}');
export const pluckAgain = message('Not clear. Pluck spoke {spoke} again, near its middle.');
export const allPlucked = message('All spokes plucked');
export const listen = message('Listen');
export const stop = message('Stop');
export const starting = message('Starting');
export const noTension = message('No tension');
export const takeBack = message('Undo');
export const byHand = message('Or type pitches, Hz');
export const byHandWrong = message('Enter numbers from 60 to 1200, or 0, with spaces between.');
export const enter = message('Enter');
export const leftSide = message('Left side');
export const rightSide = message('Right side');
export const even = message('Even: all near the middle of this side');
export const uneven = message('Uneven: a spoke is too far off the middle of this side');
export const slackSpoke = message('Fail: a spoke has far less tension than its side');
export const noTensionSpoke = message('Fail: a spoke has no tension. Do not ride.');
export const fourNeeded = message('Pluck at least 4 spokes of this side');
export const copyValues = message('Copy values');
export const copied = message('Copied. Paste them at the checkpoint.');
export const evenNotEnough = message(
  'Pitch shows whether spokes are even, not whether the tension is high enough. For that use a spoke meter.',
);
export const trainingRecording = message('Play training recording');
export const startAgain = message('Start again');
export const spokeNotPlucked = message('Spoke {spoke}, not plucked');
export const spokeHeard = message('Spoke {spoke}, {hz} Hz, {share} %');
export const noMicrophone = message('This device has no microphone.');
export const microphoneRefused = message('The browser was not allowed to use the microphone.');
export const microphoneBusy = message('The microphone cannot be used. Another program may use it.');
export const notSecure = message('This address is not secure (https), so the browser allows no microphone.');
export const typePitches = message('Type the pitches by hand, or use a spoke meter.');
export const allowOrType = message('Allow it in the browser, or type the pitches by hand.');
export const helpPurpose = message(
  'Pluck each spoke in turn, from the valve round. The sides are compared separately.',
);
export const helpWhy = message('Spokes of one side and one length ring alike when their tension is alike.');
export const helpNoTension = message('Use this for a spoke that does not ring. It counts as slack.');
export const figuresAre = message(
  'Figures: tension in % of the middle of the side. Dashed: off, dotted: slack.',
);
