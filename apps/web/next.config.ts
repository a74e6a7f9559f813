import type { NextConfig } from 'next';

const config: NextConfig = {
  transpilePackages: ['@inch-nest/core', '@inch-nest/contracts', '@inch-nest/data', '@inch-nest/formats'],
  serverExternalPackages: ['sequelize', 'pg', 'umzug', 'sharp', 'pdfkit', 'fontkit', 'bwip-js'],
  poweredByHeader: false,
  reactStrictMode: true,
  reactCompiler: true,
  devIndicators: false,
};

export default config;
