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

/** One core in a worker of its own, started when first asked. */
export class CoreWorker {
  private worker: Worker | null = null;
  private lastId = 0;
  private readonly waiting = new Map<number, Job>();

  start(): Worker {
    if (this.worker) return this.worker;
    const worker = new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = (message: MessageEvent<Reply>) => {
      const { id, outcome, failure, hasStarted } = message.data;
      // One that could not start never will: the next to ask begins with a new one.
      if (hasStarted === false && this.worker === worker) this.worker = null;
      const job = this.waiting.get(id);
      this.waiting.delete(id);
      if (outcome !== undefined) job?.resolve(outcome);
      else job?.reject(new Error(failure ?? 'The core did not answer.'));
    };
    worker.onerror = (event) => {
      for (const job of this.waiting.values()) job.reject(new Error(event.message));
      this.forget();
    };
    this.worker = worker;
    return worker;
  }

  /** The status and body of a calculation's outcome, as JSON. */
  ask(name: string, request: string): Promise<string> {
    const id = ++this.lastId;
    return new Promise((resolve, reject) => {
      this.waiting.set(id, { resolve, reject });
      this.start().postMessage({ id, name, request });
    });
  }

  /** Ends what is running; nobody is answered. */
  end() {
    this.worker?.terminate();
    this.forget();
  }

  private forget() {
    this.worker = null;
    this.waiting.clear();
  }
}
