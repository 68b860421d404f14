import Papa from 'papaparse';

/** A table as a spreadsheet opens it: quoted where needed, lines ended as the standard has it. */
export function writeCsv(header: string[], rows: string[][]): string {
  return Papa.unparse([header, ...rows], { newline: '\r\n' });
}

export interface Table {
  header: string[];
  rows: string[][];
}

/** A table however a spreadsheet left it: comma or semicolon, byte order mark, quoted line ends. */
export function readCsv(text: string): Table | string {
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const broken = errors.find((e) => e.type === 'Quotes');
  if (broken) return `Line ${(broken.row ?? 0) + 1}: a quotation mark is not closed. Mend it and try again.`;
  if (data.length < 2) return 'The table has no lines below its headings.';
  return { header: data[0], rows: data.slice(1) };
}
