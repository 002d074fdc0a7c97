import { commandSchema, handSchema } from '@jubbet/protocol';
import express, { Router, type NextFunction, type Request, type Response } from 'express';
import { refuse } from '../refuse';
import type { Bench } from './bench';

/** More listeners than this are no tabs of one maker. */
const mostListeners = 20;

/** A page whose stream broke asks again after so long, in ms. */
const againMs = 1000;

const noSuchDevice = (response: Response): void => refuse(response, 404, 'no-such-device');

const lastSeq = (request: Request): number => {
  const given = Number(request.get('Last-Event-ID') ?? request.query['after'] ?? 0);
  return Number.isSafeInteger(given) && given > 0 ? given : 0;
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
      refuse(response, 503, 'too-many-listeners');
      return;
    }
    const { id } = request.params;
    if (!bench.devices.some((device) => device.id === id)) {
      noSuchDevice(response);
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
      work: (id: string, body: T) => boolean | null,
    ) =>
    (request: Request<{ id: string }>, response: Response): void => {
      const body = schema.safeParse(request.body);
      if (!body.success) {
        refuse(response, 400, 'unknown-command');
        return;
      }
      const done = work(request.params.id, body.data);
      if (done === null) noSuchDevice(response);
      else if (done) response.status(204).end();
      else refuse(response, 409, 'not-supported');
    };
  router.post(
    '/devices/:id/command',
    act(commandSchema, (id, command) => bench.command(id, command)),
  );
  router.post(
    '/devices/:id/hand',
    act(handSchema, (id, hand) => bench.hand(id, hand)),
  );
  // A body that is no JSON, or too large, is refused by a code like all else.
  router.use((error: unknown, _request: Request, response: Response, next: NextFunction) => {
    if (response.headersSent) next(error);
    else refuse(response, 400, 'unknown-command');
  });
  return router;
};
