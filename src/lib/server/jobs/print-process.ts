import { fork, type ChildProcess } from 'node:child_process';
import { constants, setPriority } from 'node:os';
import type { PrintAnswer, PrintOrder } from './print-worker';
import { workerFile } from './worker-file';

/** The process died of what it was given. */
export class PrintCrash extends Error {}

/**
 * A process of its own for the typesetter: it is native code, and what kills it kills its process. It does one thing at
 * a time, and is started anew after it died or was ended.
 */
export class PrintProcess {
  private child: ChildProcess | undefined;

  /** Starts it, so that its code is there when the first print is asked for. */
  start(): ChildProcess {
    if (this.child) return this.child;
    // Bytes travel as bytes.
    const child = fork(workerFile('print.js', './source-print-worker.js'), {
      serialization: 'advanced',
      execArgv: []
    });
    child.once('exit', () => {
      if (this.child === child) this.child = undefined;
    });
    // Whoever turns a page waits for less than whoever prints.
    if (child.pid) setPriority(child.pid, constants.priority.PRIORITY_BELOW_NORMAL);
    this.child = child;
    hold(child, false);
    return child;
  }

  /** Does one task; rejects with {@link PrintCrash} if the process dies of it. */
  async work(order: PrintOrder): Promise<unknown> {
    const child = this.start();
    hold(child, true);
    try {
      const answer = await answerOf(child, order);
      if (answer.ok) return answer.result;
      throw new Error(answer.error);
    } finally {
      hold(child, false);
    }
  }

  /** Ends it with whatever it is doing. */
  end(): void {
    this.child?.kill('SIGKILL');
    this.child = undefined;
  }
}

function answerOf(child: ChildProcess, order: PrintOrder): Promise<PrintAnswer> {
  return new Promise((resolve, reject) => {
    const settle = (then: () => void) => {
      child.off('message', heard);
      child.off('exit', died);
      then();
    };
    const heard = (answer: PrintAnswer) => settle(() => resolve(answer));
    const died = () => settle(() => reject(new PrintCrash('the print process died')));
    child.on('message', heard);
    child.on('exit', died);
    child.send(order, (error) => error && died());
  });
}

/** A process that waits for work keeps nobody from ending. */
function hold(child: ChildProcess, isHeld: boolean): void {
  const how = isHeld ? 'ref' : 'unref';
  child[how]();
  child.channel?.[how]();
}
