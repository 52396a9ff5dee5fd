import path from 'node:path';
import type { NextConfig } from 'next';

const root = path.resolve(import.meta.dirname);

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  serverExternalPackages: [
    '@napi-rs/canvas',
    'better-sqlite3',
    'sharp',
    'ical-generator',
    'qrcode',
    '@react-pdf/renderer',
    'fontkit',
    'unpdf',
  ],
  turbopack: { root },
  outputFileTracingRoot: root,
  devIndicators: false,
  // A room logger's month of readings is larger than the usual form.
  // Photos and papers are up to 12 MB; what is larger is cut off at the door.
  experimental: { serverActions: { bodySizeLimit: '9mb' }, proxyClientMaxBodySize: '14mb' },
  // Types are checked by bin/test; a maker who opens the demo need not wait for them.
  typescript: { ignoreBuildErrors: true },
};

export default config;
