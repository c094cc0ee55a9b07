import { rmSync } from 'node:fs';
import { connect, createServer, type Server, type Socket } from 'node:net';

const QUERY = 0x03;
const HEADER = 4;

/** What is to happen at the nth statement from now: before the database has it, or once it has and before it answers. */
export interface Trap {
  left: number;
  readonly when: 'before' | 'after';
  readonly sprung: () => void;
}

/** Stands between the server and its database, counts statements, and can go off between any two of them. */
export class DatabaseProxy {
  trap: Trap | null = null;
  private readonly sockets = new Set<Socket>();

  private constructor(
    private readonly server: Server,
    readonly socketPath: string,
    private readonly target: string,
  ) {}

  static async open(socketPath: string, target: string): Promise<DatabaseProxy> {
    rmSync(socketPath, { force: true });
    const server = createServer((client) => proxy.serve(client));
    const proxy = new DatabaseProxy(server, socketPath, target);
    await new Promise<void>((done) => server.listen(socketPath, done));
    return proxy;
  }

  private serve(client: Socket): void {
    const upstream = connect(this.target);
    this.sockets.add(client);
    let rest = Buffer.alloc(0);
    const end = (): void => {
      this.sockets.delete(client);
      client.destroy();
      upstream.destroy();
    };
    for (const side of [client, upstream]) side.on('error', end).on('close', end);
    upstream.on('data', (chunk) => client.write(chunk));
    client.on('data', (chunk) => {
      rest = Buffer.concat([rest, chunk]);
      // Packet by packet: three bytes of length, one of order, then what is asked.
      while (rest.length >= HEADER && rest.length >= HEADER + rest.readUIntLE(0, 3)) {
        const packet = rest.subarray(0, HEADER + rest.readUIntLE(0, 3));
        rest = rest.subarray(packet.length);
        if (this.pass(packet, upstream)) continue;
        end();
        return;
      }
    });
  }

  /** Hands a packet on; false where the trap has gone off and nothing more passes. */
  private pass(packet: Buffer, upstream: Socket): boolean {
    const { trap } = this;
    const counts = trap !== null && packet[3] === 0 && packet[HEADER] === QUERY;
    if (counts) trap.left -= 1;
    const springs = counts && trap.left === 0;
    if (!springs || trap.when === 'after') upstream.write(packet);
    if (!springs) return true;
    this.trap = null;
    trap.sprung();
    return false;
  }

  async close(): Promise<void> {
    for (const socket of this.sockets) socket.destroy();
    await new Promise((done) => this.server.close(done));
  }
}
