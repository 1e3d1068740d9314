import '../no-eval';
import { answer } from './answer';

self.onmessage = ({ data }: MessageEvent<unknown>) => {
  const reply = answer(data);
  if (reply) self.postMessage(reply);
};
