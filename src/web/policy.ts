/** What a page of the shop may load: its own parts, and of scripts only those that carry this answer's nonce. */
import { policy as wording } from '@/messages/screens/web';
export const contentPolicy = (nonce: string, isDev: boolean): string =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'wasm-unsafe-eval'${isDev ? " 'unsafe-eval'" : ''}`,
    // Charts and plans set their sizes in style attributes.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');

/** Camera and microphone are for the bench and the round at the rack. */
const AT_THE_BENCH = /^\/work\/(?:round|[^/]{1,40}\/bench)$/;

/** Headers that every answer of a path carries beside its content policy. */
export const headersFor = (pathname: string, isSecure: boolean): Readonly<Record<string, string>> => ({
  'x-content-type-options': 'nosniff',
  // Owners' forms must say where they come from, to this shop alone.
  'referrer-policy': 'same-origin',
  'permissions-policy': AT_THE_BENCH.test(pathname)
    ? wording.cameraSelfMicrophoneSelf
    : 'camera=(), microphone=(), geolocation=(), payment=()',
  'cross-origin-opener-policy': 'same-origin',
  'x-frame-options': 'DENY',
  ...(isSecure ? { 'strict-transport-security': 'max-age=15552000' } : {}),
});
