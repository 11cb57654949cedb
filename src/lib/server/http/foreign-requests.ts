/** What a request says of where it comes from. */
export interface Caller {
  readonly method: string;
  readonly headers: Headers;
}

/** Names by which this machine calls itself. */
const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];

/**
 * The hosts that are answered beside this machine's own names: what HOST and ORIGIN name, and those in ALLOWED_HOSTS,
 * separated by commas. Another host in a request is a stranger's page that has bent its own name to this address.
 */
export function allowedHosts(env: Readonly<Record<string, string | undefined>>): Set<string> {
  const { HOST, ORIGIN, ALLOWED_HOSTS = '' } = env;
  const named = ALLOWED_HOSTS.split(',').map((host) => host.trim().toLowerCase());
  const origin = ORIGIN && URL.canParse(ORIGIN) ? new URL(ORIGIN).hostname : '';
  const all = [HOST ?? '', origin, ...named].filter((host) => host && !LOOPBACK.includes(host));
  return new Set(all);
}

/**
 * Whether a request came by a name that is answered. By this machine's own names only this machine calls: where a request
 * comes from is told by its connection, as anybody can write `Host: localhost`.
 */
export function isKnownHost(
  { headers }: Caller,
  hosts: ReadonlySet<string>,
  address: string
): boolean {
  const url = `http://${headers.get('host') ?? ''}`;
  if (!URL.canParse(url)) return false;
  const { hostname } = new URL(url);
  return LOOPBACK.includes(hostname) ? isLoopback(address) : hosts.has(hostname);
}

/** Whether an address is this machine's own: 127.0.0.0/8 or ::1, the first also as IPv6 writes it. */
export function isLoopback(address: string): boolean {
  const plain = address.toLowerCase().replace(/^::ffff:/, '');
  return plain === '::1' || plain === 'localhost' || /^127(\.\d{1,3}){3}$/.test(plain);
}

/** What is said where others on the network can reach the server. */
export const OPEN_WARNING =
  'Anybody who reaches this server on the network can read and change everything: it has no accounts yet.';

/**
 * How far the server is open: to this machine alone; to the network, as OPEN_TO_NETWORK=yes says that this is meant; or
 * to the network by HOST alone, so that it does not start.
 */
export function opennessOf({
  HOST = '127.0.0.1',
  OPEN_TO_NETWORK
}: Readonly<Record<string, string | undefined>>): 'closed' | 'open' | 'unmeant' {
  if (isLoopback(HOST.replace(/^\[|\]$/g, ''))) return 'closed';
  return OPEN_TO_NETWORK === 'yes' ? 'open' : 'unmeant';
}

/**
 * Whether a page of another site sent a request: by its origin or, where it gives none, by what the browser says of
 * it. Following a link to a page is no stranger's request.
 */
export function isForeign({ method, headers }: Caller): boolean {
  const origin = headers.get('origin');
  if (origin !== null && method !== 'GET' && method !== 'HEAD') {
    return !URL.canParse(origin) || new URL(origin).host !== headers.get('host');
  }
  const isLink = method === 'GET' && headers.get('sec-fetch-mode') === 'navigate';
  return origin === null && headers.get('sec-fetch-site') === 'cross-site' && !isLink;
}
