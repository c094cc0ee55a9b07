import type { Feature } from '@cadre/server/platform/feature';
import { soundEntity } from './entities';
import { soundProjections, verifySounds } from './events';

export const soundsFeature: Feature = {
  name: 'sounds',
  tables: [soundEntity],
  appendOnly: ['sound_note'],
  projections: soundProjections,
  may: { 'sound.added': 'mark' },
  verifiers: { sounds: verifySounds },
};
