import { setTimeout } from 'node:timers/promises';
import type { DataSource } from 'typeorm';
import { setUp, setupState } from '@cadre/contract/setup';
import { health } from '@cadre/contract/setup';
import {
  answering,
  deviceKind,
  deviceOf,
  deviceToken,
  setDeviceCookie,
  setSessionCookie,
  type Implemented,
} from '@cadre/server/platform/http';
import type { Sessions } from '@cadre/server/people';
import type { Setup } from './service';

/** A database that is frozen says nothing at all: that is as good as down. */
const ANSWERS_WITHIN_MS = 2000;

const stateOf = (source: DataSource): Promise<'up' | 'down'> =>
  source
    .query('SELECT 1')
    .then(() => 'up' as const)
    .catch(() => 'down' as const);

export interface SetupDeps {
  readonly setup: Setup;
  readonly sessions: Sessions;
  readonly source: DataSource;
  readonly now: () => number;
  readonly version: string;
  /** Whether a program set up here is the demo. */
  readonly demo: boolean;
}

export const setupRoutes = ({
  setup,
  sessions,
  source,
  now,
  version,
  demo,
}: SetupDeps): readonly Implemented[] => [
  answering(health, async () => {
    const database = await Promise.race([stateOf(source), setTimeout(ANSWERS_WITHIN_MS, 'down' as const)]);
    return {
      status: database === 'up' ? ('ok' as const) : ('database-down' as const),
      version,
      database,
      now: now(),
    };
  }),
  answering(setupState, async () => {
    const { program, people } = await setup.state();
    return {
      state: program ? ('ready' as const) : ('empty' as const),
      programName: program?.name ?? null,
      demoPeople: people.map(({ name, signInName, role, trainee }) => ({
        name,
        signInName,
        role,
        trainee,
      })),
    };
  }),
  answering(setUp, async ({ body, req, res }) => {
    const lead = await setup.setUp(body, demo);
    const device = deviceToken(req);
    const { token, session } = await sessions.begin(lead, {
      device: deviceOf(device),
      kind: deviceKind(req),
    });
    setSessionCookie(req, res, token);
    setDeviceCookie(req, res, device);
    return session;
  }),
];
