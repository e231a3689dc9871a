import helmet from 'helmet';

/**
 * Headers that keep the pages to themselves: everything comes from this server. Styles may be
 * inline because Angular writes a component's styles into the page; scripts may not, and nothing
 * may evaluate text as code.
 */
export const security = helmet({
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
  // The server speaks plain HTTP on loopback; what stands before it decides on HTTPS.
  strictTransportSecurity: false,
  referrerPolicy: { policy: 'no-referrer' },
});
