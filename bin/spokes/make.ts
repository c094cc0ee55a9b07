import { writeFileSync } from 'node:fs';
import { say } from '../say';
import { trainingRecording } from './recording';

// The recording of plucked spokes that ships for training: `npm run spokes-recording` makes it again.
const PATH = 'web/spokes/training-wheel.wav';
const sound = trainingRecording();
writeFileSync(PATH, sound);
say(`${PATH}: ${Math.round(sound.length / 1000)} kB`);
