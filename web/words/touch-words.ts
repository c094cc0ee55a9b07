import type { Touch } from '@cadre/core/catalogue';
import * as t from './messages';

/** What work is called that loosens or moves parts. */
export const TOUCH_WORDS: Record<Touch, string> = {
  'axle-out': t.wheelRemoved,
  'tyre-off': t.tyreTubeRemoved,
  'air-out': t.tyreDeflated,
  'wheel-trued': t.wheelTrued,
  'hub-bearings': t.hubBearingsAdjusted,
  'brake-work': t.brakeRepairedAdjusted,
  'stem-headset': t.stemHeadset,
  'bar-levers-grips': t.barLeversGrips,
  'cranks-pedals': t.cranksPedals,
  'chain-sprockets': t.chainSprockets,
  'gears-set': t.gearsAdjusted,
  'saddle-post': t.saddlePost,
  'rear-suspension': t.rearSuspension,
  'fork-suspension': t.suspensionFork,
  'assist-wiring': t.batteryMotorWiring,
  accessories: t.accessories,
};
