'use client';
import { outboxWords } from '@/words/screens';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useEffect, useState } from 'react';
import { sendAll } from '../log/senders';
import { onWaitingCount } from '../log/shelf';
import { sendPhotos } from '../photo/photoSender';

/** So often it is looked whether a job has something to send that nobody sends for. */
const LOOK_MS = 15_000;
/** So often pictures are tried that wait for a server, or for another line. */
const PHOTOS_MS = 15_000;
/** What is on its way is no matter for a sign: it would come and go with every tap. */
const LASTS_MS = 4_000;

/** How much waits on this device, on every page; from every page it is sent. */
export function WaitingSign() {
  const [count, setCount] = useState(0);
  const [photos, setPhotos] = useState(0);
  const [isLasting, setLasting] = useState(false);
  const job = /^\/jobs\/([^/]+)/.exec(usePathname())?.[1] ?? null;
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const stop = onWaitingCount((now, pictures) => {
      setCount(now);
      setPhotos(pictures);
      if (now + pictures > 0) return void (timer ??= setTimeout(() => setLasting(true), LASTS_MS));
      clearTimeout(timer);
      timer = undefined;
      setLasting(false);
    });
    return () => {
      clearTimeout(timer);
      stop();
    };
  }, []);
  useEffect(() => {
    if (count === 0) return;
    const send = (): void => {
      sendAll().catch((error: unknown) => console.warn(error));
    };
    const timer = setTimeout(send, LOOK_MS);
    // On its own page a job sends by itself
    if (job === null) send();
    return () => clearTimeout(timer);
  }, [count, job]);
  useEffect(() => {
    const send = (): void => {
      sendPhotos().catch((error: unknown) => console.warn(error));
    };
    const timer = setInterval(send, PHOTOS_MS);
    send();
    return () => clearInterval(timer);
  }, []);
  if (count + photos === 0 || !isLasting) return null;
  return (
    <Link className="waiting-sign" href="/outbox">
      {outboxWords.waitsShort({ count: count + photos })}
    </Link>
  );
}
