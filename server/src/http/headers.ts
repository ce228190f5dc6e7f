import type { NestExpressApplication } from '@nestjs/platform-express';
import type { NextFunction, Request, Response } from 'express';
import helmet from 'helmet';

/** Where a browser says what the policy kept from running. */
const REPORTS = '/api/policy-reports';
const NONE = ["'none'"];
const SELF = ["'self'"];

/** Nothing from anywhere else; inline style elements only, for libraries that add their own sheet. */
const contentSecurityPolicy = {
  useDefaults: false,
  directives: {
    defaultSrc: SELF,
    scriptSrc: SELF,
    scriptSrcAttr: NONE,
    styleSrc: SELF,
    styleSrcElem: ["'self'", "'unsafe-inline'"],
    styleSrcAttr: NONE,
    // The calendar's own icons come as a font within its style.
    fontSrc: ["'self'", 'data:'],
    connectSrc: SELF,
    workerSrc: SELF,
    imgSrc: ["'self'", 'data:', 'blob:'],
    objectSrc: NONE,
    baseUri: NONE,
    formAction: SELF,
    frameAncestors: NONE,
    reportUri: REPORTS,
  },
};

/** What a browser can do that this app uses, in its own pages alone. */
const USED = ['clipboard-write', 'publickey-credentials-create', 'publickey-credentials-get'];
/** What it never uses. */
const UNUSED = [
  'accelerometer',
  'bluetooth',
  'camera',
  'display-capture',
  'geolocation',
  'gyroscope',
  'hid',
  'microphone',
  'midi',
  'payment',
  'serial',
  'usb',
];
const PERMISSIONS = [
  ...USED.map((name) => `${name}=(self)`),
  ...UNUSED.map((name) => `${name}=()`),
].join(', ');

/** Says with every answer what a browser may do with it. `isSecure`: whether the app is opened by https. */
export function sendHeaders(app: NestExpressApplication, isSecure: boolean): void {
  app.use(helmet({ contentSecurityPolicy, strictTransportSecurity: isSecure }));
  app.use((_request: Request, response: Response, next: NextFunction) => {
    response.setHeader('Permissions-Policy', PERMISSIONS);
    next();
  });
  app.use('/api', (_request: Request, response: Response, next: NextFunction) => {
    // What people wrote is kept by the app itself, not by whatever stands between.
    response.setHeader('Cache-Control', 'no-store');
    next();
  });
}
