import { spawn } from 'node:child_process';
import { LogFile } from './logFile.mjs';

/** Room for what lives shortly: a thousand answers at once then cost half the garbage collection. */
const FLAGS = ['--enable-source-maps', '--max-semi-space-size=64'];

/**
 * The built Distaff server as a child process. It ends by itself when this process is gone.
 * `start` answers when people can be let in; otherwise it throws what the server said.
 */
export class ServerProcess {
  #env;
  #logFile;
  #log;
  #child = null;
  #stopping = false;
  #onDeath = null;

  constructor(env, logFile) {
    this.#env = env;
    this.#logFile = logFile;
    this.#log = new LogFile(logFile);
  }

  get pid() {
    return this.#child?.pid ?? null;
  }

  onDeath(callback) {
    this.#onDeath = callback;
  }

  start() {
    this.#stopping = false;
    return new Promise((resolve, reject) => {
      const child = spawn(process.execPath, [...FLAGS, 'server/dist/main.js'], {
        detached: true,
        env: { ...process.env, NODE_ENV: 'production', ...this.#env },
        stdio: ['ignore', 'pipe', 'pipe', 'ipc'],
      });
      this.#child = child;
      for (const output of [child.stdout, child.stderr]) output.on('data', (text) => this.#log.write(text));
      let ready = false;
      let failed = null;
      child.on('message', (message) => {
        if (message.ready) {
          ready = true;
          resolve(message.port);
        } else failed = message.failed;
      });
      child.once('exit', (code, signal) => {
        if (this.#child === child) this.#child = null;
        if (!ready)
          reject(
            new Error((failed ?? [`The server ended (${signal ?? code}); see ${this.#logFile}.`]).join('\n')),
          );
        else if (!this.#stopping) this.#onDeath?.();
      });
    });
  }

  async stop() {
    this.#stopping = true;
    await this.#end('SIGTERM');
  }

  /** Ends it as a power cut would. */
  async kill() {
    this.#stopping = true;
    await this.#end('SIGKILL');
  }

  async #end(signal) {
    const child = this.#child;
    if (!child) return;
    const gone = new Promise((resolve) => child.once('exit', resolve));
    child.kill(signal);
    await gone;
  }
}
