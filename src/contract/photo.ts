/** Answer of POST /api/v1/jobs/{id}/photos: what an entry `photoAttached` then names. */
export interface KeptPhoto {
  readonly sha256: string;
  readonly mediaType: string;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly bytes: number;
}
