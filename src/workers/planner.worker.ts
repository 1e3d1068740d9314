import '../no-eval';
import { listen } from './answer';

const hear = listen(
  (reply) => self.postMessage(reply),
  (next) => setTimeout(next),
  () => performance.now(),
);

self.onmessage = ({ data }: MessageEvent<unknown>) => hear(data);
