import type { DataSource } from 'typeorm';
import type { Settings } from '@cadre/server/platform/settings';
import { DEMO_ZONE, seedDemo } from '@cadre/test-world/demo';
import { setDemoClock } from './program-clock';

/** Fills an empty database with the demo world, on its morning. */
export const fillDemo = async (source: DataSource, settings: Settings): Promise<void> =>
  seedDemo(source, await setDemoClock(source, settings, DEMO_ZONE));
