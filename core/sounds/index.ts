export { readSound, SOUND_LIMITS } from './read-sound';
