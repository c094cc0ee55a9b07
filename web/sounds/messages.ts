// Texts of web/sounds, in ICU message format: {name} is filled in, plurals count.
import { message } from '@cadre/web/platform/i18n';

export const noises = message('Noises');
export const noise = message('Noise');
export const recording = message('Recording of the noise');
export const record = message('Record noise');
export const stopIn = message('Stop · {seconds} s left');
export const gear = message('Gear');
export const doing = message('What you were doing');
export const save = message('Save recording');
export const discard = message('Discard');
export const secondsBy = message('{seconds} s · {name}');
export const offline = message('No connection. Recordings are shown when there is one.');
export const noNoises = message('No noise recorded.');
export const notSecure = message('This address is not secure (https), so the browser allows no microphone.');
export const browserCannot = message('This browser cannot record.');
export const noMicrophone = message('The microphone cannot be used.');
export const microphoneRefused = message('The browser was not allowed to use the microphone.');
export const describeInstead = message('Describe the noise in a note instead.');
export const savedHere = message('Saved on this device, not synced');
