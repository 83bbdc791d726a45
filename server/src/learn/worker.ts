import { parentPort, workerData } from 'node:worker_threads';
import { fit, type FitFrom } from './fit.ts';

/** A fit beside the server, so that no clock of a game waits for it. */
const port = parentPort!;
fit(workerData as FitFrom, (share) => port.postMessage({ share })).then(
  (learnt) => port.postMessage({ learnt }),
  (error: Error) => {
    throw error;
  },
);
