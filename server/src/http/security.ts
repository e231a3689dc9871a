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
});

/** What pages may use of a device: the camera reads a cube, and the screen stays on while one is walked. */
const PERMISSIONS = [
  ...['camera=(self)', 'screen-wake-lock=(self)', 'fullscreen=(self)'],
  ...['microphone', 'geolocation', 'accelerometer', 'gyroscope', 'magnetometer', 'midi', 'payment'],
  ...['usb', 'serial', 'hid', 'bluetooth', 'display-capture'],
]
  .map((one) => (one.includes('=') ? one : `${one}=()`))
  .join(', ');

const ONE_YEAR = 365 * 86_400;

const besides: RequestHandler = (request, response, next) => {
  response.setHeader('permissions-policy', PERMISSIONS);
  // Behind TLS it stays behind TLS: a browser then asks by nothing else.
  if (request.secure) response.setHeader('strict-transport-security', `max-age=${ONE_YEAR}`);
  next();
};

export const security: RequestHandler[] = [keptToThemselves, besides];
