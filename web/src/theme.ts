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

/** At the press. */
export const night: ThemeConfig = {
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
