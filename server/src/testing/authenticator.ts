// A device that makes passkeys and signs with them, as WebAuthn level 3 has it (§6.1 authenticator data, §6.5.4 packing "none"):
// ES256 alone, its user always made sure of.
import { createHash, createSign, generateKeyPairSync, randomBytes } from 'node:crypto';
import type { KeyObject } from 'node:crypto';
import { isoCBOR } from '@simplewebauthn/server/helpers';

const sha256 = (data: Buffer | string): Buffer => createHash('sha256').update(data).digest();
const b64 = (data: Uint8Array | string): string => Buffer.from(data).toString('base64url');

/** Present, made sure of, with a key in the data. */
const PRESENT = 0x01;
const VERIFIED = 0x04;
const HAS_KEY = 0x40;

interface Options {
  readonly challenge: string;
}
/** What may be other than it should be. */
interface Faults {
  readonly origin?: string;
  readonly site?: string;
  readonly isVerified?: boolean;
  readonly counter?: number;
}

export class Authenticator {
  private counter = 0;
  private readonly key: KeyObject;
  private readonly publicKey: KeyObject;
  readonly id = b64(randomBytes(32));

  constructor(
    private readonly origin: string,
    private readonly site: string,
  ) {
    const pair = generateKeyPairSync('ec', { namedCurve: 'P-256' });
    this.key = pair.privateKey;
    this.publicKey = pair.publicKey;
  }

  /** Makes a passkey. */
  make({ challenge }: Options, faults: Faults = {}): Record<string, unknown> {
    const { x, y } = this.publicKey.export({ format: 'jwk' }) as { x: string; y: string };
    const cose = new Map<number, number | Uint8Array>([
      [1, 2],
      [3, -7],
      [-1, 1],
      [-2, new Uint8Array(Buffer.from(x, 'base64url'))],
      [-3, new Uint8Array(Buffer.from(y, 'base64url'))],
    ]);
    const id = Buffer.from(this.id, 'base64url');
    const length = Buffer.alloc(2);
    length.writeUInt16BE(id.length);
    const credential = [Buffer.alloc(16), length, id, Buffer.from(isoCBOR.encode(cose))];
    const authData = Buffer.concat([this.data(HAS_KEY, faults), ...credential]);
    const attestation = isoCBOR.encode(
      new Map<string, unknown>([
        ['fmt', 'none'],
        ['attStmt', new Map()],
        ['authData', new Uint8Array(authData)],
      ]) as never,
    );
    const response = {
      clientDataJSON: b64(this.client('webauthn.create', challenge, faults)),
      attestationObject: b64(attestation),
      transports: ['internal'],
    };
    return this.answer(response);
  }

  /** Signs what it is asked. */
  sign({ challenge }: Options, faults: Faults = {}): Record<string, unknown> {
    this.counter = faults.counter ?? this.counter + 1;
    const client = this.client('webauthn.get', challenge, faults);
    const authData = this.data(0, faults);
    const signed = createSign('sha256').update(Buffer.concat([authData, sha256(client)]));
    return this.answer({
      clientDataJSON: b64(client),
      authenticatorData: b64(authData),
      signature: b64(signed.sign(this.key)),
    });
  }

  private answer(response: object): Record<string, unknown> {
    const { id } = this;
    return { id, rawId: id, type: 'public-key', clientExtensionResults: {}, response };
  }

  private client(type: string, challenge: string, { origin = this.origin }: Faults): string {
    return JSON.stringify({ type, challenge, origin, crossOrigin: false });
  }

  private data(flags: number, { site = this.site, isVerified = true }: Faults): Buffer {
    const counter = Buffer.alloc(4);
    counter.writeUInt32BE(this.counter);
    const all = flags | PRESENT | (isVerified ? VERIFIED : 0);
    return Buffer.concat([sha256(site), Buffer.from([all]), counter]);
  }
}
