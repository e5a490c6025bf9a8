// How Chromium is started everywhere: quiet, offline, without a sandbox it cannot have as root.
export const CHROMIUM_ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync'
];

/** Path of the browser to drive. */
export const chromiumPath = process.env.TOMBLE_CHROMIUM ?? '/usr/bin/chromium';
