import { connect, createServer, type Server, type Socket } from 'node:net';
import type { AddressInfo } from 'node:net';

export type ProxyMode =
  | { readonly kind: 'pass' }
  /** As if the network were dead. */
  | { readonly kind: 'cut' }
  /** Lets a matching request through, waits until the server has answered, then drops the answer. */
  | { readonly kind: 'drop-answer'; readonly matching: RegExp; left: number }
  /** Calls back as soon as a matching request has gone to the server. */
  | { readonly kind: 'notice'; readonly matching: RegExp; readonly seen: () => void };

/** A TCP proxy before the server: what really happens to a request on a bad line. */
export class Proxy {
  mode: ProxyMode = { kind: 'pass' };
  dropped = 0;
  target: number;
  private readonly sockets = new Set<Socket>();

  private constructor(
    private readonly server: Server,
    target: number,
  ) {
    this.target = target;
  }

  static async open(target: number): Promise<Proxy> {
    const server = createServer((client) => proxy.serve(client));
    const proxy = new Proxy(server, target);
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    return proxy;
  }

  get base(): string {
    return `http://127.0.0.1:${(this.server.address() as AddressInfo).port}`;
  }

  private serve(client: Socket): void {
    this.sockets.add(client);
    client.on('close', () => this.sockets.delete(client));
    client.on('error', () => client.destroy());
    if (this.mode.kind === 'cut') {
      client.destroy();
      return;
    }
    const upstream = connect(this.target, '127.0.0.1');
    let dropNext = false;
    upstream.on('error', () => client.destroy());
    upstream.on('close', () => client.destroy());
    client.on('close', () => upstream.destroy());
    client.on('data', (chunk) => {
      const { mode } = this;
      if (mode.kind === 'cut') {
        client.destroy();
        return;
      }
      const head = chunk.subarray(0, 400).toString('latin1');
      if (mode.kind === 'drop-answer' && mode.left > 0 && mode.matching.test(head)) {
        mode.left -= 1;
        dropNext = true;
      }
      upstream.write(chunk);
      if (mode.kind === 'notice' && mode.matching.test(head)) mode.seen();
    });
    upstream.on('data', (chunk) => {
      if (dropNext) {
        // An answer may come in several pieces: it is one answer.
        if (!client.destroyed) this.dropped += 1;
        client.destroy();
        return;
      }
      client.write(chunk);
    });
  }

  cut(): void {
    this.mode = { kind: 'cut' };
    for (const socket of this.sockets) socket.destroy();
  }

  async close(): Promise<void> {
    this.cut();
    await new Promise((done) => this.server.close(done));
  }
}
