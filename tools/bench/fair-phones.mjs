// Boards and parents' phones of a fair, in a thread of their own: fair.mjs starts it.
import { Agent, request } from 'node:http';
import { parentPort, workerData } from 'node:worker_threads';
import { gunzipSync } from 'node:zlib';

const BEAT_MS = 1000;

/** Calls for each word on a channel; where there is none, every three seconds, as the pages do. */
export function listen(url, channel, heard) {
  if (channel === null) {
    return setInterval(heard, 3000);
  }
  const sent = request(`${url}/push/${channel}`, {
    agent: new Agent({ keepAlive: false }),
    headers: { Accept: 'text/event-stream' },
  });
  sent.on('response', (response) =>
    response.on('data', (chunk) => {
      const words = [...chunk.toString().matchAll(/^data: (\d+)$/gm)];
      words.forEach(([, newest]) => heard(Number(newest)));
    }),
  );
  sent.on('error', () => undefined);
  sent.end();

  return sent;
}

/** A board, or a parent's phone; it asks as resources/js/board/watched.svelte.ts does. */
class Watcher {
  shown = [];
  last = '';
  newest = 0;
  heard = 0;

  /** @param reads whether what is shown is looked at; it is no work of the server's */
  constructor(agent, failures, reads) {
    this.reads = reads;
    this.agent = agent;
    this.failures = failures;
  }

  hear(newest) {
    this.heard = Math.max(this.heard, newest);
    if (this.heard > this.newest) {
      this.beat ??= setTimeout(
        () => {
          this.beat = undefined;
          this.read();
        },
        BEAT_MS - (Date.now() % BEAT_MS),
      );
    }
  }

  read() {
    this.asked = Number.isFinite(this.heard) ? this.heard : 0;
    const path = `${workerData.board}/line?after=${this.asked}`;
    const headers = {
      'Accept-Encoding': 'gzip',
      ...(this.etag === undefined ? {} : { 'If-None-Match': this.etag }),
    };
    const sent = request(`${workerData.url}${path}`, { agent: this.agent, headers }, (response) => {
      const chunks = [];
      response.on('data', (chunk) => chunks.push(chunk));
      response.on('end', () => this.take(response, Buffer.concat(chunks)));
    });
    sent.on('error', (error) => this.failures.push(String(error)));
    sent.end();
  }

  take({ statusCode, headers }, bytes) {
    if (statusCode >= 400) {
      this.failures.push(`board: ${statusCode}`);
    } else if (statusCode === 200) {
      this.etag = headers.etag;
      if (!this.reads) {
        this.newest = this.asked;

        return;
      }
      const plain = headers['content-encoding'] === 'gzip' ? gunzipSync(bytes) : bytes;
      const line = JSON.parse(plain.toString());
      this.newest = line.newest;
      this.last = JSON.stringify([line.painting, line.waiting.map(({ number }) => number)]);
      this.shown.push([line.newest, performance.timeOrigin + performance.now()]);
      this.hear(0);
    }
  }
}

if (workerData?.board !== undefined) {
  const failures = [];
  const agent = new Agent({ keepAlive: true });
  const watchers = Array.from(
    { length: workerData.boards + workerData.phones },
    (_, at) => new Watcher(agent, failures, at < workerData.boards),
  );
  watchers.forEach((watcher) =>
    listen(workerData.url, workerData.channel, (newest = Infinity) => watcher.hear(newest)),
  );
  parentPort.on('message', () => {
    const boards = watchers.slice(0, workerData.boards);
    parentPort.postMessage({
      failures,
      shown: boards.map(({ shown }) => shown),
      last: boards.map(({ last }) => last),
    });
  });
}
