/**
 * The time zone of a place, by its name; null at sea, where no land's clock counts and people keep their own. The table of zones is fetched
 * when a track is first read.
 */
export async function zoneOf(latitudeDeg: number, longitudeDeg: number): Promise<string | null> {
  const { default: lookup } = await import('@photostructure/tz-lookup');
  const zone = lookup(latitudeDeg, longitudeDeg);
  return zone.startsWith('Etc/') ? null : zone;
}
