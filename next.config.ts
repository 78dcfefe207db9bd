import type { NextConfig } from 'next';

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  serverExternalPackages: ['libsql', 'piscina', '@node-rs/argon2', 'better-auth'],
  // `npm run check` reads the types; whoever only starts the program need not wait for it
  typescript: { ignoreBuildErrors: true },
  // Put in when it is built: which code made the rows of the board
  env: { FOX_LADDER_CODE: process.env.FOX_LADDER_CODE ?? '' },
  sassOptions: {
    // Bootstrap 5.3 has no @use entry and warns of its own code; ours still warns.
    quietDeps: true,
    silenceDeprecations: ['import'],
  },
};
export default config;
