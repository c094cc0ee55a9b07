import { inject } from 'vitest';
import { World } from '../../testing/world';
import { Browser, type Size } from './browser';
import { Proxy } from './proxy';
import { ServerProcess } from './server-process';

/** A program served by a process of its own, reached over a line that can be cut: for what must outlive both. */
export interface BehindProxy {
  readonly world: World;
  readonly server: ServerProcess;
  readonly proxy: Proxy;
  readonly browser: Browser;
  /** Another browser than the first may be open by now. */
  close(now?: Browser): Promise<void>;
}

export async function openBehindProxy(size: Size): Promise<BehindProxy> {
  const world = await World.open({ realClock: true });
  const { socketPath, appPassword } = inject('database');
  const server = await ServerProcess.start({ socketPath, password: appPassword, name: world.database.name });
  const proxy = await Proxy.open(server.port);
  const browser = await Browser.open(proxy.base, { worksOffline: true });
  await browser.size(size);
  return {
    world,
    server,
    proxy,
    browser,
    async close(now = browser) {
      await now.close();
      await proxy.close();
      await server.kill();
      await world.close();
    },
  };
}
