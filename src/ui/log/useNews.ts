import { useEffect } from 'react';

/**
 * Hears from the server that others have written in a job. A tab that is not looked at lets go of it: a browser has few
 * connections, and asks anew when it is looked at again.
 */
export function useNews(jobId: string, onNews: () => unknown): void {
  useEffect(() => {
    if (typeof EventSource === 'undefined') return;
    let source: EventSource | null = null;
    const listen = (): void => {
      if (document.visibilityState === 'hidden') {
        source?.close();
        source = null;
      } else if (!source) {
        source = new EventSource(`/api/v1/jobs/${jobId}/news`);
        source.onmessage = () => void onNews();
      }
    };
    listen();
    document.addEventListener('visibilitychange', listen);
    return () => {
      document.removeEventListener('visibilitychange', listen);
      source?.close();
    };
  }, [jobId, onNews]);
}
