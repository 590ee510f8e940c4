/** Hashing of passwords and PINs, in a worker of its own; the sync forms, so that it is this thread that does the work. */
import './give-way.js';

const argon2 = () => import('@node-rs/argon2');

export const hashSecret = async ({
  secret,
  rounds,
}: {
  readonly secret: string;
  readonly rounds: number;
}): Promise<string> =>
  (await argon2()).hashSync(secret, { memoryCost: 19_456, timeCost: rounds, parallelism: 1 });

export const verifySecret = async ({
  hashed,
  secret,
}: {
  readonly hashed: string;
  readonly secret: string;
}): Promise<boolean> => (await argon2()).verifySync(hashed, secret);
