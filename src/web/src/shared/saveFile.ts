/** Hands a file made in the page to the person. */
export function saveFile(name: string, type: string, content: string) {
  const address = URL.createObjectURL(new Blob([content], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}

/** A name as a file may have it: letters of any script stay, marks that some system keeps for itself do not. */
export function fileName(name: string | null | undefined): string {
  return (name ?? '').replace(/[\\/:*?"<>|\p{Cc}]/gu, '-').replace(/^[ .-]+|[ .-]+$/g, '') || 'trip';
}
