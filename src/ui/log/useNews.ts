import { useEffect, useState } from 'react';
import { isHeres, type Here } from '@/contract/presence';

/** What an event of the line says; null where something else answered. */
function hereOf(text: unknown): readonly Here[] | null {
  try {
    const read: unknown = JSON.parse(String(text));
    return isHeres(read) ? read : null;
  } catch {
    return null;
  }
}

const NOBODY: readonly Here[] = [];

/**
 * Hears from the server that others have written in a job, and who else has it open. A tab that is not looked at lets go of it:
 * a browser has few connections, and asks anew when it is looked at again.
 * @param byId who looks at it here; null: nobody said so
 * @returns the others
 */
export function useNews(
  jobId: string,
  byId: string | null,
  pointId: string | null,
  onNews: () => unknown,
): readonly Here[] {
  const [others, setOthers] = useState(NOBODY);
  useEffect(() => {
    if (typeof EventSource === 'undefined') return;
    const me = new URLSearchParams({
      ...(byId === null ? {} : { as: byId }),
      ...(byId === null || !pointId ? {} : { point: pointId }),
    }).toString();
    let source: EventSource | null = null;
    const listen = (): void => {
      if (document.visibilityState === 'hidden') {
        source?.close();
        source = null;
      } else if (!source) {
        source = new EventSource(`/api/v1/jobs/${jobId}/news${me ? `?${me}` : ''}`);
        source.onmessage = () => void onNews();
        source.addEventListener('here', ({ data }: MessageEvent<unknown>) => {
          const here = hereOf(data);
          if (here) setOthers(here);
        });
        // Who is not heard of is not said to be there
        source.onerror = () => setOthers(NOBODY);
      }
    };
    listen();
    document.addEventListener('visibilitychange', listen);
    return () => {
      document.removeEventListener('visibilitychange', listen);
      source?.close();
    };
  }, [byId, jobId, onNews, pointId]);
  return others;
}
