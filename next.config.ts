import type { NextConfig } from 'next';

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  serverExternalPackages: ['libsql'],
  sassOptions: {
    // Bootstrap 5.3 has no @use entry and warns of its own code; ours still warns.
    quietDeps: true,
    silenceDeprecations: ['import'],
  },
};
export default config;
