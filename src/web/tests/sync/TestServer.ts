import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';

const dll = resolve(import.meta.dirname, '../../../../artifacts/server/JollyBrook.Server.dll');

/** The built server as a process of its own over a folder of its own, which outlives it. */
export class TestServer {
  readonly folder = mkdtempSync(join(tmpdir(), 'jolly-brook-sync-'));
  address = '';
  private process: ChildProcess | null = null;
  private backups = 0;

  async start(): Promise<void> {
    const port = await freePort();
    this.address = `http://127.0.0.1:${port}`;
    const args = [
      dll,
      '--urls',
      this.address,
      '--data',
      join(this.folder, 'data'),
      '--local',
      'true',
      '--Logging:LogLevel:Default=Error',
      '--secretTriesPerMinute',
      '100000',
    ];
    this.process = spawn('dotnet', args, { stdio: 'ignore' });
    for (let tries = 0; tries < 600; tries++) {
      const alive = await fetch(`${this.address}/api/alive`).then(
        ({ ok }) => ok,
        () => false,
      );
      if (alive) return;
      await new Promise((go) => setTimeout(go, 50));
    }
    throw new Error('The server does not start.');
  }

  async stop(signal: 'SIGKILL' | 'SIGTERM' = 'SIGTERM'): Promise<void> {
    const { process } = this;
    if (process === null) return;
    const ended = new Promise((go) => process.once('exit', go));
    process.kill(signal);
    await ended;
    this.process = null;
  }

  /** Copies the store while it runs. */
  backup(): string {
    const file = join(this.folder, `backup-${++this.backups}.db`);
    execFileSync('dotnet', [dll, 'backup', '--data', join(this.folder, 'data'), '--to', file], {
      stdio: 'ignore',
    });
    return file;
  }

  /** Stops, puts a backup in place, starts. */
  async restore(file: string): Promise<void> {
    await this.stop();
    execFileSync('dotnet', [dll, 'restore', '--data', join(this.folder, 'data'), '--from', file], {
      stdio: 'ignore',
    });
    await this.start();
  }

  /** Puts a backup in place by hand, as someone does who has not read on. */
  async restoreByHand(file: string): Promise<void> {
    await this.stop();
    const data = join(this.folder, 'data');
    for (const name of readdirSync(data).filter((n) => n.startsWith('jolly-brook.db')))
      rmSync(join(data, name));
    cpSync(file, join(data, 'jolly-brook.db'));
    await this.start();
  }

  async end(): Promise<void> {
    await this.stop();
    rmSync(this.folder, { recursive: true });
  }
}

function freePort(): Promise<number> {
  return new Promise((found) => {
    const listener = createServer();
    listener.listen(0, '127.0.0.1', () => {
      const { port } = listener.address() as { port: number };
      listener.close(() => found(port));
    });
  });
}
