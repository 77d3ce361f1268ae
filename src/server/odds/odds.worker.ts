import { parentPort } from 'node:worker_threads';
import type { AnsweredByThread, AskedOfThread } from './thread';
import { workedOut } from './work-out';

/** A thread of the server: odds are worked out beside the one that answers, a question at a time. */
parentPort?.on('message', ({ id, question }: AskedOfThread) => {
  const tell = (answered: AnsweredByThread) => parentPort?.postMessage(answered);
  try {
    tell({ id, odds: workedOut(question) });
  } catch (error) {
    tell({ id, odds: null, fault: error instanceof Error ? (error.stack ?? error.message) : '' });
  }
});
