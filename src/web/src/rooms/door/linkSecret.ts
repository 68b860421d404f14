/** The secret of an invitation in this page's address. It stands after "#", so that it never reaches a server's log. */
export function linkSecret(): string | null {
  if (!window.location.pathname.startsWith('/join')) return null;
  return window.location.hash.slice(1) || null;
}

/** The link for a secret. */
export function linkFor(secret: string): string {
  return `${window.location.origin}/join#${secret}`;
}
