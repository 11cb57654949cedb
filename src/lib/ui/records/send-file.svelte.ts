/** Bytes that are sent at a time. */
const PIECE = 4 * 1024 * 1024;

interface Answer {
  readonly file?: string;
  readonly bytes?: number;
  readonly error?: { readonly message: string; readonly details: { readonly bytes?: number } };
}

/** Sends a file of any size to the server in pieces, saying how far it is; it can be stopped. */
export class FileSender {
  /** Share of the file that was sent, from 0 to 1; null while nothing is. */
  share = $state<number | null>(null);
  problem = $state('');
  private stopping: AbortController | undefined;

  constructor(private readonly send: typeof fetch = (...asked) => fetch(...asked)) {}

  /** The word by which the server knows the file; undefined if it was stopped or refused, and then `problem` says why. */
  async deliver(file: Blob, to: string): Promise<string | undefined> {
    this.stopping = new AbortController();
    this.problem = '';
    this.share = 0;
    let known = '';
    try {
      for (let at = 0; at < file.size;) {
        const query = new URLSearchParams({ file: known, at: String(at) });
        const reply = await this.send(`${to}?${query}`, {
          method: 'POST',
          headers: { 'content-type': 'application/octet-stream' },
          body: file.slice(at, at + PIECE),
          signal: this.stopping.signal
        });
        const answer = (await reply.json()) as Answer;
        const wanted = reply.ok ? answer.bytes : answer.error?.details.bytes;
        if (wanted === undefined) {
          this.problem = answer.error?.message ?? 'The server did not take the file.';
          return undefined;
        }
        known = answer.file ?? known;
        at = wanted;
        this.share = at / file.size;
      }
      return known;
    } catch {
      this.problem = this.stopping.signal.aborted
        ? 'This was stopped.'
        : 'The server does not answer. Send the file again.';
      return undefined;
    } finally {
      this.share = null;
    }
  }

  stop(): void {
    this.stopping?.abort();
  }
}
