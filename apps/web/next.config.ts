import type { NextConfig } from 'next';

const config: NextConfig = {
  transpilePackages: ['@inch-nest/core', '@inch-nest/contracts', '@inch-nest/data', '@inch-nest/formats', '@inch-nest/backup'],
  serverExternalPackages: [
    '@node-rs/argon2',
    'rate-limiter-flexible',
    'sequelize',
    'pg',
    'umzug',
    'sharp',
    'pdfkit',
    'fontkit',
    'bwip-js',
    'yauzl',
    'yazl',
    '@aws-sdk/client-s3',
    '@aws-sdk/lib-storage',
    'pino',
    'prom-client',
  ],
  poweredByHeader: false,
  reactStrictMode: true,
  reactCompiler: true,
  experimental: {
    // the compiler’s port takes two thirds of the build’s time, and the bundler’s cache is for who builds again in the same place
    turbopackRustReactCompiler: true,
    turbopackFileSystemCacheForBuild: false,
  },
  // `npm test` checks the types, once
  typescript: { ignoreBuildErrors: true },
  devIndicators: false,
};

export default config;
