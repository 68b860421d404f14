import type { FileCalculation, Request } from './contract';
import type { Outcome } from './core';
import { calculateLongHere } from './long';

type Reading = Exclude<FileCalculation, 'write-trip'>;

/** More than the readers take, bytes: not even looked into. */
const mostBytes = 48_000_000;

/** Reads a file on this device, with signal or without. */
export async function readFile<N extends Reading>(
  name: N,
  file: File,
  rest: Omit<Request<N>, 'file'>,
): Promise<Outcome<N>> {
  if (file.size > mostBytes)
    return wrong(
      `“${file.name}” is ${Math.round(file.size / 1e6)} MB; up to ${mostBytes / 1e6} MB can be read. Thin the track out and try again.`,
    );
  try {
    return await calculateLongHere(name, { ...rest, file: await base64(file) });
  } catch {
    return wrong('What reads files is not on this device yet. Open a file once where there is a signal.');
  }
}

/** The bytes as JSON carries them. */
function base64(file: Blob): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve((reader.result as string).split(',')[1] ?? '');
    reader.onerror = () => reject(reader.error ?? new Error('The file cannot be opened.'));
    reader.readAsDataURL(file);
  });
}

function wrong<N extends Reading>(message: string): Outcome<N> {
  return {
    ok: false,
    problem: {
      type: '',
      title: message,
      status: 400,
      detail: message,
      errors: [{ field: 'file', message, allowed: null }],
    },
  };
}
