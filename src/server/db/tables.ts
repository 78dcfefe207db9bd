import type { ColumnType, Generated } from 'kysely';

/** A column of the log: written once, an update of it does not compile (and is refused by triggers). */
type Written<T> = ColumnType<T, T, never>;

export interface Tables {
  jobs: {
    rowid: ColumnType<number, never, never>;
    id: Written<string>;
    /** Sealed by the key of its site. */
    title: Written<string>;
    created_at: Written<string>;
    received_at: Written<string>;
    by_id: Written<string | null>;
    by_name: Written<string | null>;
  };
  entries: {
    job_id: Written<string>;
    seq: Written<number>;
    id: Written<string>;
    at: Written<string>;
    by_id: Written<string>;
    by_name: Written<string>;
    kind: Written<string>;
    /** Of the kind, as it was written. */
    version: Written<number>;
    /** JSON: the record. */
    data: Written<string>;
    /** JSON of what tells of the customer, sealed by the key of the site; null where nothing does. */
    sealed: Written<string | null>;
    corrects: Written<string | null>;
    received_at: Written<string>;
    /** The highest number that its writer’s device knew; null where it was not said. */
    seen: Written<number | null>;
    /** 1: taken in with a file. */
    imported: Written<number>;
  };
  attachments: {
    job_id: Written<string>;
    id: Written<string>;
    media_type: Written<string>;
    /** Of its content. */
    sha256: Written<string>;
    /** Name of the file that holds it sealed; null: it lies there unsealed, under its own hash, from before. */
    file: string | null;
  };
  /** Projection: what the board shows of a job. Follows from the log alone. */
  board: {
    job_id: string;
    title: string;
    address: string;
    expected_at: string | null;
    updated_at: string;
    /** 1 when every point is left. */
    finished: number;
    /** JSON, see `BoardPoints`. */
    points: string;
    last_seq: number;
    /** JSON, see `FoundRepair`: what was found to be out of order. */
    repairs: string;
    /** Fingerprint of the code that made it; empty: to be made anew. */
    made_by: string;
    /** Why it could not be brought up to the log; null where it was. */
    fault: string | null;
  };
  /** Projection: full-text index. */
  job_search: { rowid: number; job_id: string; text: string };
  /** `licensed`: 1 where they hold a licence. */
  crew: { id: string; name: string; licensed: number };
  /** The firm’s own items of the catalogue; `data` is JSON, see `core/catalogue/shelf.ts`. */
  catalogue_items: { shelf: string; id: string; data: string };
  /** Rounds at the practice bench, played to their end. */
  practice_rounds: {
    id: string;
    person_id: string;
    person_name: string;
    at: string;
    level: string;
    seed: number;
    ending: string;
    minutes: number;
    /** Null: not worked out yet. */
    best_minutes: number | null;
    in_vain: number;
    dangers: number;
  };
  /** In a file of its own, beside the database. Without `key` the customer was erased. */
  'keys.site_keys': {
    job_id: string;
    key: Uint8Array | null;
    erased_at: string | null;
    erased_by: ColumnType<string | null, string | null | undefined>;
  };
  /** Who may sign in, in the sign-in library’s form. `personId`: who of the crew they are. `endedAt`: they may not any more. */
  accounts: {
    id: string;
    name: string;
    username: string | null;
    displayUsername: string | null;
    role: string;
    personId: string;
    createdAt: string;
    endedAt: string | null;
  };
  /** Devices that are signed in. */
  sessions: {
    id: string;
    token: string;
    userId: string;
    createdAt: string;
    updatedAt: string;
    expiresAt: string;
    ipAddress: string | null;
    userAgent: string | null;
    /** When the passphrase was said again last. */
    provenAt: ColumnType<string | null, string | null | undefined>;
  };
  credentials: { id: string; userId: string; password: string | null; updatedAt: string };
  /** Short-lived codes that let one device in, by their SHA-256. `account_id` is null where it makes the first account. */
  sign_in_codes: { hash: string; kind: string; account_id: string | null; expires_at: string };
  /** `public_key` is COSE; `host` is where it signs in. */
  passkeys: {
    id: string;
    account_id: string;
    host: string;
    public_key: Uint8Array;
    counter: number;
    device: string;
    made_at: string;
    used_at: string | null;
  };
  /** What browsers were asked, by its SHA-256; `account_id` is null where somebody signs in. */
  passkey_challenges: { hash: string; account_id: string | null; expires_at: string };
  /** Links by which a customer reads their page, by the SHA-256 of what opens them. `until` is a day. */
  shares: {
    id: string;
    job_id: string;
    token_hash: string;
    by_name: string;
    made_at: string;
    until: string;
    ended_at: string | null;
    opened: number;
    last_opened: string | null;
  };
  /** Who did what of what has to be told later: sign-ins, shares, exports, imports, settings. */
  audit: {
    id: Generated<number>;
    at: string;
    what: string;
    account_id: string | null;
    by_name: string;
    detail: string;
  };
  /** JSON values by name, see `contract/settings.ts`. */
  settings: { key: string; value: string };
}
