/** What a request says of where it comes from. */
export interface Caller {
  readonly method: string;
  readonly headers: Headers;
}

/** Names by which this machine calls itself. */
const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];

/**
 * The hosts that are answered: this machine, what HOST and ORIGIN name, and those in ALLOWED_HOSTS, separated by
 * commas. Another host in a request is a stranger's page that has bent its own name to this address.
 */
export function allowedHosts(env: Readonly<Record<string, string | undefined>>): Set<string> {
  const { HOST, ORIGIN, ALLOWED_HOSTS = '' } = env;
  const named = ALLOWED_HOSTS.split(',').map((host) => host.trim().toLowerCase());
  const origin = ORIGIN && URL.canParse(ORIGIN) ? new URL(ORIGIN).hostname : '';
  return new Set([...LOOPBACK, HOST ?? '', origin, ...named].filter(Boolean));
}

/** Whether a request came by a name that is answered. */
export function isKnownHost({ headers }: Caller, hosts: ReadonlySet<string>): boolean {
  const url = `http://${headers.get('host') ?? ''}`;
  return URL.canParse(url) && hosts.has(new URL(url).hostname);
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
