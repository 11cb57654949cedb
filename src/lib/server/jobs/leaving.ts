import type { IncomingMessage } from 'node:http';

/**
 * Does something with a signal that is aborted when the one who sent a form has gone. The request's own signal says so
 * only while its body is read, so the connection is asked.
 */
export async function whileHere<T>(
  { platform }: { readonly platform?: Readonly<App.Platform> | undefined },
  work: (signal: AbortSignal) => Promise<T>
): Promise<T> {
  const left = new AbortController();
  const leave = () => left.abort();
  // A connection serves one request after another.
  const socket: IncomingMessage['socket'] | undefined = platform?.req?.socket;
  socket?.once('close', leave);
  try {
    return await work(left.signal);
  } finally {
    socket?.off('close', leave);
  }
}
