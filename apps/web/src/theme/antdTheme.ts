import { theme as antd, type ThemeConfig } from 'antd';

export type ThemeName = 'day' | 'night';

const DAY = {
  vellum: '#f4efe4',
  sheet: '#fffdf8',
  ink: '#22302f',
  soft: '#55605d',
  line: '#cfc6b4',
  pine: '#1f5a4c',
  onPine: '#ffffff',
  rust: '#a83f22',
  ochre: '#8a5a08',
  slate: '#3e5c76',
};
const NIGHT: typeof DAY = {
  vellum: '#181d1c',
  sheet: '#212826',
  ink: '#ece6d8',
  soft: '#b3b9b2',
  line: '#46504c',
  pine: '#7fcab2',
  onPine: '#10201b',
  rust: '#f2a184',
  ochre: '#e0b25a',
  slate: '#a9c4de',
};

/** What cannot be pressed, and is read all the same. */
export const legibleThough = (name: ThemeName): ThemeConfig => ({
  token: { colorTextDisabled: (name === 'night' ? NIGHT : DAY).soft },
});

/** Ant Design dressed as the bench: hairlines, small corners, no shadows, large enough for taped fingers. */
export function antdTheme(name: ThemeName): ThemeConfig {
  const ink = name === 'night' ? NIGHT : DAY;
  return {
    algorithm: name === 'night' ? antd.darkAlgorithm : antd.defaultAlgorithm,
    token: {
      colorPrimary: ink.pine,
      colorLink: ink.pine,
      colorError: ink.rust,
      colorWarning: ink.ochre,
      colorInfo: ink.slate,
      colorText: ink.ink,
      colorTextSecondary: ink.soft,
      colorTextDescription: ink.soft,
      colorTextPlaceholder: ink.soft,
      colorBgBase: ink.sheet,
      colorBgContainer: ink.sheet,
      colorBgElevated: ink.sheet,
      colorBgLayout: ink.vellum,
      colorBorder: name === 'night' ? '#77827d' : '#857c6a',
      colorTextLightSolid: ink.onPine,
      borderRadius: 3,
      boxShadow: 'none',
      boxShadowSecondary: `0 0 0 1px ${ink.line}`,
      fontFamily: "'Atkinson Hyperlegible Next Variable', sans-serif",
      fontSize: 16,
      controlHeight: 44,
      motion: false,
    },
    components: {
      Segmented: { trackBg: ink.sheet, itemSelectedBg: ink.pine, itemSelectedColor: ink.onPine, itemColor: ink.ink },
      Button: { primaryShadow: 'none', defaultShadow: 'none', fontWeight: 600 },
    },
  };
}
