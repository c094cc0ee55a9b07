import { spawn, type ChildProcess } from 'node:child_process';
import { createServer, type AddressInfo } from 'node:net';
import { SERVER_FILE } from './bundle-server';

async function freePort(): Promise<number> {
  const server = createServer();
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  const { port } = server.address() as AddressInfo;
  await new Promise((done) => server.close(done));
  return port;
}

/** The real server as a process of its own, to be killed without warning and started again on the same port. */
export class ServerProcess {
  private child: ChildProcess | null = null;

  private constructor(
    readonly port: number,
    private readonly database: { socketPath: string; password: string; name: string },
    private readonly settings: Readonly<Record<string, string>>,
  ) {}

  static async start(
    database: { socketPath: string; password: string; name: string },
    settings: Readonly<Record<string, string>> = {},
  ): Promise<ServerProcess> {
    const server = new ServerProcess(await freePort(), database, settings);
    await server.up();
    return server;
  }

  get pid(): number {
    const pid = this.child?.pid;
    if (pid === undefined) throw new Error('the server is not up');
    return pid;
  }

  async up(): Promise<void> {
    const child = spawn(process.execPath, [SERVER_FILE], {
      env: {
        ...process.env,
        ...this.settings,
        CADRE_PORT: String(this.port),
        TEST_DATABASE: JSON.stringify(this.database),
      },
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    this.child = child;
    await new Promise<void>((done, failed) => {
      child.stdout?.once('data', () => done());
      child.once('exit', (code) => failed(new Error(`the server ended with ${code} before it listened`)));
    });
  }

  /** kill -9, and waits until it is really gone. */
  async kill(): Promise<void> {
    const { child } = this;
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    const gone = new Promise((done) => child.once('exit', done));
    child.kill('SIGKILL');
    await gone;
  }
}
