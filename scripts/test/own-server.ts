import { spawn, type ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { once } from 'node:events';
import { createServer, type AddressInfo } from 'node:net';

interface Started {
  readonly database: string;
  /** Folder of the build, and what it is relative to. */
  readonly build?: string;
  readonly cwd?: string;
  /** The port it had before; a free one if absent. */
  readonly port?: number;
  readonly env?: Readonly<Record<string, string>>;
}

/** Ports that are tried: between asking for a free one and taking it another process may take it. */
const TRIES = 5;

/** The built application in a process of its own, answering on a port that the system gave. */
export class OwnServer {
  private constructor(
    readonly port: number,
    readonly process: ChildProcess
  ) {}

  get url(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  /** Starts it and waits until it answers, however long that takes; throws if it ends before. */
  static async start(asked: Started): Promise<OwnServer> {
    for (let tries = 1; ; tries++) {
      const port = asked.port ?? (await freePort());
      const server = await startOn(port, asked);
      if (server) return new OwnServer(port, server);
      if (asked.port !== undefined || tries === TRIES) throw new Error('the server did not start');
    }
  }

  /** Ends the process at once, as a power cut would. */
  async kill(): Promise<void> {
    if (this.process.exitCode !== null || this.process.signalCode !== null) return;
    const ended = once(this.process, 'exit');
    this.process.kill('SIGKILL');
    await ended;
  }
}

async function startOn(
  port: number,
  { database, build = 'build', cwd = process.cwd(), env = {} }: Started
): Promise<ChildProcess | undefined> {
  const url = `http://127.0.0.1:${port}`;
  // Another server may answer on this port: this one is known by a word of its own.
  const instance = randomUUID();
  const server = spawn('node', [build], {
    cwd,
    stdio: ['ignore', 'ignore', 'inherit'],
    env: {
      ...process.env,
      ...{ HOST: '127.0.0.1', PORT: String(port), ORIGIN: url, BODY_SIZE_LIMIT: '12M' },
      ...{ DATABASE: database, INSTANCE: instance },
      ...env
    }
  });
  const hasEnded = () => server.exitCode !== null || server.signalCode !== null;
  while (!hasEnded()) {
    const health = await fetch(`${url}/api/health`).then(
      (reply) => reply.json() as Promise<{ instance?: string }>,
      () => undefined
    );
    if (health?.instance === instance) return server;
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  return undefined;
}

/** A port that no process of this machine listens on. */
async function freePort(): Promise<number> {
  const server = createServer().listen(0, '127.0.0.1');
  await once(server, 'listening');
  const { port } = server.address() as AddressInfo;
  server.close();
  await once(server, 'close');
  return port;
}
