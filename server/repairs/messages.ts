import { message } from '@cadre/server/platform/messages';

// later-looks
export const wheelAfterWork = message('Spokes and run-out of the wheel that was worked on');
export const boltsAfterRepair = message('Bolts of the repair: {joints}');
export const looseBefore = message('{checkpoint}: was loose');
