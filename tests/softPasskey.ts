import { createHash, createSign, generateKeyPairSync, randomBytes, type KeyObject } from 'node:crypto';

// An authenticator as a phone has one, in software: W3C Web Authentication, level 3, sections 6.1 and 6.5.

const sha256 = (of: string | Buffer): Buffer => createHash('sha256').update(of).digest();
const text = (of: string): Buffer => Buffer.concat([Buffer.from([0x60 + of.length]), Buffer.from(of)]);
const bytes = (of: Buffer): Buffer => Buffer.concat([Buffer.from([0x59, of.length >> 8, of.length & 255]), of]);
const url64 = (of: Buffer): string => of.toString('base64url');

/** User present, user verified, a credential comes along. */
const FLAGS = { present: 1, verified: 4, credential: 64 } as const;

interface Asked {
  readonly challenge: string;
  readonly origin?: string;
  readonly verified?: boolean;
}

/** A passkey of one host. */
export class SoftPasskey {
  private readonly key: KeyObject;
  private readonly publicKey: KeyObject;
  private readonly rawId = randomBytes(24);
  /** How often it was used, as it says. */
  counter = 0;

  constructor(
    private readonly host: string,
    private readonly origin = `https://${host}`,
  ) {
    const { privateKey, publicKey } = generateKeyPairSync('ec', { namedCurve: 'P-256' });
    this.key = privateKey;
    this.publicKey = publicKey;
  }

  get id(): string {
    return url64(this.rawId);
  }

  private head(flags: number): Buffer {
    const counted = Buffer.alloc(4);
    counted.writeUInt32BE(++this.counter);
    return Buffer.concat([sha256(this.host), Buffer.from([flags]), counted]);
  }

  private cose(): Buffer {
    const { x = '', y = '' } = this.publicKey.export({ format: 'jwk' });
    const point = (of: string) => Buffer.concat([Buffer.from([0x58, 32]), Buffer.from(of, 'base64url')]);
    return Buffer.concat([
      Buffer.from([0xa5, 0x01, 0x02, 0x03, 0x26, 0x20, 0x01, 0x21]),
      point(x),
      Buffer.from([0x22]),
      point(y),
    ]);
  }

  private said(type: string, { challenge, origin = this.origin }: Asked): Buffer {
    return Buffer.from(JSON.stringify({ type, challenge, origin, crossOrigin: false }));
  }

  private answer(response: Readonly<Record<string, Buffer>>) {
    const told = Object.fromEntries(Object.entries(response).map(([name, of]) => [name, url64(of)]));
    return { id: this.id, rawId: this.id, type: 'public-key', clientExtensionResults: {}, response: told };
  }

  /** What a browser sends when it is made. */
  made(asked: Asked) {
    const flags = FLAGS.present | FLAGS.credential | (asked.verified === false ? 0 : FLAGS.verified);
    const length = Buffer.from([0, this.rawId.length]);
    const data = Buffer.concat([this.head(flags), Buffer.alloc(16), length, this.rawId, this.cose()]);
    const attestationObject = Buffer.concat([
      Buffer.from([0xa3]),
      ...[text('fmt'), text('none'), text('attStmt'), Buffer.from([0xa0]), text('authData'), bytes(data)],
    ]);
    return this.answer({ clientDataJSON: this.said('webauthn.create', asked), attestationObject });
  }

  /** What a browser sends when it signs in. */
  used(asked: Asked) {
    const authenticatorData = this.head(FLAGS.present | (asked.verified === false ? 0 : FLAGS.verified));
    const clientDataJSON = this.said('webauthn.get', asked);
    const signature = createSign('sha256')
      .update(Buffer.concat([authenticatorData, sha256(clientDataJSON)]))
      .sign(this.key);
    return this.answer({ clientDataJSON, authenticatorData, signature });
  }
}
