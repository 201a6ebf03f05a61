import type { ThemeConfig } from 'ant-design-vue/es/config-provider/context'
import { theme } from 'ant-design-vue'

const shared = {
  fontFamily: "'Atkinson Hyperlegible Next', system-ui, sans-serif",
  fontSize: 15,
  borderRadius: 8,
  controlHeight: 36,
  colorSuccess: '#1f6b4a',
  colorWarning: '#8a5f00',
  colorError: '#a3271e',
}

/** The control library in the colours of style/tokens.css. */
export const day: ThemeConfig = {
  token: {
    ...shared,
    colorPrimary: '#a34f17',
    // Lighter, as the library has it, white on it would be hard to read.
    colorPrimaryHover: '#8a4213',
    colorPrimaryActive: '#733610',
    colorInfo: '#2f4d69',
    colorText: '#2b1a29',
    colorTextSecondary: '#6d5b69',
    colorTextPlaceholder: '#75656f',
    colorTextDescription: '#6d5b69',
    colorBgLayout: '#f6f0e7',
    colorBgContainer: '#fffdf9',
    colorBgElevated: '#fffdf9',
    colorBorder: '#b3a296',
    colorBorderSecondary: '#e3d8ca',
    colorLink: '#a34f17',
  },
}

/** The whole application in a workshop at night. */
export const night: ThemeConfig = {
  algorithm: theme.darkAlgorithm,
  token: {
    ...shared,
    colorSuccess: '#8fd3b0',
    colorWarning: '#e6c26a',
    colorError: '#f2a79b',
    colorPrimary: '#f0a66c',
    colorInfo: '#c5d8ec',
    colorBgBase: '#1d0f1b',
    colorBgContainer: '#2b1929',
    colorBgElevated: '#37233a',
    colorTextBase: '#fffdf9',
    colorTextPlaceholder: '#cdb6c8',
    colorTextDescription: '#cdb6c8',
    colorTextLightSolid: '#221320',
    colorBorder: '#8b6f86',
    colorBorderSecondary: '#5d4a59',
    colorLink: '#f0a66c',
  },
}

/** At the press. */
export const atThePress: ThemeConfig = {
  algorithm: theme.darkAlgorithm,
  token: {
    ...shared,
    controlHeight: 48,
    colorPrimary: '#f0a66c',
    colorBgBase: '#221320',
    colorTextBase: '#fffdf9',
    colorTextPlaceholder: '#cdb6c8',
    colorTextLightSolid: '#221320',
  },
}
