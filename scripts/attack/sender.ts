import { Agent, request } from 'node:http';

export interface Sent {
  readonly method: string;
  readonly path: string;
  readonly headers?: Readonly<Record<string, string>>;
  readonly body?: Buffer;
}

export interface Heard {
  /** The status, or why there was none. */
  readonly status: number | string;
  readonly body: string;
  readonly milliseconds: number;
}

/** After so many milliseconds without an answer a request hangs. */
const PATIENCE = 90_000;
const LONGEST_KEPT = 200_000;

/** Sends requests to one port of this machine over kept connections, as a browser does, and nothing else. */
export class Sender {
  private readonly agent = new Agent({ keepAlive: true, maxSockets: 12 });

  constructor(private readonly port: number) {}

  send({ method, path, headers = {}, body }: Sent): Promise<Heard> {
    const began = performance.now();
    return new Promise((resolve) => {
      const heard = (status: number | string, text = '') =>
        resolve({ status, body: text, milliseconds: performance.now() - began });
      try {
        const sent = request(
          { host: '127.0.0.1', port: this.port, agent: this.agent, method, path, headers },
          (reply) => {
            const parts: Buffer[] = [];
            let size = 0;
            reply.on('data', (part: Buffer) => {
              size += part.length;
              if (size <= LONGEST_KEPT) parts.push(part);
            });
            reply.on('end', () => heard(reply.statusCode ?? 0, Buffer.concat(parts).toString()));
            reply.on('error', (error: NodeJS.ErrnoException) => heard(error.code ?? 'broken'));
          }
        );
        sent.setTimeout(PATIENCE, () => {
          heard('hangs');
          sent.destroy();
        });
        sent.on('error', (error: NodeJS.ErrnoException) => heard(error.code ?? 'error'));
        sent.end(body);
      } catch {
        // What Node's own client will not send reaches no server.
        heard('not sent');
      }
    });
  }

  json(path: string, value: unknown): Promise<Heard> {
    return this.send({ method: 'POST', path, ...jsonBody(value) });
  }

  form(path: string, fields: Readonly<Record<string, string>>): Promise<Heard> {
    return this.send({ method: 'POST', path, ...formBody(fields) });
  }

  end(): void {
    this.agent.destroy();
  }
}

export function jsonBody(value: unknown): Pick<Sent, 'headers' | 'body'> & object {
  return bodyOf('application/json', JSON.stringify(value));
}

export function formBody(fields: Readonly<Record<string, string>>) {
  return bodyOf('application/x-www-form-urlencoded', new URLSearchParams(fields).toString());
}

export function bodyOf(type: string, text: string | Buffer) {
  const body = Buffer.from(text as string);
  return {
    body,
    headers: {
      'content-type': type,
      'content-length': String(body.length),
      // The answer of an action as data, not as a page.
      accept: 'application/json',
      'x-sveltekit-action': 'true'
    } as Record<string, string>
  };
}
