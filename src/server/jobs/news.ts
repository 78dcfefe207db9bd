import type { Here } from '@/contract/presence';
import type { Database } from '../db/open';
import { enter, othersIn } from './presence';

/** Others' entries are told of within this, ms; the log is looked at, for another process may have written it. */
const LOOK_MS = 800;
/** A comment now and then, so that nobody between takes the line for dead, in looks. */
const BREATH = 25;

/** The number of the last entry of a job. */
const lastOf = async (db: Database, jobId: string): Promise<number> => {
  const row = await db
    .selectFrom('entries')
    .select(({ fn }) => fn.max('seq').as('last'))
    .where('job_id', '=', jobId)
    .executeTakeFirst();
  return Number(row?.last ?? 0);
};

/**
 * Tells of a job's new entries as server-sent events, `{ "last": N }` each, for as long as somebody listens; and, as events named
 * `here`, who else has it open.
 * @param me who listens; null: nobody is told of them
 */
export async function newsOf(db: Database, jobId: string, signal: AbortSignal, me: Here | null): Promise<Response> {
  const encoder = new TextEncoder();
  let timer: ReturnType<typeof setTimeout> | undefined;
  let told = await lastOf(db, jobId);
  const leave = me ? enter(jobId, me) : () => undefined;
  let toldOthers = '[]';
  const stop = (): void => {
    clearTimeout(timer);
    leave();
  };
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      let looks = 0;
      const send = (text: string): void => controller.enqueue(encoder.encode(text));
      const look = async (): Promise<void> => {
        try {
          const last = await lastOf(db, jobId);
          if (last !== told) send(`data: ${JSON.stringify({ last })}\n\n`);
          else if (++looks % BREATH === 0) send(': here\n\n');
          told = last;
          const others = me ? JSON.stringify(othersIn(jobId, me.byId)) : toldOthers;
          if (others !== toldOthers) send(`event: here\ndata: ${others}\n\n`);
          toldOthers = others;
          timer = setTimeout(() => void look(), LOOK_MS);
        } catch {
          // Nobody listens any more, or the store is closed: whoever still wants to hear asks again
          stop();
        }
      };
      send(': here\n\n');
      timer = setTimeout(() => void look(), LOOK_MS);
    },
    cancel: stop,
  });
  signal.addEventListener('abort', stop);
  return new Response(body, {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' },
  });
}
