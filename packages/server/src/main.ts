/** Starts the server; says `ready` to whoever started it, and closes cleanly on a signal or when they are gone. */
import 'reflect-metadata';
import { readConfig, type Config } from './config/config.js';
import { DemoService } from './demo/demo.service.js';
import { buildServer } from './server.js';

// Whatever was overlooked is said, and the benches go on: one forgotten failure must not end a lesson.
process.on('unhandledRejection', (reason) => {
  console.error('A failure was not looked after:', reason instanceof Error ? reason.stack : reason);
});

let config: Config;
try {
  config = readConfig(process.env);
} catch (error) {
  console.error(`Kivex cannot start:\n${(error as Error).message}`);
  process.exit(2);
}

try {
  const app = await buildServer(config);
  let closing = false;
  const close = () => {
    if (closing) return;
    closing = true;
    // Devices hold connections open; do not wait for them for ever.
    setTimeout(() => process.exit(0), 5000).unref();
    app.close().then(
      () => process.exit(0),
      () => process.exit(1),
    );
  };
  process.on('SIGTERM', close);
  process.on('SIGINT', close);
  process.on('disconnect', close);
  const logins = config.KIVEX_DEMO ? await app.get(DemoService).fill() : [];
  await app.listen(config.KIVEX_PORT, config.KIVEX_HOST);
  process.send?.({ ready: true, port: config.KIVEX_PORT, logins });
} catch (error) {
  const { message, code } = error as Error & { code?: string };
  console.error(
    code === 'EADDRINUSE'
      ? `Port ${config.KIVEX_PORT} is taken. Choose another with KIVEX_PORT.`
      : `Kivex could not start: ${message}`,
  );
  process.exit(1);
}
