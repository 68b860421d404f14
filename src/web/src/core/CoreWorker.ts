interface Reply {
  id: number;
  outcome?: string;
  failure?: string;
  /** Whether the core in the worker runs at all, where something failed. */
  hasStarted?: boolean;
}

interface Job {
  resolve: (json: string) => void;
  reject: (error: Error) => void;
}

/** A core that could not start is not tried again sooner, ms: what asks every second would load it every second. */
const restMs = 5_000;

/** One core in a worker of its own, started when first asked. */
export class CoreWorker {
  private worker: Worker | null = null;
  private lastId = 0;
  private readonly waiting = new Map<number, Job>();
  private broken: { why: string; at: number } | null = null;

  start(): Worker {
    if (this.worker) return this.worker;
    const worker = new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = (message: MessageEvent<Reply>) => {
      const { id, outcome, failure, hasStarted } = message.data;
      if (hasStarted === false) {
        this.breaks(worker, failure ?? 'The core did not start.');
        return;
      }
      const job = this.waiting.get(id);
      this.waiting.delete(id);
      if (outcome !== undefined) job?.resolve(outcome);
      else job?.reject(new Error(failure ?? 'The core did not answer.'));
    };
    worker.onerror = (event) => this.breaks(worker, event.message);
    this.worker = worker;
    return worker;
  }

  /** The status and body of a calculation's outcome, as JSON. */
  ask(name: string, request: string): Promise<string> {
    if (this.broken !== null && performance.now() - this.broken.at < restMs) {
      return Promise.reject(new Error(this.broken.why));
    }
    const id = ++this.lastId;
    return new Promise((resolve, reject) => {
      this.waiting.set(id, { resolve, reject });
      this.start().postMessage({ id, name, request });
    });
  }

  /** Ends what is running; nobody is answered. */
  end() {
    this.worker?.terminate();
    this.worker = null;
    this.waiting.clear();
    this.broken = null;
  }

  /** One that could not start never will: who waits for it is told, and after a rest the next to ask begins with a new one. */
  private breaks(worker: Worker, why: string) {
    if (this.worker !== worker) return;
    for (const job of this.waiting.values()) job.reject(new Error(why));
    this.end();
    this.broken = { why, at: performance.now() };
  }
}
