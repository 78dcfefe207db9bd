/** How much of what somebody wrote: “3 entries and 1 photo”. */
export function entriesAndPhotos(entries: number, photos: number): string {
  const written = entries === 1 ? '1 entry' : `${entries} entries`;
  const taken = photos === 1 ? '1 photo' : `${photos} photos`;
  if (photos === 0) return written;
  return entries === 0 ? taken : `${written} and ${taken}`;
}
