import type { IncomingMessage } from 'node:http';

declare global {
  namespace App {
    interface Platform {
      /** The request as the server of Node.js has it. */
      req?: IncomingMessage;
    }
  }
}

export {};
