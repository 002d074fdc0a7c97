import { commandSchema, handSchema } from '@jubbet/protocol';
import express, { Router, type NextFunction, type Request, type Response } from 'express';
import type { Bench } from './bench';

/** More listeners than this are no tabs of one maker. */
const mostListeners = 20;

/** A page whose stream broke asks again after so long, in ms. */
const againMs = 1000;

const notHere = (response: Response): void => {
  response.status(404).json({ error: 'There is no such device on the bench.' });
};

const lastSeq = (request: Request): number => {
  const told = Number(request.get('Last-Event-ID') ?? request.query['after'] ?? 0);
  return Number.isSafeInteger(told) && told > 0 ? told : 0;
};

/** The bench devices: a list, a stream of lines each, commands, and hands for the simulated ones. */
export const benchRoutes = (bench: Bench): Router => {
  const router = Router();
  let listeners = 0;
  router.use(express.json({ limit: '2kb' }));
  router.get('/devices', (_request, response) => {
    response.set('Cache-Control', 'no-store').json({ devices: bench.devices });
  });
  router.get('/devices/:id/lines', (request, response) => {
    if (listeners >= mostListeners) {
      response.status(503).json({ error: 'Too many pages listen to the bench. Close one.' });
      return;
    }
    const { id } = request.params;
    if (!bench.devices.some((device) => device.id === id)) {
      notHere(response);
      return;
    }
    listeners += 1;
    response.set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' });
    response.flushHeaders();
    // After a break the page asks again soon: something may be falling onto the scale.
    response.write(`retry: ${againMs}\n\n`);
    const stop = bench.hear(id, lastSeq(request), (event) => {
      response.write(`id: ${event.seq}\ndata: ${JSON.stringify(event)}\n\n`);
    });
    response.on('close', () => {
      listeners -= 1;
      stop?.();
    });
  });
  const act =
    <T>(
      schema: { safeParse: (value: unknown) => { success: true; data: T } | { success: false } },
      work: (id: string, asked: T) => boolean | null,
      what: string,
    ) =>
    (request: Request<{ id: string }>, response: Response): void => {
      const asked = schema.safeParse(request.body);
      if (!asked.success) {
        response.status(400).json({ error: `That is no ${what} that a bench device knows.` });
        return;
      }
      const done = work(request.params.id, asked.data);
      if (done === null) notHere(response);
      else if (done) response.status(204).end();
      else response.status(409).json({ error: 'This device cannot do that.' });
    };
  router.post(
    '/devices/:id/command',
    act(commandSchema, (id, command) => bench.command(id, command), 'command'),
  );
  router.post(
    '/devices/:id/hand',
    act(handSchema, (id, hand) => bench.hand(id, hand), 'act'),
  );
  // What is no JSON, or too much of it, is answered in a sentence like all else.
  router.use((error: unknown, _request: Request, response: Response, next: NextFunction) => {
    if (response.headersSent) next(error);
    else response.status(400).json({ error: 'That is no command that a bench device knows.' });
  });
  return router;
};
