'use client';
import { useEffect, useRef } from 'react';
import { usePhotos } from './usePhotos';

/** Keeps a picture with the job that was taken in for something else, once. */
export function KeepPhoto({ file }: { readonly file: File }) {
  const { add } = usePhotos();
  const kept = useRef<File | null>(null);
  useEffect(() => {
    if (kept.current === file) return;
    kept.current = file;
    add([file]);
  }, [add, file]);
  return null;
}
