declare module '*.css';
declare module '@fontsource-variable/atkinson-hyperlegible-next';
declare module '@fontsource/archivo-narrow/*';
