import { addSound, listSounds, playSound } from '@cadre/contract/sounds';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Sounds } from './service';

export const soundsRoutes = (sounds: Sounds): readonly Implemented[] => [
  answering(addSound, async ({ params, body }, actor) => sounds.add(actor, params.id, body)),
  answering(listSounds, async ({ params }, actor) => sounds.list(actor, params.id)),
  answering(playSound, async ({ params, res }, actor) => {
    const { container, sound } = await sounds.play(actor, params.id);
    res
      .set({
        'content-type': `audio/${container}`,
        'cache-control': 'private, max-age=31536000, immutable',
        'content-disposition': `attachment; filename="noise.${container}"`,
      })
      .send(sound);
    return {};
  }),
];
