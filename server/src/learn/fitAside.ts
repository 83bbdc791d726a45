import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { Worker } from 'node:worker_threads';
import type { Learnt } from '@distaff/core/learn';
import { fit, type FitFrom } from './fit.ts';

/** Beside the built server lies the built worker; unbuilt, as in tests, the fit runs in the same thread. */
const built = new URL('./learnWorker.js', import.meta.url);

/** Fits in a worker thread. @throws Error where that ends without a result. */
export function fitAside(from: FitFrom, tell: (share: number) => void): Promise<Learnt[]> {
  if (!existsSync(fileURLToPath(built))) return fit(from, tell);
  return new Promise((resolve, reject) => {
    const worker = new Worker(built, { workerData: from });
    worker.on('message', (told: { share: number } | { learnt: Learnt[] }) => {
      if ('share' in told) return tell(told.share);
      resolve(told.learnt);
      void worker.terminate();
    });
    worker.once('error', reject);
    worker.once('exit', () => reject(new Error('The worker ended without a result.')));
  });
}
