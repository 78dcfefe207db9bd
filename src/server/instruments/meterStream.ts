import { METER_FRAMES, METER_FRAME_MS, type Meter, type MeterTask } from '@/contract/instrument';

/** A meter's display as server-sent events, until it has been still for a while or nobody listens any more. */
export function meterStream(meter: Meter, task: MeterTask, signal: AbortSignal): Response {
  const encoder = new TextEncoder();
  let timer: ReturnType<typeof setInterval> | undefined;
  const stop = () => clearInterval(timer);
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      let frame = 0;
      const send = () => {
        const reading = meter.read(task, (frame * METER_FRAME_MS) / 1000);
        controller.enqueue(encoder.encode(`data: ${JSON.stringify(reading)}\n\n`));
        frame++;
        if (frame < METER_FRAMES) return;
        stop();
        controller.enqueue(encoder.encode('event: end\ndata: {}\n\n'));
        controller.close();
      };
      timer = setInterval(send, METER_FRAME_MS);
      send();
    },
    cancel: stop,
  });
  signal.addEventListener('abort', stop);
  return new Response(body, {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' },
  });
}
