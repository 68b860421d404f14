/** A text of at most so many letters, one at least; what is left out is marked. */
export function shortened(text: string, most: number): string {
  if (text.length <= most) return text;
  return `${text.slice(0, Math.max(1, most - 1)).trimEnd()}…`;
}
