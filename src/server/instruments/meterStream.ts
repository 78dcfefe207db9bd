import type { Meter, MeterTask } from '@/contract/instrument';

const FRAME_MS = 150;
/** Long enough to settle and to be watched for a moment; who wants more asks again. */
const FRAMES = 24;

/** A meter's display as server-sent events, until it has been still for a while or nobody listens any more. */
export function meterStream(meter: Meter, task: MeterTask, signal: AbortSignal): Response {
  const encoder = new TextEncoder();
  let timer: ReturnType<typeof setInterval> | undefined;
  const stop = () => clearInterval(timer);
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      let frame = 0;
      const send = () => {
        const reading = meter.read(task, (frame * FRAME_MS) / 1000);
        controller.enqueue(encoder.encode(`data: ${JSON.stringify(reading)}\n\n`));
        frame++;
        if (frame < FRAMES) return;
        stop();
        controller.enqueue(encoder.encode('event: end\ndata: {}\n\n'));
        controller.close();
      };
      timer = setInterval(send, FRAME_MS);
      send();
    },
    cancel: stop,
  });
  signal.addEventListener('abort', stop);
  return new Response(body, {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' },
  });
}
