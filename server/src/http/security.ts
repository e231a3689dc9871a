import type { IncomingMessage, ServerResponse } from 'node:http';
import type { RequestHandler } from 'express';
import helmet from 'helmet';

/**
 * Headers that keep the pages to themselves: everything comes from this server. Styles may be
 * inline because Angular writes a component's styles into the page; scripts may not, and nothing
 * may evaluate text as code.
 */
const keptToThemselves = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'self'"],
      scriptSrc: ["'self'"],
      workerSrc: ["'self'"],
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'data:', 'blob:'],
      fontSrc: ["'self'"],
      connectSrc: ["'self'"],
      objectSrc: ["'none'"],
      baseUri: ["'self'"],
      formAction: ["'self'"],
      frameAncestors: ["'none'"],
    },
  },
  // Only said where there is TLS: below.
  strictTransportSecurity: false,
  referrerPolicy: { policy: 'no-referrer' },
  // What only browsers that are gone asked for; `frameAncestors` above is what the others go by.
  xDownloadOptions: false,
  xFrameOptions: false,
  xPermittedCrossDomainPolicies: false,
  xXssProtection: false,
});

/** What pages may use of a device: the camera reads a cube, and the screen stays on while one is walked. */
const PERMISSIONS = [
  'camera=(self)',
  'screen-wake-lock=(self)',
  'fullscreen=(self)',
  'microphone',
  'geolocation',
  'accelerometer',
  'gyroscope',
  'magnetometer',
  'midi',
  'payment',
  'usb',
  'serial',
  'hid',
  'bluetooth',
  'display-capture',
]
  .map((one) => (one.includes('=') ? one : `${one}=()`))
  .join(', ');

const ONE_YEAR = 365 * 86_400;

/** The headers that Helmet sets: the same for every answer, so it is asked for them once. */
function headersOf(helmeted: typeof keptToThemselves): ReadonlyMap<string, string> {
  const headers = new Map<string, string>();
  const answer = {
    setHeader: (name: string, value: string) => headers.set(name, value),
    removeHeader: () => undefined,
  };
  helmeted({} as IncomingMessage, answer as unknown as ServerResponse, (error) => {
    if (error !== undefined) throw error as Error;
  });
  return headers;
}

type Header = readonly [name: string, value: string];
const OF_PAGES: readonly Header[] = [
  ...headersOf(keptToThemselves),
  ['permissions-policy', PERMISSIONS],
];
/** An answer of the API opens no window and asks for no device: for it these are enough. */
const FOR_ANSWERS = [
  'content-security-policy',
  'cross-origin-resource-policy',
  'referrer-policy',
  'x-content-type-options',
];
const OF_ANSWERS = OF_PAGES.filter(([name]) => FOR_ANSWERS.includes(name.toLowerCase()));

export const security: RequestHandler = (request, response, next) => {
  const headers = request.url.startsWith('/api/') ? OF_ANSWERS : OF_PAGES;
  for (const [name, value] of headers) response.setHeader(name, value);
  // Behind TLS it stays behind TLS: a browser then asks by nothing else.
  if (request.secure) response.setHeader('strict-transport-security', `max-age=${ONE_YEAR}`);
  next();
};
