import type { IncomingMessage } from 'node:http';

declare global {
  namespace App {
    interface Locals {
      /** The number of a request in the server's log. */
      requestId: string;
    }
    interface Error {
      message: string;
      /** The number of the request, by which it stands in the log. */
      reference?: string;
    }
    interface Platform {
      /** The request as the server of Node.js has it. */
      req?: IncomingMessage;
    }
  }
}

export {};
