import express, { type Express } from 'express';
import helmet from 'helmet';
import type { Bench } from './bench/bench';
import { benchRoutes } from './bench/routes';
import { simulatedBench } from './bench/simulated';
import { ownPageOnly } from './ownPageOnly';
import { refuse } from './refuse';

/** Built files carry a hash of their content in their name, so that they never change. */
const hashed = /-[\w-]{8}\.\w+$/;

/**
 * Serves the built application. Nothing outside its folder is served, nothing but
 * commands to the bench devices is taken in, and the page may load nothing from elsewhere.
 *
 * @param folder of the built application
 * @param bench the devices it speaks for
 */
export const createApp = (folder: string, bench: Bench = simulatedBench()): Express => {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          scriptSrc: ["'self'"],
          styleSrc: ["'self'"],
          fontSrc: ["'self'"],
          imgSrc: ["'self'", 'blob:'],
          connectSrc: ["'self'"],
          workerSrc: ["'self'"],
          manifestSrc: ["'self'"],
          baseUri: ["'none'"],
          formAction: ["'none'"],
          frameAncestors: ["'none'"],
        },
      },
      // On the loopback address there is no TLS to insist on.
      strictTransportSecurity: false,
    }),
  );
  app.get('/api/hello', (_request, response) => {
    response.set('Cache-Control', 'no-store').json({ app: 'jubbet' });
  });
  app.use('/api/bench', ownPageOnly, benchRoutes(bench));
  app.all('/api/{*rest}', (_request, response) => {
    refuse(response, 404, 'no-such-address');
  });
  app.use(
    express.static(folder, {
      index: false,
      setHeaders: (response, path) => {
        response.setHeader(
          'Cache-Control',
          hashed.test(path) ? 'public, max-age=31536000, immutable' : 'no-cache',
        );
      },
    }),
  );
  app.use((request, response) => {
    const wantsPage =
      (request.method === 'GET' || request.method === 'HEAD') &&
      !request.path.startsWith('/assets/') &&
      request.accepts('html');
    if (!wantsPage) {
      refuse(response, 404, 'no-such-address');
      return;
    }
    // Rooted at the folder, which may itself lie in a hidden one.
    response.set('Cache-Control', 'no-cache').sendFile('index.html', { root: folder });
  });
  return app;
};
