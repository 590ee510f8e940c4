/** How Debian's Chromium is started: headless, quiet, looking nothing up. */
export const chromium = {
  executablePath: process.env['KIVEX_CHROMIUM'] ?? '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};
