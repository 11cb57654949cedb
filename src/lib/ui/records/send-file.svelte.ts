import { askServer } from '../ask-server';

/** Bytes that are sent at a time. */
const PIECE = 4 * 1024 * 1024;

/** Sends a file of any size to the server in pieces, saying how far it is; it can be stopped. */
export class FileSender {
  /** Share of the file that was sent, from 0 to 1; null while nothing is. */
  share = $state<number | null>(null);
  problem = $state('');
  private stopping: AbortController | undefined;

  constructor(private readonly send: typeof fetch = (...asked) => fetch(...asked)) {}

  /** The word by which the server knows the file; undefined if it was stopped or refused, and then `problem` says why. */
  async deliver(file: Blob, to: string): Promise<string | undefined> {
    const { signal } = (this.stopping = new AbortController());
    this.problem = '';
    this.share = 0;
    let known = '';
    try {
      for (let at = 0; at < file.size;) {
        const query = new URLSearchParams({ file: known, at: String(at) });
        const answer = await askServer(
          'pieceTaken',
          `${to}?${query}`,
          { bytes: file.slice(at, at + PIECE), signal, advice: 'Send the file again.' },
          this.send
        );
        // A server that wants another piece says which.
        const wanted = answer.ok ? answer.reply.bytes : answer.details['bytes'];
        if (typeof wanted !== 'number') {
          if (!answer.ok) this.problem = signal.aborted ? 'This was stopped.' : answer.message;
          return undefined;
        }
        if (answer.ok) known = answer.reply.file;
        at = wanted;
        this.share = at / file.size;
      }
      return known;
    } finally {
      this.share = null;
    }
  }

  stop(): void {
    this.stopping?.abort();
  }
}
